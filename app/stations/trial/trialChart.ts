import type { EChartsCoreOption } from 'echarts/core'
import { leastSquares } from '#core/plane'
import type { SteppedDial, TrialAdvice } from '#core/trial'
import { type AxisLook, CHART_BASE, chartAxis, namedScale } from '~/utils/chartAxis'

export interface TrialChartLook extends AxisLook {
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
  const axis = chartAxis(look)
  return {
    ...CHART_BASE,
    grid: { left: 34, right: 12, top: 12, bottom: 40 },
    xAxis: { ...namedScale('tension', 24, dial.min, dial.max), ...axis },
    yAxis: {
      type: 'value',
      min: -4,
      max: 4,
      interval: 1,
      ...axis,
      axisLabel: { ...axis.axisLabel, formatter: readingLabel },
    },
    series: [
      {
        type: 'scatter',
        symbolSize: 22,
        data: rows.map(({ number, dial: x, reading }) => ({ value: [x, reading], name: String(number) })),
        itemStyle: { color: look.row },
        label: { show: true, formatter: '{b}', color: '#fff', fontWeight: 700, fontSize: 13 },
        z: 4,
        markLine: goalAndBracket(advice, target, look),
        markArea: likelyArea(advice, dial, look),
      },
      fittedLine(rows, dial, look),
    ],
  }
}

/** The readings end at 3: the scale goes on so that rows there are not cut. */
const readingLabel = (value: number) => (Math.abs(value) > 3 ? '' : String(value).replace('-', '−'))

function goalAndBracket({ bracket }: TrialAdvice, target: number, look: TrialChartLook) {
  const ends = bracket ? [bracket.low, bracket.high] : []
  return {
    silent: true,
    symbol: 'none',
    animation: false,
    data: [
      { yAxis: target, name: 'goal' },
      ...ends.map(xAxis => ({
        xAxis,
        lineStyle: { color: look.ink, type: 'solid', width: 1.5 },
        label: { show: false },
      })),
    ],
    lineStyle: { color: look.goal, type: 'dashed', width: 2 },
    label: { formatter: 'goal', position: 'insideStartTop', color: look.goal },
  }
}

function likelyArea({ estimate }: TrialAdvice, dial: SteppedDial, look: TrialChartLook) {
  const held = (mark: number) => Math.max(dial.min, Math.min(dial.max, mark))
  const { tension, spread } = estimate
  return {
    silent: true,
    itemStyle: { color: look.band, opacity: 0.45 },
    data: [[{ xAxis: held(tension - spread) }, { xAxis: held(tension + spread) }]],
  }
}

/** A line through the rows, where more tension reads as more. */
function fittedLine(rows: readonly ChartRow[], dial: SteppedDial, look: TrialChartLook) {
  const fit = leastSquares(rows.map(({ dial: x, reading: y }) => ({ x, y })))
  const along = (mark: number): [number, number] => [mark, fit!.at0 + fit!.slope * mark]
  return {
    type: 'line',
    showSymbol: false,
    silent: true,
    lineStyle: { color: look.mute, width: 1.5 },
    data: fit && fit.slope > 0 ? [along(dial.min), along(dial.max)] : [],
  }
}
