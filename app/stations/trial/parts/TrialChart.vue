<script setup lang="ts">
import { formatNumber } from '#core/units'
import { LineChart, ScatterChart } from 'echarts/charts'
import { GridComponent, MarkAreaComponent, MarkLineComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import type { SteppedDial, TrialAdvice } from '#core/trial'
import { type ChartRow, trialChart } from '../trialChart'

use([LineChart, ScatterChart, GridComponent, MarkAreaComponent, MarkLineComponent, CanvasRenderer])

const { rows, dial, advice, aim } = defineProps<{
  rows: readonly ChartRow[]
  dial: SteppedDial
  advice: TrialAdvice
  aim: { readonly target: number; readonly atLeast: boolean }
}>()
const colorMode = useColorMode()
const option = computed(() => {
  void colorMode.value
  const style = getComputedStyle(document.documentElement)
  const dye = (name: string) => style.getPropertyValue(name).trim()
  return trialChart(rows, dial, advice, aim.target, {
    ink: dye('--ink'),
    mute: dye('--mute'),
    line: dye('--line'),
    row: colorMode.value === 'dark' ? '#7c4a63' : dye('--mulberry'),
    goal: dye('--lichen-text'),
    band: dye('--clear-bar'),
  })
})
/** A goal that holds from some reading on has a beginning, not a place: the best number lies beyond it. */
const lies = computed(() => (aim.atLeast ? 'begins' : 'lies'))
const label = computed(
  () =>
    `Rows against the dial; where the goal ${lies.value}: about ${formatNumber(advice.estimate.tension, 1)}, `
    + `give or take ${formatNumber(advice.estimate.spread, 1)}. The same rows stand in the table.`,
)
</script>

<template>
  <div>
    <VChart
      :option="option"
      autoresize
      class="chart"
      role="img"
      :aria-label="label"
    />
    <p class="hint">
      The rows by number. Shaded: where the goal most likely {{ lies
      }}{{ aim.atLeast ? '; it holds beyond' : '' }}.<template v-if="advice.bracket">
        Upright lines: rows on both sides of the goal.</template
      >
    </p>
  </div>
</template>

<style scoped>
.chart {
  height: 200px;
  width: 100%;
}
</style>
