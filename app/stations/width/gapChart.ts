import { formatNumber } from '#core/units'
import type { EChartsCoreOption } from 'echarts/core'
import type { GapPoint } from '#core/swing'

export interface GapChartLook {
  readonly ink: string
  readonly mute: string
  readonly line: string
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
  const axis = {
    axisLine: { lineStyle: { color: look.mute } },
    axisLabel: { color: look.ink, fontSize: 14 },
    nameTextStyle: { color: look.ink, fontSize: 14 },
    splitLine: { lineStyle: { color: look.line } },
  }
  const points = (value: (point: GapPoint) => number | null) =>
    curve.map(point => [point.gapMm, value(point)])
  return {
    animation: false,
    textStyle: { fontFamily: 'Atkinson Hyperlegible Next Variable, sans-serif' },
    grid: { left: 54, right: 58, top: 84, bottom: 48 },
    legend: { top: 0, left: 0, itemGap: 14, textStyle: { color: look.ink, fontSize: 14 } },
    tooltip: {
      trigger: 'axis',
      valueFormatter: (value: unknown) => (typeof value === 'number' ? formatNumber(value, 2) : 'none'),
    },
    xAxis: {
      type: 'value',
      name: `gap, ${unit}`,
      nameLocation: 'middle',
      nameGap: 30,
      min: 1,
      max: 'dataMax',
      ...axis,
      axisLabel: { ...axis.axisLabel, formatter: show },
    },
    yAxis: [
      {
        type: 'value',
        name: `width, ${unit}`,
        min: 0,
        ...axis,
        axisLabel: { ...axis.axisLabel, formatter: show },
      },
      { type: 'value', name: 'interlaced, %', min: 0, max: 100, ...axis, splitLine: { show: false } },
    ],
    series: [
      {
        name: 'Safe width',
        type: 'line',
        showSymbol: false,
        data: points(p => p.safeWidthMm),
        lineStyle: { color: look.safe, width: 3 },
        itemStyle: { color: look.safe },
      },
      {
        name: 'Limit without margin',
        type: 'line',
        showSymbol: false,
        data: points(p => p.limitWidthMm),
        lineStyle: { color: look.limit, width: 2, type: 'dashed' },
        itemStyle: { color: look.limit },
      },
      {
        name: 'Interlaced at the safe width',
        type: 'line',
        yAxisIndex: 1,
        showSymbol: false,
        data: points(p => (p.interlacedShare === null ? null : 100 * p.interlacedShare)),
        lineStyle: { color: look.interlaced, width: 2, type: 'dotted' },
        itemStyle: { color: look.interlaced },
      },
      {
        name: 'Owned',
        type: 'scatter',
        symbolSize: 13,
        data: owned.flatMap(o => (o.safeWidthMm === null ? [] : [[o.gapMm, o.safeWidthMm]])),
        itemStyle: { color: look.safe, borderColor: look.ink, borderWidth: 1.5 },
      },
    ],
  }
}
