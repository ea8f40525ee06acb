<script setup lang="ts">
import { formatNumber, formatShort } from '#core/units'
import { drawMachine, seeded, sewRow } from '#core/simulated'
import { GOAL_FACTS, nextTension, TRIAL_GOALS, type TrialRow, usualPrior } from '#core/trial'
import { useFieldProblems } from '~/fields/fieldProblems'
import { READING_NAMES, readingWord, signed } from '~/utils/readingWords'

/**
 * A simulated machine with hidden insides: find its tension in as few rows as you can, then see how the
 * search would have gone.
 */
const { seed } = defineProps<{ seed: number }>()
const seam = useSeamPoints()
const DIAL = { min: 0, max: 9, home: 4.5, step: 0.25 } as const
const MOST = 15
const GOALS = TRIAL_GOALS.filter(goal => goal !== 'raised')
const game = computed(() => {
  const random = seeded(seed)
  const goal = GOALS[Math.floor(random() * GOALS.length)]!
  return {
    goal,
    facts: GOAL_FACTS[goal],
    machine: drawMachine(goal, DIAL, usualPrior(goal, DIAL), random),
    sewing: seeded(seed + 1),
  }
})
const rows = ref<TrialRow[]>([])
const at = ref<number>(DIAL.home)
const said = ref(false)
watch(
  () => seed,
  () => {
    rows.value = []
    at.value = DIAL.home
    said.value = false
  },
)
const { refuses } = useFieldProblems()
const last = computed(() => rows.value.at(-1) ?? null)
function sew(): void {
  if (refuses() || said.value || rows.value.length >= MOST) return
  const { ridge, show, skips, breaks } = sewRow(game.value.machine, at.value, game.value.sewing)
  rows.value = [...rows.value, { tension: at.value, ridge, show, skips, breaks }]
}
const off = computed(
  () => game.value.machine.slope * ((last.value?.tension ?? DIAL.home) - game.value.machine.goalMark),
)
/** What the search would have done on the same machine, from the rule. */
const searched = computed(() => {
  const { goal, machine } = game.value
  const random = seeded(seed + 2)
  const its: TrialRow[] = []
  for (;;) {
    const advice = nextTension({
      goal,
      dial: DIAL,
      rows: its,
      prior: usualPrior(goal, DIAL),
      care: 'careful',
    })
    if (advice.next === null)
      return { rows: its, advice, off: machine.slope * ((advice.best ?? DIAL.home) - machine.goalMark) }
    its.push(sewRow(machine, advice.next, random))
  }
})
const steps = (value: number) =>
  `${formatNumber(Math.abs(value), 1)} of a step ${value > 0 ? 'too tight' : 'too loose'}`
const why = computed(() => {
  const tensions = rows.value.map(({ tension }) => tension)
  const wrongWay = rows.value.slice(1).filter((row, i) => {
    const reading = rows.value[i]![game.value.facts.leads]
    return (
      reading !== null
      && Math.sign(row.tension - rows.value[i]!.tension) === Math.sign(reading - game.value.facts.target)
      && reading !== game.value.facts.target
    )
  }).length
  if (wrongWay > 0)
    return (
      `${wrongWay} ${wrongWay === 1 ? 'row went' : 'rows went'} the wrong way: a reading above the `
      + 'goal asks for less.'
    )
  if (tensions.length > 5) return 'Small steps cost rows: go far first, then halve on each turn.'
  return Math.abs(off.value) > 0.5
    ? 'One row at the goal is not enough. The next row may read a step more or less. Sew it once more.'
    : 'The search goes far first, then between, then once more to be sure.'
})
</script>

<template>
  <UCard
    as="section"
    aria-label="Find the tension"
  >
    <header>
      <h2>Find the tension</h2>
      <span class="hint">a dial of 0 to 9, normal tension 4.5</span>
    </header>
    <p>
      Goal: <b>{{ game.facts.name }}</b>, {{ game.facts.look }}
      <span class="hint">({{ READING_NAMES[game.facts.leads] }} {{ signed(game.facts.target) }})</span>
    </p>
    <form
      v-if="!said"
      class="sew"
      novalidate
      @submit.prevent="sew"
    >
      <div class="at">
        <NumberField
          v-model="at"
          label="Set the dial to"
          :limit="[DIAL.min, DIAL.max]"
        />
      </div>
      <UButton
        type="submit"
        label="Sew a row"
        icon="i-lucide-play"
        :disabled="rows.length >= MOST"
      />
      <UButton
        variant="outline"
        label="That is it"
        icon="i-lucide-check"
        :disabled="rows.length === 0"
        @click="
          () => {
            said = true
          }
        "
      />
    </form>
    <div
      v-if="last"
      class="seen"
    >
      <CrossingPicture
        of="faces"
        :seam="seam"
        :reading="last.show!"
      /><RidgePicture
        :seam="seam"
        :reading="last.ridge!"
      />
      <p role="status">
        Row {{ rows.length }} at <b>{{ formatShort(last.tension) }}</b><template v-if="last.breaks"
          >, the thread broke</template
        ><template v-else-if="last.skips">, stitches skipped</template>
      </p>
    </div>
    <ol
      v-if="rows.length > 0"
      class="rows"
    >
      <li
        v-for="(row, i) in rows"
        :key="i"
      >
        {{ formatShort(row.tension)
        }}<template v-if="said">: {{ readingWord(game.facts.leads, row[game.facts.leads]) }}</template>
      </li>
    </ol>
    <div
      v-if="said"
      class="result"
      role="status"
    >
      <p>
        <b>{{ Math.abs(off) <= 0.5 ? 'Found' : 'Not there yet' }}</b>: your {{ last!.tension }} after
        {{ rows.length }} {{ rows.length === 1 ? 'row' : 'rows' }} is {{ steps(off) }}. The goal lay at
        {{ formatNumber(game.machine.goalMark, 1) }}.
      </p>
      <p>
        The search: {{ searched.rows.map(({ tension }) => tension).join(', ') }};
        {{
          searched.advice.settled
            ? `settled at ${searched.advice.best} after ${searched.rows.length} rows, ${steps(searched.off)}`
            : searched.advice.reason.message
        }}.
      </p>
      <p class="hint">{{ why }}</p>
    </div>
  </UCard>
</template>

<style scoped>
.card {
  display: grid;
  gap: 8px;
  align-content: start;
}
.sew {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 10px;
}
.at {
  width: 130px;
}
.seen {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 14px;
  align-items: center;
}
.seen p {
  grid-column: 1 / -1;
}
.seen :deep(svg) {
  width: 100%;
  max-height: 190px;
}
.rows {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  list-style: decimal inside;
}
.result {
  padding: 9px 12px;
  border: 1.5px solid var(--line-strong);
  border-radius: 10px;
  background: var(--cloth);
}
</style>
