<script setup lang="ts">
import { formatShort } from '#core/units'
import type { Paper } from '#core/paper'
import { JOBS } from '#core/job'
import { stripSheets } from '#core/trial'
import { pieceName } from '#shared/records'
import type { Print } from '~/paper/print'
import { dayOf } from '~/utils/dates'

/** A paper strip to lay on the cloth: a line for each row, with the numbers to write beside it. */
const trial = useTrialStore()
const inHand = useInHandStore()
const LEAST_ROWS = 8
function sheets(paper: Paper) {
  const rows = (trial.strip?.rows ?? []).map(({ dial }) => formatShort(dial))
  const next = trial.advice?.next ?? null
  const strip = {
    title: `${pieceName(inHand.piece)}: ${JOBS[inHand.setup.job].name.toLowerCase()}`,
    date: dayOf(new Date().toISOString()),
    numbers: next === null ? rows : [...rows, formatShort(next)],
    least: LEAST_ROWS,
  }
  return stripSheets(strip, paper)
}
const PRINTS: readonly Print[] = [
  { label: 'Strip (PDF)', name: 'trial-strip', as: 'pdf', sheets },
  { label: 'Strip (SVG)', name: 'trial-strip', as: 'svg', sheets },
]
</script>

<template>
  <PrintPanel
    label="Print strip"
    heading="To pin to the cloth, at true size"
    :prints="PRINTS"
  />
</template>
