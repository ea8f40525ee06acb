<script setup lang="ts">
import type { EdgeWay } from '#core/edge'

/** The best ways side by side, with what each costs; one of them is sewn. */
const model = defineModel<number>({ required: true })
const { ways, wantedMm, lengths, biteWord } = defineProps<{
  /** What its width is called: a bite, or a width. */
  biteWord: string
  ways: readonly EdgeWay[]
  /** Stitch lengths from point to point: what the dial has is so much smaller. */
  lengths: number
  /** The bite one would like; 0: there is none. */
  wantedMm: number
}>()
const { placed } = useLength()
const chosen = computed(() => Math.min(model.value, ways.length - 1))
const changesWords = (count: number) => {
  if (count === 0) return 'one length setting'
  return count === 1 ? '1 length change' : `${count} length changes`
}
/** What sets a way apart from the best. */
function titleOf({ byHand, easedLast, widthMm, dialChanges }: EdgeWay): string {
  if (byHand) return easedLast ? 'ease the last stitch' : 'ease every side'
  if (widthMm < ways[0]!.widthMm - SMALLER_MM) return `smaller ${biteWord}`
  return changesWords(dialChanges)
}
const SMALLER_MM = 0.05
/** In its title, or with the best way, that changes the length as often. */
const isSaid = (way: EdgeWay) =>
  way.dialChanges === ways[0]!.dialChanges || titleOf(way) === changesWords(way.dialChanges)
const bulkWords = (count: number) => `${count === 0 ? 'no' : count} bulky ${count === 1 ? 'point' : 'points'}`
const unreachedWords = (count: number) => `${count === 0 ? 'no' : count} sides off the dial`
/** Each cost of a way, the same kind at the same place in all. */
const costsOf = (way: EdgeWay): string[] => [
  isSaid(way) ? '' : changesWords(way.dialChanges),
  `length ± ${inMm(way.deviationMm / lengths)}`,
  wantedMm > 0 ? `${biteWord} ${inMm(way.widthMm)}` : '',
  way.byHand ? `up to ${placed(way.missMm)} ${way.easedLast ? 'there' : 'per side'}` : '',
  bulkWords(way.bulk),
  unreachedWords(way.unreached),
]
const NONE = new Set(['', bulkWords(0), unreachedWords(0)])
/** The best says what it costs; each other way, what is otherwise with it. */
const cards = computed(() => {
  const best = costsOf(ways[0]!)
  return ways.map((way, i) => ({
    i,
    title: titleOf(way),
    costs:
      i === 0
        ? best.filter(cost => !NONE.has(cost))
        : costsOf(way).filter((cost, kind) => cost !== '' && cost !== best[kind]),
  }))
})
</script>

<template>
  <div
    class="ways"
    role="radiogroup"
    aria-label="The best ways"
  >
    <button
      v-for="card in cards"
      :key="card.i"
      type="button"
      role="radio"
      :aria-checked="card.i === chosen"
      :tabindex="card.i === chosen ? 0 : -1"
      class="way"
      @click="
        () => {
          model = card.i
        }
      "
      @keydown.right.prevent="
        () => {
          model = Math.min(ways.length - 1, chosen + 1)
        }
      "
      @keydown.left.prevent="
        () => {
          model = Math.max(0, chosen - 1)
        }
      "
    >
      <b>{{ card.i === 0 ? 'Best' : 'Or' }}: {{ card.title }}</b>
      <span
        v-for="cost in card.costs"
        :key="cost"
        class="hint"
        >{{ cost }}</span
      >
    </button>
  </div>
</template>

<style scoped>
.ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(152px, 1fr));
  gap: 8px;
}
.way {
  display: grid;
  align-content: start;
  padding: 8px 10px;
  /* As high as a title and four costs: the drawing below stays in place while one drags in it. */
  min-height: 104px;
  border: 1.5px solid var(--line-strong);
  border-radius: 10px;
  background: var(--white);
  text-align: start;
  line-height: 1.2;
}
.way[aria-checked='true'] {
  border: 2.5px solid var(--mulberry);
  padding: 7px 9px;
}
</style>
