<script setup lang="ts">
import { EDGE_MARGIN_MM, gapForRibbonMm, holdOf, ribbonMarginMm } from '#core/band'
import { needleName } from '#core/needle'
import type { BandAnswer } from '#shared/inputs'
import type { BandPiece } from '#shared/records'
import { holdWords, hundredth } from '../bandWords'

/** How the band lies on what it is sewn over, and which twin of one’s own holds both edges in one pass. */
const { ribbon, answer } = defineProps<{
  ribbon: NonNullable<BandPiece['ribbon']>
  answer: BandAnswer
}>()
const emit = defineEmits<{ twin: [id: string] }>()
const book = useBookStore()
const { between } = useLength()
const isCord = computed(() => ribbon.kind === 'cord')
const margin = computed(() => answer.ribbon!)
const marginWords = computed(() => {
  const mm = between(Math.abs(margin.value.marginMm))
  return margin.value.marginMm >= 0 ? `${mm} on each side` : `${mm} over on each side`
})
/** Straight rows along a ribbon’s edges; over a cord they stand beside it. */
const twins = computed(() =>
  [...book.shelf.needles.values()]
    .filter(({ construction }) => construction === 'twin')
    .map(needle => {
      const marginMm = ribbonMarginMm(ribbon.wideMm, needle.gapMm)
      const hold = holdOf(marginMm)
      return {
        id: needle.id,
        name: needleName(needle),
        marginMm,
        hold,
        fits: isCord.value ? hold === 'over' : hold === 'holds',
      }
    })
    .sort((a, b) => Number(b.fits) - Number(a.fits) || a.marginMm - b.marginMm),
)
const fitting = computed(() => twins.value.filter(({ fits }) => fits))
const wantedGap = computed(() => {
  const { least, most } = EDGE_MARGIN_MM
  return [gapForRibbonMm(ribbon.wideMm, 0, most), gapForRibbonMm(ribbon.wideMm, 0, least)] as const
})
</script>

<template>
  <UCard
    as="section"
    aria-label="Ribbon"
    class="grid gap-2"
  >
    <header>
      <h2>{{ marginWords }}</h2>
    </header>
    <p>As it is now: {{ holdWords(margin.hold, isCord) }}.</p>
    <h3>Straight rows in one pass, with a twin</h3>
    <p
      v-if="fitting.length === 0"
      class="hint"
    >
      None of your twins {{ isCord ? 'stands on both sides of it' : 'holds both edges' }}.
      <template v-if="!isCord && wantedGap[1] > 0"
        >A gap of {{ inMm(Math.max(0, hundredth(wantedGap[0]))) }} to
        {{ inMm(hundredth(wantedGap[1])) }} would.</template
      >
    </p>
    <ul class="grid gap-1">
      <li
        v-for="twin in fitting"
        :key="twin.id"
        class="line"
      >
        <UButton
          size="sm"
          variant="outline"
          :label="twin.name"
          @click="emit('twin', twin.id)"
        />
        <span class="hint"
          >{{ between(Math.abs(twin.marginMm)) }}
          {{ twin.marginMm >= 0 ? 'inside each edge' : 'beside it' }}</span
        >
      </li>
    </ul>
    <p class="hint">
      {{ between(EDGE_MARGIN_MM.least) }} to {{ between(EDGE_MARGIN_MM.most) }} inside holds an edge{{ ' '
      }}<SourceChip
        of="guess"
        about="what holds an edge"
        >A guess of our own. Sew a hand’s length and look.</SourceChip
      >
    </p>
  </UCard>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
</style>
