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

const { rows, dial, advice, target } = defineProps<{
  rows: readonly ChartRow[]
  dial: SteppedDial
  advice: TrialAdvice
  target: number
}>()
const colorMode = useColorMode()
const option = computed(() => {
  void colorMode.value
  const style = getComputedStyle(document.documentElement)
  const dye = (name: string) => style.getPropertyValue(name).trim()
  return trialChart(rows, dial, advice, target, {
    ink: dye('--ink'),
    mute: dye('--mute'),
    line: dye('--line'),
    row: colorMode.value === 'dark' ? '#7c4a63' : dye('--mulberry'),
    goal: dye('--lichen-text'),
    band: dye('--clear-bar'),
  })
})
const label = computed(
  () =>
    `Rows against the dial; the goal is thought to lie at ${formatNumber(advice.estimate.tension, 1)}, give `
    + `or take ${formatNumber(advice.estimate.spread, 1)}. The same rows stand in the table.`,
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
      Numbered rows; shaded: where the goal is thought to lie,
      {{ formatNumber(advice.estimate.tension, 1) }} ± {{ formatNumber(advice.estimate.spread, 1)
      }}<template v-if="advice.bracket">; upright lines: the bracket</template>.
    </p>
  </div>
</template>

<style scoped>
.chart {
  height: 200px;
  width: 100%;
}
</style>
