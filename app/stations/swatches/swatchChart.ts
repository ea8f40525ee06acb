import type { EChartsCoreOption } from 'echarts/core'
import { type AxisLook, CHART_BASE, chartAxis, namedScale } from '~/utils/chartAxis'

export interface SwatchChartLook extends AxisLook {
  readonly good: string
  readonly usable: string
  readonly failed: string
}
/**
 * A swatch in the charts: how far from normal tension it lies, what the rule would say; both as shares of
 * the way to the end stop.
 */
export interface SwatchPoint {
  readonly name: string
  readonly kind: string
  readonly goal: string
  readonly share: number
  readonly ruleShare: number
  readonly verdict: 'good' | 'usable' | 'failed'
}

const VERDICTS = [
  ['good', 'circle'],
  ['usable', 'triangle'],
  ['failed', 'diamond'],
] as const
const percent = (share: number) => Math.round(100 * share)
const common = (look: SwatchChartLook) => ({
  ...CHART_BASE,
  legend: { top: 0, left: 0, textStyle: { color: look.ink, fontSize: 13 } },
  tooltip: {
    trigger: 'item' as const,
    formatter: ({ name }: { name: string }) => name.replaceAll('<', '&lt;'),
  },
})

/** One series a verdict, told apart by shape too. */
function byVerdict(
  points: readonly SwatchPoint[],
  look: SwatchChartLook,
  draw: (point: SwatchPoint) => { readonly name: string; readonly value: readonly (number | string)[] },
) {
  return VERDICTS.map(([verdict, symbol]) => ({
    name: verdict,
    type: 'scatter',
    symbol,
    symbolSize: 13,
    itemStyle: { color: look[verdict], borderColor: look.ink, borderWidth: 1 },
    data: points.filter(point => point.verdict === verdict).map(draw),
  }))
}

/**
 * How far from normal tension each kind of thread was set, verdicts told apart by shape too. `by` chooses
 * kind or goal.
 */
export function offsetChart(
  points: readonly SwatchPoint[],
  by: 'kind' | 'goal',
  look: SwatchChartLook,
): EChartsCoreOption {
  const axis = chartAxis(look)
  const kinds = [...new Set(points.map(point => point[by]))].sort()
  return {
    ...common(look),
    grid: { left: 130, right: 20, top: 34, bottom: 46 },
    xAxis: { ...namedScale('from normal to the end stop, %', 28, -100, 100), ...axis },
    yAxis: { type: 'category', data: kinds, ...axis },
    series: byVerdict(points, look, point => ({
      name: `${point.name}: ${percent(point.share)} %`,
      value: [percent(point.share), point[by]],
    })),
  }
}

/** Own record against the rule: on the line they agree. */
export function ruleChart(points: readonly SwatchPoint[], look: SwatchChartLook): EChartsCoreOption {
  const axis = chartAxis(look)
  return {
    ...common(look),
    grid: { left: 56, right: 20, top: 34, bottom: 46 },
    xAxis: { ...namedScale('rule, %', 28, -100, 100), ...axis },
    yAxis: { ...namedScale('own, %', 40, -100, 100), ...axis },
    series: [
      ...byVerdict(points, look, point => ({
        name: `${point.name}: own ${percent(point.share)} %, rule ${percent(point.ruleShare)} %`,
        value: [percent(point.ruleShare), percent(point.share)],
      })),
      agreement(look),
    ],
  }
}

function agreement(look: SwatchChartLook) {
  return {
    name: 'agree',
    type: 'line',
    silent: true,
    showSymbol: false,
    lineStyle: { color: look.mute, type: 'dashed' },
    itemStyle: { color: look.mute },
    data: [
      [-100, -100],
      [100, 100],
    ],
  }
}
