<script setup lang="ts">
import { CalendarDate, parseDate } from '@internationalized/date'
import { ConfigProvider } from 'reka-ui'

/** A day, typed part by part or chosen from the calendar; as text it is `2026-11-27`, empty without one. */
const model = defineModel<string>({ required: true })
const { label } = defineProps<{ label: string }>()
const day = computed({
  get: () => (model.value === '' ? undefined : parseDate(model.value)),
  set: now => {
    model.value = now ? new CalendarDate(now.year, now.month, now.day).toString() : ''
  },
})
const open = ref(false)
/** Day, month and year stand as the reader writes them. */
const { locale } = new Intl.DateTimeFormat().resolvedOptions()
</script>

<template>
  <ConfigProvider :locale="locale">
    <UFormField :label="label">
      <UFieldGroup class="flex w-full flex-nowrap">
        <UInputDate
          v-model="day"
          class="flex-1"
        />
        <UPopover
          v-model:open="open"
          :ui="{ content: 'w-auto' }"
        >
          <UButton
            variant="outline"
            color="neutral"
            icon="i-lucide-calendar"
            :aria-label="`${label}: calendar`"
          />
          <template #content>
            <UCalendar
              v-model="day"
              @update:model-value="open = false"
            />
          </template>
        </UPopover>
      </UFieldGroup>
    </UFormField>
  </ConfigProvider>
</template>
