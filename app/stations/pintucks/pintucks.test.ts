import { describe, expect, it } from 'vitest'
import { outlineOfSvg } from '~/planner/svgOutline'
import { widthsOfOutline } from './widthsOfOutline'

const svg = (inside: string, size = 'width="200mm" height="300mm" viewBox="0 0 200 300"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${size}>${inside}</svg>`

describe('an edge from an SVG', () => {
  it('is read in mm, y up, with the cloth on its left', () => {
    const reading = outlineOfSvg(svg('<path d="M0 0H100V50H0Z"/>'))
    if (!reading.ok) throw new Error(reading.message)
    expect(reading.closed).toBe(true)
    expect(reading.pointsMm).toHaveLength(4)
    const area = reading.pointsMm.reduce((sum, a, i) => {
      const b = reading.pointsMm[(i + 1) % 4]!
      return sum + (a.x * b.y - b.x * a.y) / 2
    }, 0)
    expect(area).toBeCloseTo(5000, 6)
  })
  it('follows the units of the drawing, and curves by chords', () => {
    const reading = outlineOfSvg(
      svg('<path d="M10 0A10 10 0 0 1 -10 0A10 10 0 0 1 10 0Z"/>', 'width="4in" viewBox="0 0 4 4"'),
    )
    if (!reading.ok) throw new Error(reading.message)
    for (const { x, y } of reading.pointsMm) expect(Math.hypot(x, y)).toBeCloseTo(254, 1)
  })
  it.each<[string, string, RegExp]>([
    ['no drawing', 'hello', /not a readable SVG/],
    ['a script', svg('<script>alert(1)</script><path d="M0 0H10V10Z"/>'), /holds a script/],
    ['no path', svg('<circle r="4"/>'), /holds no path/],
    ['a transform', svg('<g transform="scale(2)"><path d="M0 0H10V10Z"/></g>'), /flatten/],
    ['NaN in its path', svg('<path d="M0 0L NaN 5Z"/>'), /cannot be read|no length/],
    ['an empty path', svg('<path d=""/>'), /cannot be read/],
  ])('is refused with %s', (_, text, message) => {
    const reading = outlineOfSvg(text)
    expect(reading.ok ? '' : reading.message).toMatch(message)
  })
})

describe('the widths of a pattern piece', () => {
  it('go from its foot to its top', () => {
    const trapezium = [
      { x: 0, y: 0 },
      { x: 300, y: 0 },
      { x: 250, y: 400 },
      { x: 50, y: 400 },
    ]
    expect(widthsOfOutline(trapezium, 3)).toEqual([
      { atMm: 0, widthMm: 300 },
      { atMm: 200, widthMm: 250 },
      { atMm: 400, widthMm: 200 },
    ])
  })
})
