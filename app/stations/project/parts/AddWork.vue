<script setup lang="ts">
import { newestFirst } from '#shared/fields'
import { pieceName, PLAIN_STEPS, type ProjectItem } from '#shared/records'
import { useFieldProblems } from '~/fields/fieldProblems'
import { KIND_WORDS } from '../projectWords'

/** Pieces and work without a machine, to be put into the project. */
const { isFull } = defineProps<{ isFull: boolean }>()
const emit = defineEmits<{ add: [work: ProjectItem['work']] }>()
const book = useBookStore()
const NONE = { value: '', label: 'choose one' }
const pieces = computed(() => [
  NONE,
  ...newestFirst(book.shelf.pieces.values(), ({ begunAt }) => begunAt ?? '').map(piece => ({
    value: piece.id,
    label: `${pieceName(piece)}, ${KIND_WORDS[piece.plan.kind]}`,
  })),
])
const chosen = (add: (id: string) => ProjectItem['work']) =>
  computed({
    get: () => '',
    set: (id: string) => {
      if (id) emit('add', add(id))
    },
  })
const piece = chosen(pieceId => ({ kind: 'piece', pieceId }))

const STEP_LABELS = { cut: 'Cut', fuse: 'Fuse', press: 'Press', other: 'Something else' } as const
const steps = PLAIN_STEPS.map(value => ({ value, label: STEP_LABELS[value] }))
const step = ref<(typeof PLAIN_STEPS)[number]>('cut')
const words = ref('')
const minutes = ref(15)
const { refuses } = useFieldProblems()
function addPlain(): void {
  if (refuses()) return
  const said = words.value.trim() || STEP_LABELS[step.value]
  emit('add', { kind: 'plain', step: step.value, words: said, minutes: minutes.value })
  words.value = ''
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Add work"
    class="grid gap-2"
  >
    <h2>Add work</h2>
    <p
      v-if="isFull"
      class="hint"
    >
      A project has at most 40: begin another for the rest.
    </p>
    <template v-else>
      <SelectField
        v-model="piece"
        label="A piece"
        :items="pieces"
      />
      <FoldAway title="Work without a machine">
        <div class="grid gap-2">
          <div class="pair">
            <SelectField
              v-model="step"
              label="What it is"
              :items="steps"
            />
            <NumberField
              v-model="minutes"
              label="Minutes"
              limit="jobMinutes"
            />
          </div>
          <UFormField label="In words">
            <UInput
              v-model="words"
              maxlength="80"
              autocomplete="off"
              placeholder="cut out the collar"
            />
          </UFormField>
          <UButton
            variant="outline"
            icon="i-lucide-plus"
            label="Add it"
            class="justify-self-start"
            @click="addPlain"
          />
        </div>
      </FoldAway>
    </template>
  </UCard>
</template>
