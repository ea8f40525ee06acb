import { describe, expect, it } from 'vitest'
import {
  describeNeedle,
  needleHeading,
  needleLabel,
  needleName,
  needleNameAndType,
  needleSearchText,
  needleTag,
} from '#core/needle'

const SINGLE = { construction: 'single', gapMm: 0, sizeNm: 80, type: 'universal' } as const
const TWIN = { construction: 'twin', gapMm: 2, sizeNm: 90, type: 'jeans' } as const
const TRIPLE = { construction: 'triple', gapMm: 2.5, sizeNm: 80, type: 'universal' } as const

describe('a needle’s name', () => {
  it.each([
    [SINGLE, '80/12', '80/12', '80/12', 'Single 80/12'],
    [TWIN, '2.0/90', 'twin 2.0/90', '2.0/90', 'Twin 2.0/90'],
    [TRIPLE, '2.5/80', 'triple 2.5/80', 'triple 2.5/80', 'Triple 2.5/80'],
  ])('is said of $0.construction as each place wants it', (needle, label, name, tag, heading) => {
    expect(needleLabel(needle)).toBe(label)
    expect(needleName(needle)).toBe(name)
    expect(needleTag(needle)).toBe(tag)
    expect(needleHeading(needle)).toBe(heading)
    expect(needleNameAndType(needle)).toBe(`${name} ${needle.type}`)
  })

  it('is found by its construction, a single one’s too', () => {
    expect(needleSearchText(SINGLE)).toBe('single 80/12 universal')
    expect(needleSearchText(TWIN)).toBe('twin 2.0/90 jeans')
  })

  it('is said back in full with the pair on the other scale', () => {
    expect(describeNeedle(TWIN)).toBe('Twin, gap 2.0, size 90/14, jeans')
    expect(describeNeedle({ ...SINGLE, sizeNm: 77 })).toBe('Single, size 77, universal')
  })
})
