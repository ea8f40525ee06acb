<script setup lang="ts">
import type { ImportPreview } from '#shared/backup'
import { calledOf } from '#shared/records'
import { type CodeReply, handedOver, type PhotoApi, startPhotoWorker } from '#workers/client'
import type { Fault } from '~/asking/asker'
import { useAsker } from '~/asking/useAsker'
import { useLate } from '~/asking/useLate'
import { useOfferedUnit } from './useOfferedUnit'

useHead({ title: 'Open a link or code · Lacy Spool' })
const book = useBookStore()
const route = useRoute()
const { sayStored } = useStoredWords()
const late = useLate()
const preview = shallowRef<ImportPreview | null>(null)
const { offered, takesUnit, offer, unitChanges } = useOfferedUnit()
const problem = ref('')
const pasted = ref('')
const takesMine = ref(false)

async function read(text: string): Promise<void> {
  preview.value = null
  problem.value = ''
  takesMine.value = false
  const share = await late(
    'The reader of links',
    () => import('#shared/share'),
    () => read(text),
  )
  if (!share) return
  const reading = share.readShare(text, book.tables)
  if (!reading.ok) {
    problem.value = reading.message
    return
  }
  preview.value = reading.preview
  offer(reading.unit)
}
watch(
  () => [route.hash, book.ready] as const,
  ([hash, ready]) => {
    if (ready && hash.length > 1) void read(hash)
  },
  { immediate: true },
)
watch(pasted, text => {
  if (text.trim() !== '') void read(text.includes('#') ? text : `#${text}`)
})

const asker = useAsker<PhotoApi>(startPhotoWorker)
const readPicture = async (picture: ImageBitmap): Promise<CodeReply | null> => {
  const outcome = await asker.ask(api => api.readCode(handedOver(picture)))
  if (outcome.kind === 'failed') failed.value = { file: null, fault: outcome.fault }
  return outcome.kind === 'answered' ? outcome.value : null
}
/** A photo that could not be looked at: it is still there to try again. */
const failed = shallowRef<{ readonly file: File | null; readonly fault: Fault } | null>(null)
function again(): void {
  const file = failed.value?.file
  failed.value = null
  if (file) void readPhoto(file)
}
const EMPTY = 'This file is empty: take the photo again, or choose another one.'
const NO_CODE = 'No code was found in this picture: closer, straighter, and without shadow.'
async function readPhoto(file: File): Promise<void> {
  problem.value = file.size === 0 ? EMPTY : ''
  failed.value = null
  if (problem.value) return
  const outcome = await asker.ask(api => api.readCode(file))
  if (outcome.kind === 'failed') failed.value = { file, fault: outcome.fault }
  if (outcome.kind !== 'answered') return
  const reply = outcome.value
  if (!reply.ok) problem.value = 'This picture cannot be read. Take a photo as JPEG or PNG.'
  else if (reply.words === null) problem.value = NO_CODE
  else await read(reply.words)
}

/** The ones that stand in the middle of it: others are what these need. */
const MAIN = ['projects', 'pieces', 'plans', 'swatches'] as const
const heads = computed(() => {
  const all = [...(preview.value?.added ?? []), ...(preview.value?.changed ?? [])]
  const table = MAIN.find(one => all.some(entry => entry.table === one))
  return all.filter(entry => entry.table === table).map(({ table: of, record }) => calledOf(of, record))
})
const toKeep = computed(() => {
  const { added, changed } = preview.value ?? { added: [], changed: [] }
  return takesMine.value ? [...added, ...changed] : added
})
async function keep(): Promise<void> {
  const entries = toKeep.value
  const title = heads.value.join(', ') || 'What was shared'
  const stored = book.commit(`Keep ${title}`, [
    ...entries.map(({ table, record }) => ({ table, id: record.id, record })),
    ...unitChanges.value,
  ])
  leave()
  await sayStored(`“${title}” is kept`, { kept: stored })
}
function leave(): void {
  preview.value = null
  pasted.value = ''
  if (route.hash) void navigateTo({ path: '/open', hash: '' }, { replace: true })
}
</script>

<template>
  <div>
    <StationHead />
    <div class="open">
      <UCard
        as="section"
        aria-label="A link or code"
        class="grid gap-3"
      >
        <h2>A link or code</h2>
        <p class="hint">
          From a swatch’s label, a bench card, or somebody’s link. Nothing is kept before you say so.
        </p>
        <UFormField label="Paste a link">
          <UInput
            v-model="pasted"
            autocomplete="off"
            spellcheck="false"
          />
        </UFormField>
        <CodeCamera
          :read="readPicture"
          @words="read"
        />
        <FileField
          label="Or a photo of the code"
          accept="image/*"
          @file="readPhoto"
        />
        <AskFault
          v-if="failed"
          what="The reader of codes"
          :fault="failed.fault"
          @again="again"
        />
        <p
          v-if="problem"
          class="strikes-ink"
          role="alert"
        >
          {{ problem }} Nothing was changed.
        </p>
      </UCard>
      <UCard
        v-if="preview"
        as="section"
        aria-label="What it holds"
        class="grid gap-3"
      >
        <h2>{{ heads.join(', ') || 'Nothing new' }}</h2>
        <p role="status">
          <b>{{ preview.added.length }}</b> new, <b>{{ preview.changed.length }}</b> otherwise than yours,
          <b>{{ preview.same }}</b> as you have it, <b>{{ preview.refused.length }}</b> refused.
        </p>
        <ImportLists
          :preview="preview"
          changed-title="Otherwise than yours, and in what"
        />
        <UCheckbox
          v-if="preview.changed.length > 0"
          v-model="takesMine"
          label="Replace mine by these"
        />
        <OfferedUnit
          v-model="takesUnit"
          :unit="offered"
        />
        <div class="flex flex-wrap gap-2">
          <UButton
            icon="i-lucide-check"
            :label="toKeep.length === 0 ? 'Nothing to keep' : `Keep ${toKeep.length}`"
            :disabled="toKeep.length === 0"
            @click="keep"
          />
          <UButton
            variant="outline"
            label="Leave it"
            @click="leave"
          />
        </div>
        <p class="hint">All of them or none; undo takes it back.</p>
      </UCard>
    </div>
  </div>
</template>

<style scoped>
.open {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(320px, 100%), 1fr));
  gap: 14px;
  align-items: start;
}
</style>
