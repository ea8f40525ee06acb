import { describe, expect, it } from 'vitest'
import { nextTension } from '#core/trial'
import { offsetChart, ruleChart, type SwatchPoint } from './swatchChart'
import { trialChart } from '~/stations/trial/trialChart'

const LOOK = {
  ink: '#000',
  mute: '#777',
  line: '#ddd',
  good: '#0a0',
  usable: '#aa0',
  failed: '#a00',
  row: '#808',
  goal: '#080',
  band: '#8c8',
}
const POINTS: SwatchPoint[] = [
  { name: 'Band', kind: 'metallic', goal: 'Metallic line', share: -0.3, ruleShare: -1 / 3, verdict: 'good' },
  { name: 'Tuck <b>', kind: 'cotton', goal: 'Raised pintuck', share: 0.9, ruleShare: 1, verdict: 'failed' },
]
type Series = { name: string; data: { name: string; value: unknown[] }[] }[]

describe('the charts of the book', () => {
  it('place each swatch by its share of the way, verdicts apart', () => {
    const { series, yAxis } = offsetChart(POINTS, 'kind', LOOK) as {
      series: Series
      yAxis: { data: string[] }
    }
    expect(yAxis.data).toEqual(['cotton', 'metallic'])
    expect(series.find(({ name }) => name === 'good')!.data).toEqual([
      { name: 'Band: -30 %', value: [-30, 'metallic'] },
    ])
    expect(series.find(({ name }) => name === 'failed')!.data[0]!.value).toEqual([90, 'cotton'])
  })
  it('hold own numbers against the rule', () => {
    const { series } = ruleChart(POINTS, LOOK) as { series: Series }
    expect(series[0]!.data[0]!.value).toEqual([-33, -30])
  })
  it('show names as text', () => {
    const { tooltip } = offsetChart(POINTS, 'goal', LOOK) as {
      tooltip: { formatter: (of: { name: string }) => string }
    }
    expect(tooltip.formatter({ name: 'Tuck <b>' })).toBe('Tuck &lt;b>')
  })
})

describe('the chart of a strip', () => {
  it('draws rows by number, the goal’s line and the fitted line, within the dial', () => {
    const dial = { min: 0, max: 9, home: 4, step: 0.5 }
    const advice = nextTension({
      goal: 'balanced',
      dial,
      rows: [{ tension: 4, show: 1, ridge: null, skips: false, breaks: false }],
      prior: { tension: -1, spread: 1 },
      care: 'careful',
    })
    const { series } = trialChart(
      [
        { number: 1, dial: 4, reading: 1 },
        { number: 2, dial: 3, reading: 0 },
      ],
      dial,
      advice,
      0,
      LOOK,
    ) as {
      series: [
        { data: { value: number[]; name: string }[]; markArea: { data: { xAxis: number }[][] } },
        { data: number[][] },
      ]
    }
    expect(series[0].data.map(({ name, value }) => [name, ...value])).toEqual([
      ['1', 4, 1],
      ['2', 3, 0],
    ])
    expect(series[1].data).toEqual([
      [0, -3],
      [9, 6],
    ])
    for (const { xAxis } of series[0].markArea.data[0]!) expect(xAxis).toBeGreaterThanOrEqual(0)
  })
})
