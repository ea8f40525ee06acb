export interface AxisLook {
  readonly ink: string
  readonly mute: string
  readonly line: string
}

/** What every chart begins with: the app's own letters, and no movement. */
export const CHART_BASE = {
  animation: false,
  textStyle: { fontFamily: 'Atkinson Hyperlegible Next Variable, sans-serif' },
} as const

/** How an axis is drawn, in the colours of the page. */
export function chartAxis({ ink, mute, line }: AxisLook, fontSize = 13) {
  return {
    axisLine: { lineStyle: { color: mute } },
    axisLabel: { color: ink, fontSize },
    nameTextStyle: { color: ink, fontSize },
    splitLine: { lineStyle: { color: line } },
  }
}

/** A scale with its name along its middle. */
export function namedScale(name: string, nameGap: number, min: number, max: number | 'dataMax') {
  return { type: 'value', name, nameLocation: 'middle', nameGap, min, max } as const
}
