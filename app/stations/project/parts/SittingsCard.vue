<script setup lang="ts">
import type { Sittings } from '#core/project'
import { download } from '~/utils/download'
import { minutesWords } from '~/utils/minutesWords'
import { fileNameOf } from '~/utils/fileName'
import { sittingsFile } from '../sittingsFile'

/** When it will be done, a day at a time, and what no longer fits. */
const { plan, title, dueOn, names } = defineProps<{
  plan: Sittings
  title: string
  dueOn: string | null
  /** Of each item, in their order. */
  names: readonly string[]
}>()
const open = ref(false)
const MOST_SHOWN = 8
const DAY = { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' } as const
const THIS_YEAR = new Intl.DateTimeFormat(undefined, DAY)
const OTHER_YEAR = new Intl.DateTimeFormat(undefined, { ...DAY, year: 'numeric' })
const yearOf = (day: string) => day.slice(0, 4)
/** A day in another year than the first sitting's says which. */
function dayWords(day: string): string {
  const first = plan.sittings[0]?.day ?? plan.doneOn
  const format = first && yearOf(first) !== yearOf(day) ? OTHER_YEAR : THIS_YEAR
  return format.format(Date.parse(`${day}T00:00:00Z`))
}
const FEW = 2
function partsWords(parts: Sittings['sittings'][number]['parts']): string {
  const said = parts.slice(0, FEW).map(({ item }) => names[item]!)
  const more = parts.length - said.length
  return more > 0 ? `${said.join(', ')} and ${more} more` : said.join(', ')
}
const lateNames = computed(() => plan.lateItems.map(i => names[i]!).join(', '))
function save(): void {
  const text = sittingsFile(title, plan.sittings, item => names[item] ?? '')
  download(`${fileNameOf(title)}.ics`, 'text/calendar', text)
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Sittings"
    class="grid gap-2"
  >
    <header>
      <h2>{{ plan.doneOn ? `Done ${dayWords(plan.doneOn)}` : 'Sittings' }}</h2>
      <span
        v-if="dueOn"
        class="hint"
        >due {{ dayWords(dueOn) }}</span
      >
    </header>
    <p
      v-if="plan.lateMinutes > 0"
      class="strikes-ink"
      role="status"
    >
      {{ minutesWords(plan.lateMinutes) }} no longer fit{{ dueOn ? ` before ${dayWords(dueOn)}` : '' }}:
      {{ lateNames }}. More minutes a day, or fewer pieces.
    </p>
    <FoldAway
      v-model:open="open"
      title="Day by day"
    >
      <ul>
        <li
          v-for="sitting in plan.sittings.slice(0, MOST_SHOWN)"
          :key="sitting.day"
          class="line"
        >
          <b>{{ dayWords(sitting.day) }}</b>
          <span class="hint">{{ minutesWords(sitting.minutes) }}</span>
          <span class="parts">{{ partsWords(sitting.parts) }}</span>
        </li>
      </ul>
      <p
        v-if="plan.sittings.length > MOST_SHOWN"
        class="hint"
      >
        And {{ plan.sittings.length - MOST_SHOWN }} more days.
      </p>
    </FoldAway>
    <UButton
      variant="outline"
      icon="i-lucide-calendar-plus"
      label="As a calendar file"
      class="justify-self-start"
      :disabled="plan.sittings.length === 0"
      @click="save"
    />
  </UCard>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 10px;
  padding: 3px 0;
  border-bottom: 1px solid var(--line);
}
.parts {
  grid-column: 1 / -1;
}
</style>
