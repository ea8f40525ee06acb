import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  COUNT_SYSTEMS,
  countsOf,
  isNominal,
  parseThreadLabel,
  shadeOf,
  texByWeighing,
  texOf,
  usualKindOf,
} from '#core/thread'

describe('counts', () => {
  // Source: ISO 1144, ISO 2947, ASTM D861 (from memory); ticket: ASTM D3823 (from memory); wt: common
  // practice.
  it.each([
    ['tex', 27, 1, 27],
    ['nm', 40, 1, 25],
    ['denier', 120, 1, 13.3333],
    ['denier', 120, 2, 26.6667],
    ['ne', 50, 2, 23.62],
    ['dtex', 110, 2, 22],
    ['ticket', 120, 1, 25],
    ['wt', 40, 1, 25],
    ['wt', 40, 2, 25],
    ['nm', 80, 2, 25],
  ] as const)('%s %d of %d plies', (system, value, plies, tex) =>
    expect(texOf(system, value, plies)).toBeCloseTo(tex, 3),
  )

  it('round-trips through every system', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...COUNT_SYSTEMS),
        fc.double({ min: 1, max: 4000, noNaN: true }),
        (system, tex) => {
          expect(texOf(system, countsOf(tex)[system])).toBeCloseTo(tex, 6)
        },
      ),
    )
  })

  it('runs up or down as the trade says: weight, Ne, Nm and ticket up is finer', () => {
    const [fine, thick] = [countsOf(10), countsOf(80)]
    for (const system of ['wt', 'ne', 'nm', 'ticket'] as const)
      expect(fine[system]).toBeGreaterThan(thick[system])
    for (const system of ['tex', 'dtex', 'denier'] as const) expect(fine[system]).toBeLessThan(thick[system])
    expect(COUNT_SYSTEMS.filter(isNominal)).toEqual(['wt', 'ticket'])
  })

  it('weighs a length', () => expect(texByWeighing(0.83, 10)).toBeCloseTo(83, 9))

  it.each([
    ['a value of nothing', () => texOf('tex', 0)],
    ['a negative count', () => texOf('wt', -40)],
    ['NaN', () => texOf('ne', Number.NaN)],
    ['no plies', () => texOf('ne', 50, 0)],
    ['half a ply', () => texOf('ne', 50, 1.5)],
    ['a rope', () => texOf('tex', 1e5)],
    ['nothing weighed', () => texByWeighing(0, 10)],
    ['no length', () => texByWeighing(1, 0)],
  ])('refuses %s', (_, act) => expect(act).toThrow(expect.objectContaining({ name: 'CoreError' })))
})

