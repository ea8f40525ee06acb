<script setup lang="ts">
/** Thread along a path, with a line round it where its cloth would hide it. */
const { d, hex, around, mm } = defineProps<{
  d: string
  hex: string
  /** null: it is seen as it is. */
  around: string | null
  /** How thick it is drawn. */
  mm: number
}>()
const AROUND_MM = 0.14
</script>

<template>
  <g
    fill="none"
    stroke-linecap="round"
    stroke-linejoin="round"
    pointer-events="none"
  >
    <path
      v-if="around"
      :d="d"
      :stroke="around"
      :stroke-width="mm + AROUND_MM"
    />
    <path
      :d="d"
      :stroke="hex"
      :stroke-width="mm"
    />
  </g>
</template>
