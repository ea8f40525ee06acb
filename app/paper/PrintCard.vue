<script setup lang="ts">
import type { BenchCard } from '#core/card'
import { cardSheet, labelSheets, type Paper } from '#core/sheet'
import { dayOf } from '~/utils/dates'

/** The card for the machine's side and labels to pin to swatches, as PDF at true size. */
const { card } = defineProps<{ card: BenchCard }>()
const bench = useBenchStore()
const { paper, savePdf } = useSheetFiles()
const open = ref(false)
const count = ref<number | null>(6)
const MOST_LABELS = 200
const problem = computed(() =>
  count.value !== null && Number.isInteger(count.value) && count.value >= 1 && count.value <= MOST_LABELS
    ? ''
    : `Labels must be a whole number from 1 to ${MOST_LABELS}.`,
)
const heading = (on: Paper) => ({
  title: bench.parts.machine?.name ?? 'Bench card',
  date: dayOf(new Date().toISOString()),
  paper: on,
})
const saveCard = () => savePdf('bench-card', on => [cardSheet(card, heading(on))])
const saveLabels = () =>
  savePdf('labels', on =>
    labelSheets(
      Array.from({ length: count.value! }, () => ({ card, ...heading(on) })),
      on,
    ),
  )
</script>

<template>
  <PopPanel
    v-model:open="open"
    label="Print"
    align="end"
  >
    <template #default="{ target }">
      <UButton
        variant="outline"
        icon="i-lucide-printer"
        label="Print"
        :popovertarget="target"
      />
    </template>
    <template #content>
      <h2 class="serif text-xl mb-2">On paper, at true size</h2>
      <div class="grid gap-3">
        <PaperField v-model="paper" />
        <UButton
          icon="i-lucide-file-down"
          label="Card, A6 to cut out (PDF)"
          @click="saveCard"
        />
        <NumberField
          v-model="count"
          label="Labels to pin to swatches"
        />
        <p
          v-if="problem"
          role="alert"
          class="hint strikes-ink"
        >
          {{ problem }}
        </p>
        <UButton
          variant="outline"
          icon="i-lucide-file-down"
          label="Labels (PDF)"
          :disabled="problem !== ''"
          @click="saveLabels"
        />
        <p class="hint">
          Print at 100 %, not fitted to the page. Each page has a line that must measure 50 mm.
        </p>
      </div>
    </template>
  </PopPanel>
</template>
