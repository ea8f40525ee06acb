<script setup lang="ts">
import type { Paper } from '#core/paper'

const paper = defineModel<Paper>({ required: true })
const PAPERS = [
  { value: 'a4', label: 'A4' },
  { value: 'letter', label: 'Letter' },
] as const
</script>

<template>
  <SelectField
    v-model="paper"
    label="Paper"
    :items="PAPERS"
  />
</template>
