<script setup lang="ts">
import { scaledPiece } from '#shared/inputs'
import { type Piece, pieceName, TABLES } from '#shared/records'
import { useFieldProblems } from '~/fields/fieldProblems'
import { newId } from '~/utils/id'

/** Another piece like this one, as large or of another size. */
const { piece } = defineProps<{ piece: Piece }>()
const emit = defineEmits<{ done: [] }>()
const book = useBookStore()
const { sayStored } = useStoredWords()
const LEAST_PERCENT = 5
const MOST_PERCENT = 1000
const MOST_BEFORE_COPY = 73
const percent = ref(100)
const { refuses } = useFieldProblems()
const record = computed<Piece>(() => ({
  ...scaledPiece(piece, percent.value),
  id: newId('piece'),
  name: `${pieceName(piece).slice(0, MOST_BEFORE_COPY)} (copy)`,
  sewn: 0,
  photos: { front: null, back: null },
}))
/** A length that leaves its range, by the path to its field; empty: none. */
const problem = computed(() => {
  const [issue] = TABLES.pieces.schema.safeParse(record.value).error?.issues ?? []
  return issue
    ? `At ${percent.value} % it is no piece any more: ${String(issue.path.at(-1))} ${issue.message}.`
    : ''
})
function duplicate(): void {
  if (refuses() || problem.value) return
  const { id, name } = record.value
  const kept = book.commit(`Duplicate ${pieceName(piece)}`, [
    { table: 'pieces', id, record: { ...record.value, begunAt: new Date().toISOString() } },
  ])
  emit('done')
  void sayStored(`“${name}” is kept`, { kept })
}
</script>

<template>
  <UModal
    :open="true"
    title="Duplicate"
    :description="`Another piece like “${pieceName(piece)}”.`"
    @update:open="emit('done')"
  >
    <template #body>
      <form
        class="grid gap-3"
        novalidate
        @submit.prevent="duplicate"
      >
        <NumberField
          v-model="percent"
          label="Scale, in %"
          :limit="[LEAST_PERCENT, MOST_PERCENT]"
        />
        <p class="hint">Its shape and tucks scale. Stitch, spacing and distance of rows stay as they are.</p>
        <p
          v-if="problem"
          role="alert"
          class="strikes-ink"
        >
          {{ problem }}
        </p>
        <UButton
          type="submit"
          icon="i-lucide-copy"
          label="Duplicate"
          class="justify-self-start"
        />
      </form>
    </template>
  </UModal>
</template>
