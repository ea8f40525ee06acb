<script setup lang="ts">
import { useDropZone } from '@vueuse/core'
import { useLate } from '~/asking/useLate'
import type { IncomingTo } from '~/composables/useIncoming'

/** A file that is dropped anywhere goes to where it is read; that page asks before it writes anything. */
const toast = useToast()
const late = useLate()
const body = shallowRef(document.body)
const { isOverDropZone } = useDropZone(body, {
  onDrop: take,
  checkValidity: items => [...items].some(({ kind }) => kind === 'file'),
})
const WHERE = {
  backup: '/files',
  stitch: '/',
  swatches: '/swatches',
  photo: '/measure-photo',
} as const
const pathOf = (to: IncomingTo) => (to in WHERE ? WHERE[to as keyof typeof WHERE] : '/workbox')

function take(files: File[] | null, { target }: DragEvent): void {
  // A field that files are dropped on takes its own.
  if ((target as Element).closest('[data-dragging]')) return
  const file = files?.[0]
  if (file) void bring(file)
}
async function bring(file: File): Promise<void> {
  const to = await readerOf(file)
  if (to === null) {
    toast.add({
      title: `${file.name} cannot be read here`,
      description: 'Drop a backup (JSON or zip), a CSV, a stitch as SVG, or a photo.',
      color: 'error',
    })
    return
  }
  sendFile(to, file)
  await navigateTo(pathOf(to))
}
async function readerOf(file: File): Promise<IncomingTo | null> {
  switch (file.name.toLowerCase().split('.').at(-1)) {
    case 'json':
    case 'zip':
      return 'backup'
    case 'svg':
      return 'stitch'
    case 'jpg':
    case 'jpeg':
    case 'png':
    case 'webp':
      return 'photo'
    case 'csv': {
      const code = await late(
        'The CSV reader',
        () => import('~/utils/tableOfCsv'),
        () => bring(file),
      )
      return code && code.tableOfCsv(await file.slice(0, MOST_HEAD_BYTES).text())
    }
    default:
      return null
  }
}
const MOST_HEAD_BYTES = 4000
</script>

<template>
  <div
    v-if="isOverDropZone"
    class="drop"
    role="status"
  >
    <p class="serif">Drop it: backup, zip, CSV, SVG or photo</p>
    <p>It opens where it is read; nothing is written yet.</p>
  </div>
</template>

<style scoped>
.drop {
  position: fixed;
  inset: 12px;
  z-index: 70;
  display: grid;
  place-content: center;
  text-align: center;
  pointer-events: none;
  background: color-mix(in srgb, var(--cloth) 92%, transparent);
  border: 3px dashed var(--mulberry);
  border-radius: 16px;
}
.serif {
  font-size: 27px;
}
</style>
