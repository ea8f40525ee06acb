<script setup lang="ts">
import { type FormTable, RECORD_FORMS } from './recordForms'

/** Adds or changes one record over the page one is on. */
const { table, title, record } = defineProps<{
  table: FormTable
  title: string
  /** null: it is shut. */
  record: object | 'new' | null
}>()
const emit = defineEmits<{ done: [id: string | null] }>()
</script>

<template>
  <UModal
    :open="record !== null"
    :title="title"
    description="What you do not know stays “not measured”."
    @update:open="emit('done', null)"
  >
    <template #body>
      <component
        :is="RECORD_FORMS[table]"
        :record="record === 'new' ? null : record"
        @done="emit('done', $event)"
      />
    </template>
  </UModal>
</template>
