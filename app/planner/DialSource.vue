<script setup lang="ts">
import { UNKNOWN_LENGTH_DIAL } from '#core/fit'

/** Whose dial the lengths stand on. */
const { known } = defineProps<{ known: boolean }>()
</script>

<template>
  <span
    v-if="known"
    class="hint"
    >on your dial</span
  >
  <SourceChip
    v-else
    of="guess"
    about="length dial"
  >
    <p>
      Nobody described this machine’s length dial. Taken: {{ bareMm(UNKNOWN_LENGTH_DIAL.minMm) }} to
      {{ inMm(UNKNOWN_LENGTH_DIAL.maxMm) }} in steps of {{ bareMm(UNKNOWN_LENGTH_DIAL.stepMm) }}.
    </p>
  </SourceChip>
</template>
