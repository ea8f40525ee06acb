<script setup lang="ts">
import { type Paper, stripSheets } from '#core/sheet'
import { GOAL_FACTS } from '#core/trial'
import { dayOf } from '~/utils/dates'

/** A paper strip to lay on the cloth: a line for each row, with the numbers to write beside it. */
const trial = useTrialStore()
const { paper, savePdf, saveSvg } = useSheetFiles()
const open = ref(false)
const LEAST_ROWS = 8
function sheets(on: Paper) {
  const rows = (trial.strip?.rows ?? []).map(({ dial }) => String(dial))
  const next = trial.advice?.next ?? null
  const numbers = next === null ? rows : [...rows, String(next)]
  return stripSheets({
    title: GOAL_FACTS[trial.goal].name,
    date: dayOf(new Date().toISOString()),
    paper: on,
    numbers,
    least: LEAST_ROWS,
  })
}
</script>

<template>
  <PopPanel
    v-model:open="open"
    label="Print strip"
  >
    <template #default="{ target }">
      <UButton
        variant="outline"
        icon="i-lucide-printer"
        label="Print strip"
        :popovertarget="target"
      />
    </template>
    <template #content>
      <h2 class="serif text-xl mb-2">To pin to the cloth, at true size</h2>
      <div class="grid gap-3">
        <PaperField v-model="paper" />
        <UButton
          icon="i-lucide-file-down"
          label="Strip (PDF)"
          @click="savePdf('trial-strip', sheets)"
        />
        <UButton
          variant="outline"
          icon="i-lucide-file-down"
          label="Strip (SVG)"
          @click="saveSvg('trial-strip', sheets)"
        />
        <p class="hint">Print at 100 %, not fitted to the page. The line at the foot must measure 50 mm.</p>
      </div>
    </template>
  </PopPanel>
</template>
