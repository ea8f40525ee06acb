<script setup lang="ts">
import type { LengthUnit } from '#core/units'

const takes = defineModel<boolean>({ required: true })
/** null: there is nothing to choose. */
const { unit } = defineProps<{ unit: LengthUnit | null }>()
const UNIT_WORDS: Readonly<Record<LengthUnit, string>> = { mm: 'millimetres', inch: 'inches' }
</script>

<template>
  <UCheckbox
    v-if="unit"
    v-model="takes"
    :label="`Show lengths in ${UNIT_WORDS[unit]}, as the sender does`"
  />
</template>
