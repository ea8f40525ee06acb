import { describe, expect, it } from 'vitest'
import { outlinesOfPath, signedAreaMm2 } from '#core/shape'
import { readSvgPath } from './svgFile'

const svg = (body: string, head = 'width="60mm" viewBox="0 0 120 80"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${head}>${body}</svg>`
const read = (text: string) => {
  const reading = readSvgPath(text)
  if (!reading.ok) throw new Error(reading.message)
  return outlinesOfPath(reading.path, reading.mmPerUnit)
}

describe('everything an SVG draws', () => {
  it('comes at its true size, holes and all', () => {
    const found = read(svg('<rect x="0" y="0" width="120" height="80"/><circle cx="60" cy="40" r="20"/>'))
    expect(found.map(({ closed }) => closed)).toEqual([true, true])
    expect(Math.abs(signedAreaMm2(found[0]!.pointsMm))).toBeCloseTo(60 * 40, 6)
    expect(Math.abs(signedAreaMm2(found[1]!.pointsMm))).toBeCloseTo(Math.PI * 100, 0)
  })
  it('lies where it is seen, moved and turned as its groups say', () => {
    const moved = read(
      svg(
        '<g transform="translate(10 0)"><path transform="scale(2)" d="M0 0H10V5H0Z"/></g>',
        'viewBox="0 0 9 9"',
      ),
    )
    expect(moved[0]!.pointsMm).toContainEqual({ x: 30, y: 10 })
  })
  it('leaves out what only clips or is only meant', () => {
    const found = read(svg('<defs><path d="M0 0H9V9Z"/></defs><line x1="0" y1="0" x2="20" y2="0"/>'))
    expect(found).toEqual([{ pointsMm: [expect.anything(), { x: 10, y: 0 }], closed: false }])
  })
  it.each([
    ['no drawing', 'hello', /not a readable SVG/],
    ['a script', svg('<script>alert(1)</script><path d="M0 0H9"/>'), /holds a script/],
    ['nothing drawn', svg('<text>Leaf</text>'), /holds no line/],
  ])('is refused with %s', (_, text, message) => {
    const reading = readSvgPath(text)
    expect(reading.ok ? '' : reading.message).toMatch(message)
  })
})
