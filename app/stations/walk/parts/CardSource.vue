<script setup lang="ts">
import type { CardField } from '#core/card'

/** Where a number of the bench card comes from; nothing where nobody knows. Its letters follow the card's. */
defineProps<{ field: CardField }>()
</script>

<template>
  <SourceChip
    v-if="field.source"
    class="on-card"
    :of="field.source.of"
    :about="field.label"
  >
    <p>{{ field.source.why }}</p>
  </SourceChip>
</template>

<style scoped>
.on-card :deep(.chip) {
  font-size: max(14px, 0.75em);
  line-height: 1.4;
}
</style>
