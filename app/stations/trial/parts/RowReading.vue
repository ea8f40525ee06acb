<script setup lang="ts">
import { GOAL_FACTS, type Reading, type ReadingName } from '#core/trial'
import { READING_NAMES, readingWord, signed } from '~/utils/readingWords'

/** The two readings of a row, one after the other, the goal's first; what was read can be changed. */
const seen = defineModel<Record<ReadingName, Reading | null>>({ required: true })
const trial = useTrialStore()
const seam = useSeamPoints()
const facts = computed(() => GOAL_FACTS[trial.goal])
const names = computed<readonly ReadingName[]>(() =>
  facts.value.leads === 'show' ? ['show', 'ridge'] : ['ridge', 'show'],
)
/** What is asked now; null: both were answered, or left out. */
const asked = ref<ReadingName | null>(names.value.find(name => seen.value[name] === null) ?? null)
watch(names, ([leading]) => {
  asked.value = leading!
})
const LEGENDS = {
  show: 'Which thread shows where?',
  ridge: 'How does the cloth lie between the rows?',
} as const
const VIEWS = {
  show: 'Enlarged: from the side, right side, wrong side.',
  ridge: 'The cloth cut across, enlarged.',
} as const
const target = (name: ReadingName) => (facts.value.leads === name ? facts.value.target : null)
/** In the order of names. */
const pickers = useTemplateRef<{ focus: () => void }[]>('pickers')
const picker = () => (asked.value ? pickers.value?.[names.value.indexOf(asked.value)] : undefined)
const emit = defineEmits<{ read: [] }>()
async function ask(name: ReadingName | null): Promise<void> {
  asked.value = name
  await nextTick()
  if (name) picker()?.focus()
  else emit('read')
}
const after = (name: ReadingName) => names.value[names.value.indexOf(name) + 1] ?? null
function choose(name: ReadingName, reading: Reading): void {
  seen.value = { ...seen.value, [name]: reading }
  const next = after(name)
  void ask(next && seen.value[next] === null ? next : null)
}
function leaveOut(name: ReadingName): void {
  seen.value = { ...seen.value, [name]: null }
  void ask(after(name))
}
const longOf = (name: ReadingName) => readingWord(name, seen.value[name])
const shortOf = (name: ReadingName) => (seen.value[name] === null ? 'not read' : signed(seen.value[name]))
/** What was asked already. */
const read = computed(() => {
  const isLater = (name: ReadingName) => asked.value === names.value[0] && name === names.value[1]
  return names.value.filter(name => name !== asked.value && (seen.value[name] !== null || !isLater(name)))
})
defineExpose({ focus: () => picker()?.focus() })
</script>

<template>
  <div class="reading">
    <div class="read">
      <UButton
        v-for="name in read"
        :key="name"
        variant="outline"
        color="neutral"
        size="sm"
        :icon="seen[name] === null ? 'i-lucide-circle-dashed' : 'i-lucide-check'"
        :aria-label="`${READING_NAMES[name]} ${shortOf(name)}, ${longOf(name)}. Read it again`"
        @click="ask(name)"
      >
        {{ READING_NAMES[name] }}
        <b>{{ shortOf(name) }}</b>
      </UButton>
    </div>
    <template v-if="asked">
      <p class="asked">
        <b>{{ LEGENDS[asked] }}</b>
        <span class="hint">{{ VIEWS[asked] }}</span>
      </p>
      <!-- Both stand ready, one upon the other: the second question's drawings are there at once. -->
      <div class="stack">
        <ReadingPicker
          v-for="name in names"
          :key="name"
          ref="pickers"
          :class="{ away: name !== asked }"
          :away="name !== asked"
          :name="name"
          :legend="`${READING_NAMES[name]}: ${LEGENDS[name]}`"
          :seam="seam"
          :target="target(name)"
          :chosen="seen[name]"
          @choose="choose(name, $event)"
        >
          <UButton
            variant="ghost"
            color="neutral"
            size="sm"
            class="justify-center"
            label="Not read"
            :tabindex="name === asked ? undefined : -1"
            :aria-label="`${READING_NAMES[name]} not read`"
            @click="leaveOut(name)"
          />
        </ReadingPicker>
      </div>
    </template>
  </div>
</template>

<style scoped>
.reading {
  display: grid;
  gap: 6px;
}
.read {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.read:empty {
  display: none;
}
.stack {
  display: grid;
  overflow: clip;
  overflow-clip-margin: 6px;
}
.stack > * {
  grid-area: 1 / 1;
  min-width: 0;
}
/* Moved, not hidden: hiding would style each of some three hundred parts of drawings anew. */
.away {
  transform: translateX(200vw);
}
.asked {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 10px;
}
</style>
