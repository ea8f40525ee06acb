import { describe, expect, it } from 'vitest'
import { readSvgPolyline } from './svgPolyline'

const svg = (attributes: string, body: string) =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${body}</svg>`

describe('readSvgPolyline', () => {
  it('reads at true size', () => {
    const reading = readSvgPolyline(
      svg('width="2cm" viewBox="0 0 40 100"', '<polyline points="0,0 8,3 0,6"/>'),
    )
    expect(reading).toEqual({
      ok: true,
      drops: [
        { xMm: 0, yMm: 0 },
        { xMm: 4, yMm: 1.5 },
        { xMm: 0, yMm: 3 },
      ],
    })
  })
  it('takes a unit for a millimetre when the drawing has no size', () => {
    expect(readSvgPolyline(svg('', '<polyline points="0,0 4,2"/>'))).toMatchObject({
      ok: true,
      drops: [{ xMm: 0 }, { xMm: 4, yMm: 2 }],
    })
  })
  it.each([
    ['<path d="M0 0L1 1"/>', 'no polyline'],
    ['<g transform="scale(2)"><polyline points="0,0 1,1"/></g>', 'transform'],
    ['<polyline points="0,0 1"/>', 'pairs'],
    ['<script>globalThis.ran = true</script>', 'holds a script'],
  ])('refuses %s', (body, part) => {
    expect(readSvgPolyline(svg('', body))).toMatchObject({
      ok: false,
      message: expect.stringContaining(part),
    })
    expect(globalThis).not.toHaveProperty('ran')
  })
})
