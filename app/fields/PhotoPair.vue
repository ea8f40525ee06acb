<script setup lang="ts">
import { putPhotos, readPhoto } from '#db/photos'
import type { Swatch } from '#shared/records'
import { type PhotoApi, startPhotoWorker } from '#workers/client'
import type { Fault } from '~/asking/asker'
import { useAsker } from '~/asking/useAsker'
import { downloadBlob } from '~/utils/download'
import { newId } from '~/utils/id'

/** Photos of the right side and the under side, scaled down and kept in this browser. */
const { photos, of, clothHex } = defineProps<{
  photos: Swatch['photos']
  /** Of the cloth they show, as far as it is known: it stands where a picture is clear. */
  clothHex: string | null
  /** What they show, for screen readers. */
  of: string
}>()
const emit = defineEmits<{ change: [side: 'front' | 'back', id: string | null] }>()
const toast = useToast()
const SIDES = [
  ['front', 'Right side'],
  ['back', 'Under side'],
] as const
const MOST_BYTES = 30_000_000
const urls = reactive<{ front: string | null; back: string | null }>({ front: null, back: null })
// Shut, it holds nothing: a book shows many of these.
const open = ref(photos.front !== null || photos.back !== null)
/** Its record points at a picture that is not in this browser. */
const isMissing = reactive({ front: false, back: false })
const problem = ref('')
const busy = ref(false)
const asker = useAsker<PhotoApi>(startPhotoWorker)
/** A photo that could not be made smaller: it is still there to try again. */
const failed = shallowRef<{
  readonly side: 'front' | 'back'
  readonly file: File
  readonly fault: Fault
} | null>(null)
watch(
  () => [photos.front, photos.back],
  async () => {
    for (const [side] of SIDES) {
      if (urls[side]) URL.revokeObjectURL(urls[side])
      const id = photos[side]
      const blob = id === null ? null : await readPhoto(id).catch(() => null)
      urls[side] = blob && URL.createObjectURL(blob)
      isMissing[side] = id !== null && blob === null
    }
  },
  { immediate: true },
)
onUnmounted(() => SIDES.forEach(([side]) => urls[side] && URL.revokeObjectURL(urls[side])))

async function add(side: 'front' | 'back', file: File): Promise<void> {
  problem.value =
    file.size > MOST_BYTES
      ? `${file.name} has ${Math.round(file.size / 1e6)} MB: a photo may have ${MOST_BYTES / 1e6}. `
        + 'Save it smaller and try again.'
      : ''
  if (problem.value) return
  failed.value = null
  busy.value = true
  const outcome = await asker.ask(api => api.scale(file, clothHex))
  busy.value = false
  if (outcome.kind === 'failed') failed.value = { side, file, fault: outcome.fault }
  if (outcome.kind !== 'answered') return
  const scaled = outcome.value
  if (!scaled.ok) {
    problem.value =
      scaled.code === 'empty'
        ? `${file.name} is empty: take the photo again, or choose another file.`
        : `${file.name} is no picture this browser can read: take a JPEG or PNG.`
    return
  }
  const id = newId('photo')
  try {
    await putPhotos([{ id, blob: scaled.blob }])
  } catch {
    // The record stays as it is; the photo is not lost.
    toast.add({
      title: 'No room for the photo',
      description: 'All else is kept. Keep the photo as a file, or make room in the browser.',
      color: 'error',
      duration: 0,
      actions: [{ label: 'Save the photo', onClick: () => downloadBlob(`${id}.jpg`, scaled.blob) }],
    })
    return
  }
  emit('change', side, id)
}
</script>

<template>
  <FoldAway
    v-model:open="open"
    title="Photos"
  >
    <div class="sides">
      <div
        v-for="[side, words] in SIDES"
        :key="side"
      >
        <img
          v-if="urls[side]"
          :src="urls[side]!"
          :alt="`${of}, ${words.toLowerCase()}`"
        />
        <p
          v-if="isMissing[side]"
          class="hint close-ink"
        >
          The photo is not in this browser: import the zip that has it, or take another.
        </p>
        <FileButton
          accept="image/*"
          icon="i-lucide-camera"
          :label="urls[side] ? 'Another' : words"
          :about="`${words} of ${of}`"
          :disabled="busy"
          @file="add(side, $event)"
        />
        <UButton
          v-if="urls[side]"
          class="out"
          variant="outline"
          color="neutral"
          icon="i-lucide-x"
          :aria-label="`Take the photo of the ${words.toLowerCase()} out`"
          @click="emit('change', side, null)"
        />
      </div>
    </div>
    <AskFault
      v-if="failed"
      :what="`The photo ${failed.file.name}`"
      :fault="failed.fault"
      @again="add(failed.side, failed.file)"
    />
    <WorkingOut
      v-else-if="busy"
      :tall="60"
      words="Making the photo smaller…"
    />
    <p
      v-if="problem"
      role="alert"
      class="hint strikes-ink"
    >
      {{ problem }}
    </p>
  </FoldAway>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.sides > div {
  position: relative;
}
img {
  width: 100%;
  height: 96px;
  object-fit: cover;
  border-radius: 8px;
  border: 1px solid var(--line);
}
.out {
  position: absolute;
  top: 4px;
  right: 4px;
}
</style>
