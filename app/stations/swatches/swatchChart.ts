import type { EChartsCoreOption } from 'echarts/core'

export interface SwatchChartLook {
  readonly ink: string
  readonly mute: string
  readonly line: string
  readonly good: string
  readonly usable: string
  readonly failed: string
}
/**
 * A swatch in the charts: how far from home it lies, what the rule would say; both as shares of the way to
 * the end stop.
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
const basis = (look: SwatchChartLook) => {
  const axis = {
    axisLine: { lineStyle: { color: look.mute } },
    axisLabel: { color: look.ink, fontSize: 13 },
    nameTextStyle: { color: look.ink, fontSize: 13 },
    splitLine: { lineStyle: { color: look.line } },
  }
  return {
    axis,
    common: {
      animation: false,
      textStyle: { fontFamily: 'Atkinson Hyperlegible Next Variable, sans-serif' },
      legend: { top: 0, left: 0, textStyle: { color: look.ink, fontSize: 13 } },
      tooltip: {
        trigger: 'item' as const,
        formatter: ({ name }: { name: string }) => name.replaceAll('<', '&lt;'),
      },
    },
  }
}

/**
 * How far from home each kind of thread was set, verdicts told apart by shape too. `by` chooses kind or goal.
 */
export function offsetChart(
  points: readonly SwatchPoint[],
  by: 'kind' | 'goal',
  look: SwatchChartLook,
): EChartsCoreOption {
  const { axis, common } = basis(look)
  const kinds = [...new Set(points.map(point => point[by]))].sort()
  return {
    ...common,
    grid: { left: 130, right: 20, top: 34, bottom: 46 },
    xAxis: {
      type: 'value',
      min: -100,
      max: 100,
      name: 'from home to the end stop, %',
      nameLocation: 'middle',
      nameGap: 28,
      ...axis,
    },
    yAxis: { type: 'category', data: kinds, ...axis },
    series: VERDICTS.map(([verdict, symbol]) => ({
      name: verdict,
      type: 'scatter',
      symbol,
      symbolSize: 13,
      itemStyle: { color: look[verdict], borderColor: look.ink, borderWidth: 1 },
      data: points
        .filter(point => point.verdict === verdict)
        .map(point => ({
          name: `${point.name}: ${percent(point.share)} %`,
          value: [percent(point.share), point[by]],
        })),
    })),
  }
}

/** Own record against the rule: on the line they agree. */
export function ruleChart(points: readonly SwatchPoint[], look: SwatchChartLook): EChartsCoreOption {
  const { axis, common } = basis(look)
  return {
    ...common,
    grid: { left: 56, right: 20, top: 34, bottom: 46 },
    xAxis: {
      type: 'value',
      min: -100,
      max: 100,
      name: 'rule, %',
      nameLocation: 'middle',
      nameGap: 28,
      ...axis,
    },
    yAxis: {
      type: 'value',
      min: -100,
      max: 100,
      name: 'own, %',
      nameLocation: 'middle',
      nameGap: 40,
      ...axis,
    },
    series: [
      ...VERDICTS.map(([verdict, symbol]) => ({
        name: verdict,
        type: 'scatter',
        symbol,
        symbolSize: 13,
        itemStyle: { color: look[verdict], borderColor: look.ink, borderWidth: 1 },
        data: points
          .filter(point => point.verdict === verdict)
          .map(point => ({
            name: `${point.name}: own ${percent(point.share)} %, rule ${percent(point.ruleShare)} %`,
            value: [percent(point.ruleShare), percent(point.share)],
          })),
      })),
      {
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
      },
    ],
  }
}
