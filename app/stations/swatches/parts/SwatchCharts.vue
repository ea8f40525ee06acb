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
        aria-label="How far from home each swatch was set, by kind of thread; the numbers stand on the cards"
      />
    </UCard>
    <UCard as="section">
      <h2>By goal</h2>
      <VChart
        :option="offsetChart(points, 'goal', look)"
        autoresize
        class="chart"
        role="img"
        aria-label="How far from home each swatch was set, by goal; the numbers stand on the cards"
      />
    </UCard>
    <UCard as="section">
      <h2>Own against the rule</h2>
      <VChart
        :option="ruleChart(points, look)"
        autoresize
        class="chart"
        role="img"
        aria-label="Own numbers against what the rule would say; the numbers stand on the cards"
      />
    </UCard>
    <UCard as="section">
      <h2>What the book knows</h2>
      <p v-if="error">
        Each of {{ error.of }} good swatches foretold from the others: off by
        <b>{{ percent(error.book) }}</b> of the way to the end stop, the rule by
        <b>{{ percent(error.rule) }}</b> of the way from normal tension, on the whole.
      </p>
      <p v-else>
        Too few alike to say: it takes three good own swatches of a kind, and one more to hold them against.
      </p>
      <p class="hint">
        Only own tests that came out good are learnt from. What is foretold is drawn toward the rule while
        swatches are few.
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
