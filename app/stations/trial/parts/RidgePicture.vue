<script setup lang="ts">
import type { Reading } from '#core/trial'
import type { SeamPoints } from '#core/seam'

/** The cloth cut across the seam: slack, flat or standing up between the rows. */
const { seam, reading } = defineProps<{ seam: SeamPoints; reading: Reading }>()
const BASE = 26
/** Where the rows stand, left to right; one needle pulls the cloth up round itself. */
const rows = computed(() => (seam.blades.length > 1 ? [28, 56] : [42]))
const d = computed(() => {
  const up = Math.max(0, reading) * 5.5
  const [left, right] = [rows.value[0]!, rows.value.at(-1)!]
  const middle = (left + right) / 2
  // Slack cloth lies in little waves; tight cloth stands up between the rows and is drawn in beside them.
  const slack = Math.max(0, -reading) * 2.2
  const between =
    right > left
      ? `Q${middle} ${BASE - 2 * up + 2 * slack} ${right} ${BASE}`
      : `Q${middle} ${BASE - up} ${right + 0.01} ${BASE}`
  const side = (from: number, to: number) =>
    `Q${(3 * from + to) / 4} ${BASE - slack * 1.6} ${(from + to) / 2} ${BASE + up * 0.12} `
    + `Q${(from + 3 * to) / 4} ${BASE + slack * 1.6} ${to} ${BASE}`
  return `M2 ${BASE} ${side(2, left)} ${between} ${side(right, 82)}`
})
</script>

<template>
  <svg
    viewBox="0 0 84 40"
    aria-hidden="true"
  >
    <path
      :d="d"
      fill="none"
      stroke="var(--line-strong)"
      stroke-width="5.5"
      stroke-linejoin="round"
    />
    <path
      :d="d"
      fill="none"
      :stroke="seam.cloth"
      stroke-width="4"
      stroke-linejoin="round"
    />
    <circle
      v-for="(x, i) in rows"
      :key="x"
      :cx="x"
      cy="25"
      r="2.4"
      :fill="seam.blades[seam.blades.length > 1 && i > 0 ? seam.blades.length - 1 : 0]!.colour"
      stroke="var(--ink)"
      stroke-width="0.6"
    />
    <path
      v-if="rows.length > 1"
      :d="`M${rows[0]} 31 H${rows[1]}`"
      stroke="var(--ink)"
      stroke-width="3"
    />
    <path
      v-if="rows.length > 1"
      :d="`M${rows[0]} 31 H${rows[1]}`"
      :stroke="seam.bobbin"
      stroke-width="1.6"
    />
  </svg>
</template>