describe('parseThreadLabel', () => {
  it.each([
    ['120/2 den', 26.6667, 'label', null],
    ['50/2 Ne', 23.62, 'label', null],
    ['Ne 50/2 cotton', 23.62, 'label', 'cotton'],
    ['40 wt', 25, 'nominal', null],
    ['40wt Rayon', 25, 'nominal', 'rayon'],
    ['pearl No. 8', 125, 'nominal', 'pearl-cotton'],
    ['pearl 12', 83, 'nominal', 'pearl-cotton'],
    ['Tex 27', 27, 'label', null],
    ['27 tex', 27, 'label', null],
    ['Nm 80/2', 25, 'label', null],
    ['dtex 110x2', 22, 'label', null],
    ['110 / 2 dtex', 22, 'label', null],
    // Common practice: plies may stand first, behind the system, or in words.
    ['2/8 Ne', 147.625, 'label', null],
    ['3/9 Nm', 333.3333, 'label', null],
    ['2x120 den', 26.6667, 'label', null],
    ['110 dtex x 3', 33, 'label', null],
    ['110 dtex/2', 22, 'label', null],
    ['120D/2', 26.6667, 'label', null],
    ['120d', 13.3333, 'label', null],
    ['40 wt 2 ply', 25, 'nominal', null],
    ['40-wt', 25, 'nominal', null],
    ['T-40', 40, 'label', null],
    ['T40', 40, 'label', null],
    ['Tkt. 120', 25, 'nominal', null],
    ['Nm. 80/2', 25, 'label', null],
    ['R27 tex', 27, 'label', null],
    ['R 27 tex/2', 27, 'label', null],
    ['50s/2 Ne', 23.62, 'label', null],
    ['all-purpose polyester', 27, 'nominal', 'polyester'],
    ['５０/２ Ne', 23.62, 'label', null],
    ['50⁄2 Ne', 23.62, 'label', null],
    ['12 wt cotton', 83.3333, 'nominal', 'cotton'],
    ['tex 13,3 silk thread', 13.3, 'label', 'silk'],
  ] as const)('reads %s', (text, tex, basis, kind) => {
    const reading = parseThreadLabel(text)
    expect(reading).toMatchObject({ ok: true, count: { basis, kind } })
    if (reading.ok) expect(reading.count.tex).toBeCloseTo(tex, 3)
  })

  it.each([
    ['12', 'pearl', ['pearl', 'wt', 'tex', 'ticket']],
    ['50', 'wt', ['wt', 'tex', 'ticket']],
    ['16', 'tex', ['tex', 'wt']],
    ['50/2', 'ne', ['ne', 'nm', 'denier']],
    ['120/2', 'denier', ['denier', 'dtex', 'nm', 'ne']],
    ['2/20 cotton', 'ne', ['ne', 'nm', 'denier']],
    ['5,000 dtex', 'dtex', ['dtex', 'dtex']],
    ['Tex 27/2', 'tex', ['tex', 'tex']],
    ['40 wt 27 tex', 'wt', ['wt', 'tex']],
    ['No. 5', 'pearl', ['pearl', 'ne', 'ticket']],
    ['#12', 'pearl', ['pearl', 'ne', 'ticket']],
    ['size 12 cotton', 'pearl', ['pearl', 'ne', 'ticket']],
    ['No. 50', 'ne', ['ne', 'ticket']],
  ])('asks about %s, %s first', (text, first, systems) => {
    const reading = parseThreadLabel(text)
    if (reading.ok || reading.code !== 'ambiguous') throw new Error('should have asked')
    expect(reading.readings.map(({ system }) => system)).toEqual(systems)
    expect(reading.readings[0]!.system).toBe(first)
    expect(reading.message).toContain(reading.readings[1]!.said)
  })

  it.each([
    ['', 'empty'],
    ['velvet 40 wt', 'unknown-word', 'velvet'],
    ['cotton', 'no-count'],
    ['0 wt', 'bad-number', '0'],
    ['50/0 Ne', 'bad-number', '50/0'],
    ['1.2.3 tex', 'bad-number'],
    ['40 wt 50', 'two-counts', '50'],
    ['pearl 50', 'bad-number', '3, 5, 8, 12'],
    ['tex 99999', 'out-of-range'],
    ['R 99999 tex', 'out-of-range'],
    ['tex 99999/2', 'out-of-range'],
    ['thread', 'no-count'],
    ['2 ply', 'no-count'],
    ['-40 wt', 'unknown-word'],
    ['<b>40</b> wt', 'unknown-word'],
  ])('refuses “%s” as %s, naming the part and the forms', (text, code, part = 'Write 40 wt') => {
    expect(parseThreadLabel(text)).toMatchObject({
      ok: false,
      code,
      message: expect.stringContaining(part),
    })
  })

  it('says the tex of each reading it asks about', () => {
    const texes = (text: string) => {
      const reading = parseThreadLabel(text)
      return !reading.ok && reading.code === 'ambiguous' ? reading.readings.map(({ tex }) => tex) : []
    }
    expect(texes('5,000 dtex')).toEqual([500, 0.5])
    expect(texes('Tex 27/2')).toEqual([27, 54])
    expect(texes('40 wt 27 tex')).toEqual([25, 27])
  })

  it('never throws and never lets NaN out, whatever is typed', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.stringMatching(/^[\d./x#,½⁄ a-z-]{0,24}$/)), text => {
        const reading = parseThreadLabel(text)
        if (reading.ok) expect(reading.count.tex).toBeGreaterThan(0)
        else expect(reading.message.length).toBeGreaterThan(10)
      }),
    )
  })
})

