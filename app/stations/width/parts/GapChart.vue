<script setup lang="ts">
import { LineChart, ScatterChart } from 'echarts/charts'
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import type { GapPoint } from '#core/swing'
import { gapChart, type OwnedGap } from '../gapChart'

use([LineChart, ScatterChart, GridComponent, LegendComponent, TooltipComponent, CanvasRenderer])

const { curve, owned } = defineProps<{ curve: readonly GapPoint[]; owned: readonly OwnedGap[] }>()
const colorMode = useColorMode()

const option = computed(() => {
  void colorMode.value
  const style = getComputedStyle(document.documentElement)
  const dye = (name: string) => style.getPropertyValue(name).trim()
  return gapChart(
    curve,
    owned,
    {
      ink: dye('--ink'),
      mute: dye('--mute'),
      line: dye('--line'),
      safe: dye('--lichen'),
      limit: dye('--weld'),
      interlaced: dye('--mulberry'),
    },
    bareMm,
    'mm',
  )
})
</script>

<template>
  <VChart
    :option="option"
    autoresize
    class="chart"
    role="img"
    aria-label="Safe width, limit and interlaced share against the gap. The table has the same numbers."
  />
</template>

<style scoped>
.chart {
  height: 262px;
  width: 100%;
}
</style>
