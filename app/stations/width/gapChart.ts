import { formatNumber } from '#core/units'
import type { EChartsCoreOption } from 'echarts/core'
import type { GapPoint } from '#core/swing'
import { type AxisLook, CHART_BASE, chartAxis, namedScale } from '~/utils/chartAxis'

export interface GapChartLook extends AxisLook {
  readonly safe: string
  readonly limit: string
  readonly interlaced: string
}

/** Gaps that are owned, to be marked on the curve. */
export interface OwnedGap {
  readonly gapMm: number
  readonly label: string
  readonly safeWidthMm: number | null
}

/** Safe width and interlacing against gap: two scales, two line kinds, told apart without colour too. */
export function gapChart(
  curve: readonly GapPoint[],
  owned: readonly OwnedGap[],
  look: GapChartLook,
  show: (mm: number) => string,
  unit: string,
): EChartsCoreOption {
  const axis = chartAxis(look, 14)
  const lengths = { ...axis, axisLabel: { ...axis.axisLabel, formatter: show } }
  return {
    ...CHART_BASE,
    grid: { left: 54, right: 58, top: 84, bottom: 48 },
    legend: { top: 0, left: 0, itemGap: 14, textStyle: { color: look.ink, fontSize: 14 } },
    tooltip: {
      trigger: 'axis',
      valueFormatter: (value: unknown) => (typeof value === 'number' ? formatNumber(value, 2) : 'none'),
    },
    xAxis: { ...namedScale(`gap, ${unit}`, 30, 1, 'dataMax'), ...lengths },
    yAxis: [
      { type: 'value', name: `width, ${unit}`, min: 0, ...lengths },
      { type: 'value', name: 'interlaced, %', min: 0, max: 100, ...axis, splitLine: { show: false } },
    ],
    series: [...curves(curve, look), ownedGaps(owned, look)],
  }
}

function curves(curve: readonly GapPoint[], look: GapChartLook) {
  const line = (
    name: string,
    value: (point: GapPoint) => number | null,
    lineStyle: { color: string; width: number; type?: 'dashed' | 'dotted' },
  ) => ({
    name,
    type: 'line',
    showSymbol: false,
    data: curve.map(point => [point.gapMm, value(point)]),
    lineStyle,
    itemStyle: { color: lineStyle.color },
  })
  const percent = (share: number | null) => (share === null ? null : 100 * share)
  return [
    line('Safe width', point => point.safeWidthMm, { color: look.safe, width: 3 }),
    line('Limit without margin', point => point.limitWidthMm, {
      color: look.limit,
      width: 2,
      type: 'dashed',
    }),
    {
      ...line('Interlaced at the safe width', point => percent(point.interlacedShare), {
        color: look.interlaced,
        width: 2,
        type: 'dotted',
      }),
      yAxisIndex: 1,
    },
  ]
}

function ownedGaps(owned: readonly OwnedGap[], look: GapChartLook) {
  return {
    name: 'Owned',
    type: 'scatter',
    symbolSize: 13,
    data: owned.flatMap(({ gapMm, safeWidthMm }) => (safeWidthMm === null ? [] : [[gapMm, safeWidthMm]])),
    itemStyle: { color: look.safe, borderColor: look.ink, borderWidth: 1.5 },
  }
}
