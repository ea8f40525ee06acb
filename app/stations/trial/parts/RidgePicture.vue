<script setup lang="ts">
import type { SeamPoints } from '#core/seam'
import { tuckShapeOf } from '#core/trial'

/** The cloth cut across the rows, enlarged: slack, flat or standing up. In mm. */
const { seam, reading } = defineProps<{
  seam: SeamPoints
  /** In steps, −3 to 3. */
  reading: number
}>()
const HALF_WIDE = 2
const TALL = 2.9
const FLAT = 2.1
const CLOTH = 0.45
const THREAD = 0.32
/** A wide gap is drawn as wide as the picture has room for. */
const MOST_GAP = 2.2
const shape = computed(() => tuckShapeOf(reading, seam.gapMm))
const rows = computed(() => {
  const half = Math.min(MOST_GAP, seam.gapMm) / 2
  return half > 0 ? [-half, half] : [0]
})
const d = computed(() => {
  const { heightMm, waveMm } = shape.value
  const [left, right] = [rows.value[0]!, rows.value.at(-1)!]
  // A curve reaches half as high as what pulls it.
  const between =
    right > left
      ? `C${left} ${FLAT - heightMm * 1.33} ${right} ${FLAT - heightMm * 1.33} ${right} ${FLAT}`
      : `Q0 ${FLAT - heightMm} 0.01 ${FLAT}`
  const side = (from: number, to: number) => {
    const middle = (from + to) / 2
    return (
      `Q${(from + middle) / 2} ${FLAT - waveMm} ${middle} ${FLAT}`
      + `Q${(middle + to) / 2} ${FLAT + waveMm} ${to} ${FLAT}`
    )
  }
  const [outLeft, outRight] = [`M${-HALF_WIDE} ${FLAT}`, HALF_WIDE]
  return `${outLeft}${side(-HALF_WIDE, left)}${between}${side(right, outRight)}`
})
const under = FLAT + CLOTH / 2 + THREAD / 2
</script>

<template>
  <svg
    :viewBox="`${-HALF_WIDE} 0 ${2 * HALF_WIDE} ${TALL}`"
    aria-hidden="true"
  >
    <InTurn>
      <path
        :d="`M${-HALF_WIDE} ${FLAT}H${HALF_WIDE}`"
        stroke="var(--line-strong)"
        stroke-width="0.05"
        stroke-dasharray="0.16 0.12"
      />
      <path
        :d="d"
        fill="none"
        stroke="var(--line-strong)"
        :stroke-width="CLOTH + 0.1"
        stroke-linejoin="round"
      />
      <path
        :d="d"
        fill="none"
        :stroke="seam.cloth"
        :stroke-width="CLOTH"
        stroke-linejoin="round"
      />
      <path
        v-if="rows.length > 1"
        :d="`M${rows[0]} ${under}H${rows[1]}`"
        stroke="var(--ink)"
        :stroke-width="THREAD + 0.08"
        stroke-linecap="round"
      />
      <path
        v-if="rows.length > 1"
        :d="`M${rows[0]} ${under}H${rows[1]}`"
        :stroke="seam.bobbinApart"
        :stroke-width="THREAD"
        stroke-linecap="round"
      />
      <circle
        v-for="(x, i) in rows"
        :key="x"
        :cx="x"
        :cy="FLAT - CLOTH / 2"
        :r="THREAD / 2 + 0.04"
        :fill="seam.blades[i > 0 ? seam.blades.length - 1 : 0]!.colour"
        stroke="var(--ink)"
        stroke-width="0.06"
      />
    </InTurn>
  </svg>
</template>
