<script setup lang="ts">
import type { Reminder } from '../reminder'
import { useLate } from '~/asking/useLate'
import { download } from '~/utils/download'

/** A calendar file for what is easily forgotten. */
const care = useCareStore()
const toast = useToast()
const WHAT = [
  { value: 'clean', label: 'Clean and oil' },
  { value: 'needle', label: 'Look at the needle' },
  { value: 'backup', label: 'Back up the book' },
] as const
const REPEATS = [
  { value: 'once', label: 'once' },
  { value: 'weekly', label: 'weekly' },
  { value: 'monthly', label: 'monthly' },
] as const
const what = ref<(typeof WHAT)[number]['value']>('clean')
const repeat = ref<Reminder['repeat']>('monthly')
const late = useLate()
const IN_A_MONTH_MS = 30 * 86_400_000
const twoDigits = (value: number) => String(value).padStart(2, '0')
const localDay = (moment: Date) =>
  [moment.getFullYear(), twoDigits(moment.getMonth() + 1), twoDigits(moment.getDate())].join('-')
const day = ref(localDay(new Date(Date.now() + IN_A_MONTH_MS)))
const problem = computed(() => (/^\d{4}-\d{2}-\d{2}$/.test(day.value) ? '' : 'Day: choose a date.'))
const SAID = {
  clean: () => ({
    title: `Clean and oil ${care.machine?.name ?? 'the machine'}`,
    description: 'Lint under the plate and round the hook; oil only where the machine’s manual says.',
  }),
  needle: () => ({
    title: 'Look at the needle in use',
    description: 'About 8 hours of sewing, sooner after metallic. Bent, burred or sticky: into the tin.',
  }),
  backup: () => ({ title: 'Back up Lacy Spool', description: 'Files, Export everything.' }),
} as const

async function save(): Promise<void> {
  if (problem.value) return
  const code = await late('The calendar file', () => import('../reminder'), save)
  if (!code) return
  try {
    download(
      'lacy-spool-reminder.ics',
      'text/calendar',
      code.reminderFile([{ ...SAID[what.value](), day: day.value, repeat: repeat.value }]),
    )
  } catch {
    toast.add({
      title: 'No calendar file was made',
      description: 'Choose another day and try again.',
      color: 'error',
    })
  }
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Reminder"
  >
    <header><h2>Remind me</h2></header>
    <SelectField
      v-model="what"
      label="Of what"
      :items="WHAT"
    />
    <div class="fields">
      <DateField
        v-model="day"
        label="Day"
      />
      <SelectField
        v-model="repeat"
        label="How often"
        :items="REPEATS"
      />
    </div>
    <p
      v-if="problem"
      role="alert"
      class="hint strikes-ink"
    >
      {{ problem }}
    </p>
    <UButton
      variant="outline"
      icon="i-lucide-calendar-plus"
      label="Calendar file"
      :disabled="problem !== ''"
      @click="save"
    />
  </UCard>
</template>

<style scoped>
.card {
  display: grid;
  gap: 8px;
}
.fields {
  display: grid;
  gap: 10px;
}
.date {
  width: 100%;
  min-height: 44px;
  padding: 6px 10px;
  font: inherit;
  color: var(--ink);
  background: var(--white);
  border: 1.5px solid var(--line-strong);
  border-radius: 8px;
}
</style>