describe('what a label is read as', () => {
  const read = (text: string) => parseThreadLabel(text)
  const said = (text: string) => {
    const reading = read(text)
    return reading.ok ? reading.count.said : reading.message
  }
  const systems = (text: string) => {
    const reading = read(text)
    if (reading.ok || reading.code !== 'ambiguous') throw new Error(`${text} is not ambiguous`)
    return reading.readings.map(({ system }) => system)
  }
  // The notation: common practice.
  it.each([
    ['tex 27', 'Tex 27: 27 tex'],
    ['dtex 110/2', 'dtex 110, 2 plies: 22 tex'],
    ['120/2 den', 'denier 120, 2 plies: 26.67 tex'],
    ['Nm 80/2', 'Nm 80, 2 plies: 25 tex'],
    ['50/2 Ne', 'Ne 50, 2 plies: 23.62 tex'],
    ['40 wt', '40 wt: 25 tex, nominal'],
    ['ticket 120', 'ticket 120: 25 tex, nominal'],
    ['Ne 50', 'Ne 50: 11.81 tex'],
  ])('“%s” is said back as “%s”', (text, words) => expect(said(text)).toBe(words))
  it('takes up to 24 plies', () => {
    expect(read('600/24 Ne').ok).toBe(true)
    expect(read('600/25 Ne')).toMatchObject({ ok: false, code: 'bad-number' })
  })
  // Which reading stands first: common practice.
  it.each([
    ['50/2', ['ne', 'nm', 'denier']],
    ['110/2', ['denier', 'dtex', 'nm', 'ne']],
    ['109/2', ['ne', 'nm', 'denier']],
    ['40', ['wt', 'tex', 'ticket']],
    ['27', ['tex', 'wt']],
    ['101', ['ticket', 'denier', 'dtex']],
    ['99', ['tex', 'wt']],
  ])('a bare “%s” may be %j', (text, expected) => expect(systems(text)).toEqual(expected))
  it('reads 12 of a cotton as a pearl ball or a count, of another fibre as a count alone', () => {
    expect(systems('12')).toEqual(['pearl', 'wt', 'tex', 'ticket'])
    expect(systems('12 cotton')[0]).toBe('pearl')
    expect(systems('12 rayon')).not.toContain('pearl')
  })
  it('cuts what it does not understand to what fits a line', () => {
    expect(said('x'.repeat(90))).toContain(`“${'x'.repeat(40)}” is not`)
    const [long, other] = ['1'.repeat(30), '2'.repeat(30)]
    expect(said(`${long} ${other}`)).toContain(`“${long.slice(0, 20)}” and “${other.slice(0, 20)}” both`)
    expect(said(`${long}.${long}.${long}`)).toContain(`“${`${long}.`.slice(0, 20)}” is not a count`)
  })
  it('is outside every thread where no system makes one of it', () =>
    expect(read('0.001')).toMatchObject({ ok: false, code: 'out-of-range' }))
  it('is cotton by its Ne, what it names by its name, else polyester', () => {
    expect(usualKindOf({ kind: null, system: 'ne' })).toBe('cotton')
    expect(usualKindOf({ kind: null, system: 'wt' })).toBe('polyester')
    expect(usualKindOf({ kind: 'silk', system: 'ne' })).toBe('silk')
  })
})

describe('words beside the count', () => {
  it.each([
    ['pearl cotton 12', 'pearl-cotton', 83],
    ['cotton pearl 8', 'pearl-cotton', 125],
    ['white cotton 50 wt', 'cotton', 20],
    ['dark navy 40 wt rayon', 'rayon', 25],
    ['gold metallic 40 wt', 'metallic', 25],
  ])('of %s are a colour or a fibre', (text, kind, tex) => {
    const reading = parseThreadLabel(text)
    expect(reading).toMatchObject({ ok: true, count: { kind } })
    if (reading.ok) expect(Math.round(reading.count.tex)).toBe(tex)
  })
  it('say what it is made of where no count does', () => {
    expect(parseThreadLabel('Gold metallic')).toMatchObject({ code: 'no-count', kind: 'metallic' })
    expect(parseThreadLabel('white')).toMatchObject({ code: 'no-count', kind: null })
    expect(shadeOf('Gold metallic')).not.toBeNull()
    expect(shadeOf('Metallic')).toBeNull()
  })
})
