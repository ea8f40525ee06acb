<script setup lang="ts">
import { giveOrTake } from '#core/measured'
import { type DialScale, type FitPlan, planParts, planWords } from '#core/fit'
import type { PlannedRow } from '#core/topstitch'
import type { OwnedGuide } from '#shared/inputs'

/** Every row: what guides it, and its sides with whole stitches to each corner. */
const { rows, guides, scale, isDialKnown } = defineProps<{
  rows: readonly PlannedRow[]
  /** How the planned lengths stand on the dial. */
  scale: DialScale
  guides: readonly OwnedGuide[]
  isDialKnown: boolean
}>()
const { length, bare, placed, sign } = useLength()
/** No tape is read finer. */
const shown = ref(0)
const row = computed(() => rows[Math.min(shown.value, rows.length - 1)])
const tabs = computed(() =>
  rows.map(({ atMm }, i) => ({ value: String(i), label: `Row ${i + 1}`, hint: ` ${bare(atMm)}` })),
)
const chosen = computed({
  get: () => String(Math.min(shown.value, rows.length - 1)),
  set: next => {
    shown.value = Number(next)
  },
})
const ways = computed(() =>
  [...(row.value?.guides ?? [])]
    .filter(({ reachable }) => reachable)
    .sort((a, b) => Math.abs(a.offMm) - Math.abs(b.offMm) || Math.abs(a.positionMm) - Math.abs(b.positionMm))
    .map(guide => ({
      ...guide,
      words: guides.find(({ id }) => id === guide.id)?.words ?? '',
      spreadMm: guides.find(({ id }) => id === guide.id)?.spreadMm ?? null,
    })),
)
function positionWords(mm: number): string {
  if (Math.abs(mm) < 0.005) return 'needle in the middle'
  return `needle ${inMm(Math.abs(mm))} ${mm < 0 ? 'left' : 'right'}`
}
const missWords = (mm: number) =>
  Math.abs(mm) < 0.005 ? '' : `, ${length(Math.abs(mm))} ${mm > 0 ? 'short' : 'over'}`
const planLine = (plan: FitPlan) => `${planWords(plan, bareMm, scale)}${missWords(plan.missMm)}`
const open = ref<number | null>(null)
</script>

<template>
  <UCard
    as="section"
    aria-label="Rows"
    class="grid gap-2"
  >
    <header>
      <h2>Stitches</h2>
      <DialSource :known="isDialKnown" />
    </header>
    <SegmentBar
      v-if="rows.length > 1"
      v-model="chosen"
      label="Row"
      :items="tabs"
    />
    <template v-if="row">
      <p
        v-if="row.vanished"
        class="strikes-ink"
        role="status"
      >
        <UIcon name="i-lucide-octagon-x" /> So far in there is no row: it would run into itself. Move it
        nearer to the edge.
      </p>
      <template v-else>
        <p v-if="row.needleMm.length > 1">
          Needles {{ row.needleMm.map(mm => bare(mm)).join(' and ') }} {{ sign() }} from the edge.
        </p>
        <ol class="legs">
          <li
            v-for="(leg, i) in row.legs"
            :key="i"
          >
            <UButton
              variant="ghost"
              color="neutral"
              class="leg"
              :aria-expanded="open === i"
              :disabled="leg.lengthMm <= 0"
              @click="
                () => {
                  open = open === i ? null : i
                }
              "
            >
              <span
                ><b>Side {{ i + 1 }}</b> <span class="hint long">{{ placed(leg.lengthMm) }}</span></span
              >
              <CountedStitches
                v-if="row.plans[i]![0]"
                :parts="planParts(row.plans[i]![0]!, bareMm, scale)"
              />
              <span
                v-else
                class="close-ink"
                >{{ leg.lengthMm > 0 ? 'nothing lands' : 'passed by' }}</span
              >
            </UButton>
            <ul
              v-if="open === i"
              class="ways"
            >
              <li
                v-for="(plan, at) in row.plans[i]"
                :key="at"
              >
                {{ planLine(plan) }}
                <span class="hint"
                  >{{ plan.marks === 1 ? 'one mark' : 'two marks' }}, {{ inMm(plan.deviationMm) }} from the
                  length wanted{{ at === 0 ? '; taken' : '' }}</span
                >
              </li>
              <li
                v-if="row.plans[i]!.length === 0"
                class="hint"
              >
                No dial setting ends near enough. Allow more tolerance, or turn where the last stitch falls.
              </li>
            </ul>
          </li>
        </ol>
      </template>
      <h3 class="serif">What guides it</h3>
      <ul v-if="ways.length > 0">
        <li
          v-for="way in ways.slice(0, 4)"
          :key="way.id"
        >
          <b>{{ way.words }}</b>: {{ positionWords(way.positionMm)
          }}<span
            v-if="Math.abs(way.offMm) >= 0.005"
            class="hint"
            >, {{ length(Math.abs(way.offMm)) }} off by its steps</span
          ><span
            v-if="way.spreadMm !== null"
            class="hint"
            >, known to ± {{ inMm(giveOrTake({ value: 0, spread: way.spreadMm })) }}</span
          >
        </li>
      </ul>
      <p
        v-else
        class="hint"
      >
        None of your feet guides this row. Measure a foot in the workbox, or follow a chalk line.
      </p>
    </template>
  </UCard>
</template>

<style scoped>
.leg b {
  white-space: nowrap;
}
/* Below its side’s name: the stitches have the width. */
.leg .long {
  display: block;
}
.leg {
  width: 100%;
  text-align: start;
  justify-content: space-between;
  border-bottom: 1px solid var(--line);
}
.ways {
  padding: 4px 0 8px 14px;
}
</style>
