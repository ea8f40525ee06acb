<script setup lang="ts">
import { ridgeArc } from '#core/pintucks'
import type { Reading } from '#core/trial'

/** A tuck cut across: the cloth between the needles as an arc over what is left of the gap. */
const { gapMm, takeUpMm, reading } = defineProps<{
  gapMm: number
  takeUpMm: number
  /** How the tuck height read on the swatch it was measured on; null: not read. */
  reading: Reading | null
}>()
const { between } = useLength()
const seam = useSeamPoints()
const WIDE_MM = 8
const TALL_MM = 3
const FOOT_MM = 2.4
const arc = computed(() => ridgeArc(gapMm, takeUpMm))
const chordMm = computed(() => gapMm - takeUpMm)
const d = computed(() => {
  if (!arc.value) return ''
  const [left, right] = [(WIDE_MM - chordMm.value) / 2, (WIDE_MM + chordMm.value) / 2]
  const { radiusMm, halfAngle } = arc.value
  const isLarge = halfAngle > Math.PI / 2 ? 1 : 0
  const over =
    radiusMm === null ? `L${right} ${FOOT_MM}` : `A${radiusMm} ${radiusMm} 0 ${isLarge} 1 ${right} ${FOOT_MM}`
  return `M0 ${FOOT_MM}L${left} ${FOOT_MM}${over}L${WIDE_MM} ${FOOT_MM}`
})
</script>

<template>
  <div
    v-if="arc"
    class="ridge"
  >
    <figure>
      <svg
        :viewBox="`0 0 ${WIDE_MM} ${TALL_MM}`"
        role="img"
        :aria-label="`Cut across: ${between(arc.heightMm)} high over ${between(chordMm)}`"
      >
        <path
          :d="d"
          fill="none"
          stroke="var(--mulberry)"
          stroke-width="0.22"
          stroke-linejoin="round"
        />
      </svg>
      <figcaption class="hint">{{ between(arc.heightMm) }} high, if it stands round (rule)</figcaption>
    </figure>
    <figure v-if="reading !== null">
      <RidgePicture
        :seam="seam"
        :reading="reading"
      />
      <figcaption class="hint">as read on the swatch</figcaption>
    </figure>
  </div>
</template>

<style scoped>
.ridge {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  align-items: end;
}
svg {
  width: 100%;
  border-radius: 8px;
  background: var(--cloth);
}
</style>
