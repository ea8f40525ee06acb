<script setup lang="ts">
import { LineChart, ScatterChart } from 'echarts/charts'
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import { leaveOneOut } from '#core/swatch'
import { GOAL_FACTS } from '#core/trial'
import type { Swatch } from '#shared/records'
import { featuresOf, offsetOf, ruleShareOf, lessonsOf } from '#shared/inputs'
import { offsetChart, ruleChart, type SwatchPoint } from '../swatchChart'

use([LineChart, ScatterChart, GridComponent, LegendComponent, TooltipComponent, CanvasRenderer])

/** Where the swatches found their tension, by thread and by goal, and against the rule. */
const { swatches } = defineProps<{ swatches: readonly Swatch[] }>()
const settings = useSettingsStore()
const colorMode = useColorMode()
const points = computed(() =>
  swatches.flatMap((swatch): SwatchPoint[] => {
    const share = offsetOf(swatch)
    return share === null
      ? []
      : [
          {
            name: swatch.name,
            kind: featuresOf(swatch.goal, swatch.frozen).thread,
            goal: GOAL_FACTS[swatch.goal].name,
            share,
            ruleShare: ruleShareOf(swatch.goal, swatch.setup, swatch.frozen, settings.record),
            verdict: swatch.verdict,
          },
        ]
  }),
)
const look = computed(() => {
  void colorMode.value
  const style = getComputedStyle(document.documentElement)
  const dye = (name: string) => style.getPropertyValue(name).trim()
  return {
    ink: dye('--ink'),
    mute: dye('--mute'),
    line: dye('--line'),
    good: dye('--lichen'),
    usable: dye('--weld'),
    failed: dye('--madder'),
  }
})
const error = computed(() => leaveOneOut(lessonsOf(swatches, settings.record).records))
const percent = (share: number) => `${Math.round(100 * share)} %`
</script>

<template>
  <div class="charts">
    <UCard as="section">
      <h2>By thread</h2>
      <VChart
        :option="offsetChart(points, 'kind', look)"
        autoresize
        class="chart"
        role="img"
        aria-label="Distance from normal tension by kind of thread: the cards have the numbers"
      />
    </UCard>
    <UCard as="section">
      <h2>By goal</h2>
      <VChart
        :option="offsetChart(points, 'goal', look)"
        autoresize
        class="chart"
        role="img"
        aria-label="Distance from normal tension by goal: the cards have the numbers"
      />
    </UCard>
    <UCard as="section">
      <h2>Own against the rule</h2>
      <VChart
        :option="ruleChart(points, look)"
        autoresize
        class="chart"
        role="img"
        aria-label="Own numbers against what the rule would say: the cards have the numbers"
      />
    </UCard>
    <UCard as="section">
      <h2>What the book knows</h2>
      <p v-if="error">
        Checked on {{ error.of }} good swatches, each worked out from the others. The book was within
        <b>{{ percent(error.book) }}</b> of the dial’s way, the rule within <b>{{ percent(error.rule) }}</b>.
      </p>
      <p v-else>Too few swatches to check. Four good swatches of one kind are needed.</p>
      <p class="hint">
        The book learns only from good own swatches. With few swatches it stays near the rule.
      </p>
    </UCard>
  </div>
</template>

<style scoped>
.charts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(420px, 1fr));
  gap: 14px;
}
.chart {
  height: 270px;
  width: 100%;
}
@media (max-width: 640px) {
  .charts {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
