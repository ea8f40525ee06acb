<script setup lang="ts">
import { stripSheets } from '#core/sheet'
import { GOAL_FACTS } from '#core/trial'
import { dayOf } from '~/utils/dates'
import { downloadBlob } from '~/utils/download'

/** A paper strip to lay on the cloth: a line for each row, with the numbers to write beside it. */
const trial = useTrialStore()
const toast = useToast()
const LEAST_ROWS = 8
async function print(): Promise<void> {
  try {
    const { sheetsToPdf } = await import('~/utils/sheetPdf')
    const rows = (trial.strip?.rows ?? []).map(({ dial }) => String(dial))
    const next = trial.advice?.next ?? null
    const numbers = next === null ? rows : [...rows, String(next)]
    downloadBlob('trial-strip.pdf', sheetsToPdf(stripSheets({ title: GOAL_FACTS[trial.goal].name, date: dayOf(new Date().toISOString()), paper: 'a4', numbers, least: LEAST_ROWS })))
  }
  catch {
    toast.add({ title: 'The PDF could not be made', description: 'Load the app once more while the server answers, then try again.', color: 'error' })
  }
}
</script>

<template>
  <UButton variant="outline" icon="i-lucide-printer" label="Print strip" @click="print" />
</template>
