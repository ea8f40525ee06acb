<script setup lang="ts">
import type { BenchCard } from '#core/card'
import { cardSheet, labelSheets, type Paper } from '#core/sheet'
import { dayOf } from '~/utils/dates'
import { downloadBlob } from '~/utils/download'

/** The card for the machine's side and labels to pin to swatches, as PDF at true size. */
const { card } = defineProps<{ card: BenchCard }>()
const bench = useBenchStore()
const toast = useToast()
const open = ref(false)
const paper = ref<Paper>('a4')
const count = ref<number | null>(6)
const MOST_LABELS = 200
const problem = computed(() => (count.value !== null && Number.isInteger(count.value) && count.value >= 1 && count.value <= MOST_LABELS ? '' : `Labels must be a whole number from 1 to ${MOST_LABELS}.`))
const heading = () => ({ title: bench.parts.machine?.name ?? 'Bench card', date: dayOf(new Date().toISOString()), paper: paper.value })

async function save(name: string, sheets: () => Parameters<(typeof import('~/utils/sheetPdf'))['sheetsToPdf']>[0]): Promise<void> {
  try {
    const { sheetsToPdf } = await import('~/utils/sheetPdf')
    downloadBlob(name, sheetsToPdf(sheets()))
  }
  catch {
    toast.add({ title: 'The PDF could not be made', description: 'Load the app once more while the server answers, then try again.', color: 'error' })
  }
}
const saveCard = () => save('bench-card.pdf', () => [cardSheet(card, heading())])
const saveLabels = () => save('labels.pdf', () => labelSheets(Array.from({ length: count.value! }, () => ({ card, ...heading() })), paper.value))
</script>

<template>
  <PopPanel v-model:open="open" label="Print" align="end">
    <template #default="{ target }">
      <button type="button" class="print" :popovertarget="target">Print</button>
    </template>
    <template #content>
      <h2 class="serif text-xl mb-2">On paper, at true size</h2>
      <div class="grid gap-3">
        <SelectField v-model="paper" label="Paper" :items="[{ value: 'a4', label: 'A4' }, { value: 'letter', label: 'Letter' }]" />
        <UButton icon="i-lucide-file-down" label="Card, A6 to cut out (PDF)" @click="saveCard" />
        <NumberField v-model="count" label="Labels to pin to swatches" />
        <p v-if="problem" role="alert" class="hint strikes-ink">{{ problem }}</p>
        <UButton variant="outline" icon="i-lucide-file-down" label="Labels (PDF)" :disabled="problem !== ''" @click="saveLabels" />
        <p class="hint">Print at 100 %, not fitted to the page. Each page has a line that must measure 50 mm.</p>
      </div>
    </template>
  </PopPanel>
</template>

<style scoped>
.print { min-height: 44px; padding: 0 14px; font-weight: 600; border: 1.5px solid var(--line-strong); border-radius: 10px; background: var(--white); cursor: pointer; }
</style>
