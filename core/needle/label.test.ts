import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  NEEDLE_TYPES,
  NEEDLE_SIZES,
  bladeOffsetsMm,
  needleLabel,
  outerSpanMm,
  parseNeedleLabel,
} from '#core/needle'

const read = (text: string) => {
  const reading = parseNeedleLabel(text)
  if (!reading.ok) throw new Error(reading.message)
  return reading
}

describe('parseNeedleLabel', () => {
  // Size pairs: common size tables, from memory. Label forms: common practice.
  it.each([
    ['2.5/80', 'Twin, gap 2.5, size 80/12, universal'],
    ['2,5/80', 'Twin, gap 2.5, size 80/12, universal'],
    ['2.5 / 80', 'Twin, gap 2.5, size 80/12, universal'],
    ['4.0/100 jeans', 'Twin, gap 4.0, size 100/16, jeans'],
    ['Double needle 2.0/75 Embroidery', 'Twin, gap 2.0, size 75/11, embroidery'],
    ['2.5/12', 'Twin, gap 2.5, size 80/12, universal'],
    ['2.5/80/12 stretch', 'Twin, gap 2.5, size 80/12, stretch'],
    ['triple 2.5/80', 'Triple, gap 2.5, size 80/12, universal'],
    ['3× 2.5/80', 'Triple, gap 2.5, size 80/12, universal'],
    ['3x2.5/80', 'Triple, gap 2.5, size 80/12, universal'],
    ['2× 4.0/90', 'Twin, gap 4.0, size 90/14, universal'],
    ['２.５／８０', 'Twin, gap 2.5, size 80/12, universal'],
    ['8.0/60', 'Twin, gap 8.0, size 60/8, universal'],
    ['8/60', 'Single, size 60/8, universal'],
    ['90/14', 'Single, size 90/14, universal'],
    ['14/90', 'Single, size 90/14, universal'],
    ['14', 'Single, size 90/14, universal'],
    ['16', 'Single, size 100/16, universal'],
    ['100', 'Single, size 100/16, universal'],
    ['80 jersey', 'Single, size 80/12, ballpoint'],
    // Marks of systems and their letters, as packets have them: from memory.
    ['130/705 H 80/12', 'Single, size 80/12, universal'],
    ['130/705 H-J 100/16', 'Single, size 100/16, jeans'],
    ['H-E 2,0/75', 'Twin, gap 2.0, size 75/11, embroidery'],
    ['130/705H-S 75/11', 'Single, size 75/11, stretch'],
    ['15x1 90/14', 'Single, size 90/14, universal'],
    ['H-ZWI 4.0/90', 'Twin, gap 4.0, size 90/14, universal'],
    ['130/705 H-S ZWI 2.5/75', 'Twin, gap 2.5, size 75/11, stretch'],
    ['H-DRI 3.0/80', 'Triple, gap 3.0, size 80/12, universal'],
    ['H-MET 80', 'Single, size 80/12, metallic'],
    ['130 N 90/14', 'Single, size 90/14, topstitch'],
    ['H-Q 75/11', 'Single, size 75/11, quilting'],
    ['130', 'Single, size 130, universal'],
  ])('reads %s', (text, said) => expect(read(text).said).toBe(said))

  // Common practice: on a packet that says one length, it is the gap of a twin.
  it.each([
    ['2.0', '2.0/80'],
    ['twin 2.0', '2.0/80'],
    ['twin needle 4.0', '4.0/80'],
    ['4mm', '4.0/80'],
    ['2.0 mm twin', '2.0/80'],
    ['triple 3.0', 'triple 3.0/80'],
    ['2.5 stretch', '2.5/80 stretch'],
  ])('asks for the size behind the gap of %s', (text, label) => {
    const reading = parseNeedleLabel(text)
    if (reading.ok || reading.code !== 'size-missing') throw new Error('it asks for no size')
    expect(reading.whole.map(one => one.label)).toContain(label)
    for (const one of reading.whole) expect(read(one.label).needle.sizeNm).toBe(one.sizeNm)
  })
  it.each([
    ['', 'empty'],
    ['25.0', 'gap-range'],
    ['2.5/80 velvet', 'unknown-word'],
    ['twin 80', 'gap-missing'],
    ['25/80', 'gap-range'],
    ['0/80', 'gap-range'],
    ['90/16', 'unknown-size'],
    ['2.5/300', 'unknown-size'],
    ['jeans', 'no-size'],
    ['1.2.3/80', 'unknown-size'],
    ['<b>90</b>', 'unknown-word'],
    ['single 2.0/80', 'gap-range'],
  ])('refuses %s as %s and says what to type', (text, code) => {
    const reading = parseNeedleLabel(text)
    expect(reading).toMatchObject({ ok: false, code })
    if (!reading.ok) expect(reading.message.length).toBeGreaterThan(20)
  })

  it('reads the label of a triple by school', () => {
    expect(parseNeedleLabel('triple 3.0/80', 'neighbour')).toMatchObject({ needle: { gapMm: 3 } })
    expect(parseNeedleLabel('triple 3.0/80', 'total')).toMatchObject({ needle: { gapMm: 1.5 } })
  })

  it('reads back every label it writes', () => {
    const gaps = fc.integer({ min: 5, max: 100 }).map(tenths => tenths / 10)
    fc.assert(
      fc.property(
        gaps,
        fc.constantFrom(...NEEDLE_SIZES),
        fc.constantFrom(...NEEDLE_TYPES),
        fc.boolean(),
        (gap, [sizeNm], type, twin) => {
          const needle = {
            construction: twin ? ('twin' as const) : ('single' as const),
            gapMm: twin ? gap : 0,
            sizeNm,
          }
          expect(read(`${needleLabel(needle)} ${type}`).needle).toEqual({ ...needle, type })
        },
      ),
    )
  })
})

describe('blades', () => {
  it.each([
    ['single', 0, [0], 0],
    ['twin', 2.5, [-1.25, 1.25], 2.5],
    ['triple', 2.5, [-2.5, 0, 2.5], 5],
  ] as const)('%s with gap %d', (construction, gapMm, offsets, span) => {
    const needle = { construction, gapMm, sizeNm: 80 }
    expect(bladeOffsetsMm(needle)).toEqual(offsets)
    expect(outerSpanMm(needle)).toBe(span)
  })
})
