<script setup lang="ts">
import { needleNameAndType } from '#core/needle'
import { pearlBalls } from '#core/thread'
import { formatNumber } from '#core/units'
import { type ProjectWork, type RunsNeeds, STABILIZER_BESIDE_MM } from '#shared/inputs'
import { minutesWords } from '~/utils/minutesWords'

/** All that the project takes: threads against what is left, bobbins, needles, and what to buy. */
const { totals, changing, byHand, unknown, stabilizers } = defineProps<{
  totals: RunsNeeds | null
  /** Minutes of changing, and of work without a machine. */
  changing: number
  byHand: number
  /** Items of which it is not known what they take. */
  unknown: readonly ProjectWork[]
  /** By name, and how much of each. */
  stabilizers: readonly { readonly name: string; readonly mm2: number }[]
}>()
const { far, length } = useLength()
/** The same thread in needle and bobbin is one thread to buy. */
const threads = computed(() => {
  const all = totals?.threads ?? []
  const ids = [...new Set(all.map(({ thread }) => thread?.id ?? ''))]
  return ids.map(id => {
    const its = all.filter(({ thread }) => (thread?.id ?? '') === id)
    const metres = its.reduce((sum, one) => sum + one.metres, 0)
    const { thread, leftM } = its[0]!
    const shortM = leftM !== null && metres > leftM ? metres - leftM : null
    return { id, name: thread?.name ?? 'not chosen', thread, metres, leftM, shortM }
  })
})
const ballWords = ({ thread, shortM }: (typeof threads.value)[number]) => {
  if (thread?.kind !== 'pearl-cotton' || thread.tex === null || shortM === null) return ''
  const balls = pearlBalls(shortM, thread.tex)
  return balls === 1 ? ', a ball of 10 g' : `, ${balls} balls of 10 g`
}
const bobbinWords = (count: number | null) => {
  if (count === null) return 'how many it fills is not measured'
  return count === 1 ? 'one bobbin' : `${count} bobbins`
}
const needles = computed(() =>
  (totals?.needles ?? []).map(({ needle, hours, limitHours }) => {
    const after = (needle.hoursSewn ?? 0) + hours
    return {
      id: needle.id,
      name: needleNameAndType(needle),
      hours,
      isWorn: after > limitHours,
      wasWorn: (needle.hoursSewn ?? 0) >= limitHours,
      isKnown: needle.hoursSewn !== null,
    }
  }),
)
function leftWords({ leftM, shortM }: (typeof threads.value)[number]): string {
  if (leftM === null) return ', left: not measured'
  return shortM === null ? ` of ${far(leftM)}` : ` of ${far(leftM)}: ${far(shortM)} too little`
}
function wearWords({ hours, wasWorn, isWorn, isKnown }: (typeof needles.value)[number]): string {
  const LEAST_HOURS = 0.1
  const sewn = hours < LEAST_HOURS ? 'less than 0.1 h' : `${formatNumber(hours, 1)} h`
  if (wasWorn) return `${sewn}: worn already`
  if (isWorn) return `${sewn}: worn on the way`
  return isKnown ? sewn : `${sewn}, worn: not counted`
}
const shopping = computed(() => [
  ...threads.value.flatMap(one =>
    one.shortM === null ? [] : [`${one.name}: ${far(one.shortM)}${ballWords(one)}`],
  ),
  ...needles.value.filter(({ isWorn }) => isWorn).map(({ name }) => `A new ${name}`),
])
/** What is to buy stands open; the rest is looked up. */
const open = ref({ threads: false, bobbins: false, needles: false })
const bobbinCount = computed(() => (totals?.bobbins ?? []).reduce((sum, { count }) => sum + (count ?? 1), 0))
const sewing = computed(() => totals?.minutes ?? 0)
</script>

<template>
  <UCard
    as="section"
    aria-label="All it takes"
    class="grid gap-2"
  >
    <header>
      <h2>{{ minutesWords(sewing + changing + byHand) }}</h2>
      <span class="hint">all of it</span>
    </header>
    <p class="hint">
      {{ minutesWords(sewing) }} sewing, {{ minutesWords(changing) }} changing, {{ minutesWords(byHand) }} by
      hand.
      <SourceChip
        of="rule"
        about="time"
      >
        <p>Times you measured count first. The rest comes from stitches, speeds and changes.</p>
      </SourceChip>
    </p>
    <p
      v-if="unknown.length > 0"
      class="close-ink"
    >
      Not in it: {{ unknown.map(({ name }) => name).join(', ') }} (its setup is not complete, or it cannot be
      sewn).
    </p>
    <template v-if="shopping.length > 0">
      <h3>To buy</h3>
      <ul aria-label="To buy">
        <li
          v-for="words in shopping"
          :key="words"
          class="strikes-ink"
        >
          {{ words }}
        </li>
      </ul>
    </template>
    <FoldAway
      v-model:open="open.threads"
      :title="`Threads: ${threads.length}`"
    >
      <ul>
        <li
          v-for="one in threads"
          :key="one.id"
          class="line"
        >
          <span>{{ one.name }}</span>
          <span
            ><b>{{ totals?.atLeast ? 'at least ' : '' }}{{ far(one.metres) }}</b>
            <span :class="one.shortM === null ? 'hint' : 'strikes-ink'">{{ leftWords(one) }}</span></span
          >
        </li>
      </ul>
    </FoldAway>
    <FoldAway
      v-model:open="open.bobbins"
      :title="`Bobbins to wind: ${bobbinCount}`"
    >
      <ul>
        <li
          v-for="bobbin in totals?.bobbins ?? []"
          :key="bobbin.thread?.id ?? ''"
          class="line"
        >
          <span>{{ bobbin.thread?.name ?? 'not chosen' }}</span>
          <b>{{ bobbinWords(bobbin.count) }}</b>
        </li>
      </ul>
    </FoldAway>
    <FoldAway
      v-model:open="open.needles"
      :title="`Needles: ${needles.length}`"
    >
      <ul>
        <li
          v-for="needle in needles"
          :key="needle.id"
          class="line"
        >
          <span>{{ needle.name }}</span>
          <span :class="needle.isWorn ? 'close-ink' : 'hint'">{{ wearWords(needle) }}</span>
        </li>
      </ul>
    </FoldAway>
    <template v-if="stabilizers.length > 0">
      <h3>Stabilizer</h3>
      <ul>
        <li
          v-for="{ name, mm2 } in stabilizers"
          :key="name"
          class="line"
        >
          <span>{{ name }}</span>
          <span
            ><b>{{ formatNumber(Math.ceil(mm2 / 100), 0) }} cm²</b>{{ ' '
            }}<SourceChip
              of="guess"
              about="area of stabilizer"
              >{{ length(STABILIZER_BESIDE_MM) }} more on each side.</SourceChip
            ></span
          >
        </li>
      </ul>
    </template>
  </UCard>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 10px;
  padding: 3px 0;
  border-bottom: 1px solid var(--line);
}
</style>
