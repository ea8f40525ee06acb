<script setup lang="ts">
import type { Project } from '#shared/records'
import { localDay } from '~/utils/localDay'

/** What is made, how many, by when, and how much time each day of the week has. */
const { project } = defineProps<{ project: Project }>()
const emit = defineEmits<{ change: [label: string, over: Partial<Project>, field: string] }>()
const text = (field: 'name' | 'note') =>
  computed({
    get: () => project[field],
    set: (value: string) => {
      if (field === 'note' || value.trim() !== '')
        emit('change', 'Change the project', { [field]: value }, field)
    },
  })
const name = text('name')
const note = text('note')
const copies = computed({
  get: () => project.copies,
  set: value => emit('change', 'Change copies', { copies: value }, 'copies'),
})
const dueOn = computed({
  get: () => project.dueOn ?? '',
  set: day => emit('change', 'Change the due day', { dueOn: day || null }, 'dueOn'),
})
const isPast = computed(() => project.dueOn !== null && project.dueOn < localDay())
const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']
function setDay(i: number, value: number): void {
  const weekdayMinutes = project.weekdayMinutes.map((mm, k) => (k === i ? value : mm))
  emit('change', 'Change minutes a day', { weekdayMinutes }, `day-${i}`)
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Project"
    class="grid gap-2 min-w-0"
  >
    <UFormField label="What is made">
      <UInput
        v-model="name"
        maxlength="80"
        autocomplete="off"
      />
    </UFormField>
    <NumberField
      v-model="copies"
      label="How many"
      limit="copies"
      whole
    />
    <DateField
      v-model="dueOn"
      label="Due"
    />
    <p
      v-if="isPast"
      class="strikes-ink"
      role="alert"
    >
      This day is past: choose another, or none.
    </p>
    <FoldAway title="Minutes to sew, each day">
      <div class="week">
        <NumberField
          v-for="(day, i) in DAYS"
          :key="day"
          :model-value="project.weekdayMinutes[i]!"
          :label="day"
          limit="dayMinutes"
          @update:model-value="setDay(i, $event)"
        />
      </div>
    </FoldAway>
    <UFormField label="Note">
      <UTextarea
        v-model="note"
        :rows="2"
        maxlength="500"
      />
    </UFormField>
  </UCard>
</template>

<style scoped>
.week {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 8px;
}
</style>
