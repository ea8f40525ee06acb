import type { EChartsCoreOption } from 'echarts/core'
import { leastSquares } from '#core/swatch'
import type { SteppedDial, TrialAdvice } from '#core/trial'

export interface TrialChartLook {
  readonly ink: string
  readonly mute: string
  readonly line: string
  readonly row: string
  readonly goal: string
  readonly band: string
}

/** A row that counts, with its number and the reading the goal is about. */
export interface ChartRow {
  readonly number: number
  readonly dial: number
  readonly reading: number
}

/** Rows over the dial: readings, the goal's line, the bracket, and where the goal is thought to lie. */
export function trialChart(
  rows: readonly ChartRow[],
  dial: SteppedDial,
  advice: TrialAdvice,
  target: number,
  look: TrialChartLook,
): EChartsCoreOption {
  const { tension: at, spread } = advice.estimate
  const held = (mark: number) => Math.max(dial.min, Math.min(dial.max, mark))
  const fit = leastSquares(rows.map(({ dial: x, reading: y }) => ({ x, y })))
  const along = (mark: number): [number, number] => [mark, fit!.at0 + fit!.slope * mark]
  const axis = {
    axisLine: { lineStyle: { color: look.mute } },
    axisLabel: { color: look.ink, fontSize: 13 },
    nameTextStyle: { color: look.ink, fontSize: 13 },
    splitLine: { lineStyle: { color: look.line } },
  }
  return {
    animation: false,
    textStyle: { fontFamily: 'Atkinson Hyperlegible Next Variable, sans-serif' },
    grid: { left: 34, right: 12, top: 12, bottom: 40 },
    xAxis: {
      type: 'value',
      name: 'tension',
      nameLocation: 'middle',
      nameGap: 24,
      min: dial.min,
      max: dial.max,
      ...axis,
    },
    yAxis: {
      type: 'value',
      min: -4,
      max: 4,
      interval: 1,
      ...axis,
      axisLabel: {
        ...axis.axisLabel,
        formatter: (value: number) => (Math.abs(value) > 3 ? '' : String(value).replace('-', '−')),
      },
    },
    series: [
      {
        type: 'scatter',
        symbolSize: 22,
        data: rows.map(({ number, dial: x, reading }) => ({ value: [x, reading], name: String(number) })),
        itemStyle: { color: look.row },
        label: { show: true, formatter: '{b}', color: '#fff', fontWeight: 700, fontSize: 13 },
        z: 4,
        markLine: {
          silent: true,
          symbol: 'none',
          animation: false,
          data: [
            { yAxis: target, name: 'goal' },
            ...(advice.bracket
              ? [advice.bracket.low, advice.bracket.high].map(xAxis => ({
                  xAxis,
                  lineStyle: { color: look.ink, type: 'solid', width: 1.5 },
                  label: { show: false },
                }))
              : []),
          ],
          lineStyle: { color: look.goal, type: 'dashed', width: 2 },
          label: { formatter: 'goal', position: 'insideStartTop', color: look.goal },
        },
        markArea: {
          silent: true,
          itemStyle: { color: look.band, opacity: 0.45 },
          data: [[{ xAxis: held(at - spread) }, { xAxis: held(at + spread) }]],
        },
      },
      {
        type: 'line',
        showSymbol: false,
        silent: true,
        lineStyle: { color: look.mute, width: 1.5 },
        data: fit && fit.slope > 0 ? [along(dial.min), along(dial.max)] : [],
      },
    ],
  }
}
