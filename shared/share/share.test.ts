import { deflate } from 'pako'
import * as fc from 'fast-check'
import jsQR from 'jsqr'
import { describe, expect, it } from 'vitest'
import { qrMark } from '#core/paper'
import { readBackup, writeBackup } from '#shared/backup'
import { demoBackup } from '#shared/demo'
import { type AnyRecord, emptyTables, type TableName, type Tables } from '#shared/records'
import { MOST_SHARE_CHARACTERS, packShare, readShare, shareLink, shareOf } from '#shared/share'

const book = Object.fromEntries(
  Object.entries(demoBackup.records).map(([table, list]) => [
    table,
    new Map((list as AnyRecord[]).map(record => [record.id, record])),
  ]),
) as unknown as Tables
const AT = '2026-05-20T20:00:00Z'
const shared = (table: TableName, id: string) => shareOf([{ table, id }], book, AT)
const swatch = shared('swatches', 'demo-swatch-2')
const plan = shared('pieces', 'demo-plan-collar')

describe('a share', () => {
  it('holds a record with everything it points at, and comes in whole in an empty book', () => {
    for (const table of ['swatches', 'pieces', 'projects'] as const)
      for (const { id } of demoBackup.records[table]) {
        const share = shared(table, id)
        const reading = readShare(packShare(share), emptyTables())
        if (!reading.ok) throw new Error(reading.message)
        expect(reading.preview.refused).toEqual([])
        const { record } = reading.preview.added.find(one => one.record.id === id)!
        expect(record).toEqual(book[table].get(id))
      }
  })
  it('says what differs from what one owns, and what is the same', () => {
    const own = new Map(book.machines)
    own.set('demo-machine-attic', { ...own.get('demo-machine-attic')!, name: 'My own attic' } as AnyRecord)
    const reading = readShare(packShare(plan), { ...book, machines: own, pieces: new Map() })
    if (!reading.ok) throw new Error(reading.message)
    expect(reading.preview.added.map(({ record }) => record.id)).toEqual(['demo-plan-collar'])
    expect(reading.preview.changed.map(({ record }) => record.id)).toEqual(['demo-machine-attic'])
  })
  it('is read in small letters too, as some programs write a link', () => {
    const link = shareLink('http://127.0.0.1:3000', plan).toLowerCase()
    expect(readShare(link, book)).toMatchObject({ ok: true })
  })
  it('tells the unit of its sender, and none where it tells nonsense or comes from before', () => {
    const inInches = { ...book.settings.get('settings')!, unit: 'inch' } as AnyRecord
    const inches = shareOf([], { ...book, settings: new Map([['settings', inInches]]) }, AT)
    expect(readShare(packShare(inches), emptyTables())).toMatchObject({ ok: true, unit: 'inch' })
    expect(readShare(packShare(plan), emptyTables())).toMatchObject({ ok: true, unit: 'mm' })
    const { unit: _, ...older } = plan
    for (const told of [older, { ...plan, unit: 'furlong' }])
      expect(readBackup(JSON.stringify(told), emptyTables())).toMatchObject({ ok: true, unit: null })
  })
  it('leaves photos at home', () => {
    const own = { ...demoBackup.records.swatches[0]!, photos: { front: 'p1', back: null } } as AnyRecord
    const packed = shareOf([], book, AT, [{ table: 'swatches', record: own }])
    expect(packed.records.swatches![0]).toMatchObject({ photos: { front: null, back: null } })
  })
  it('reads the same however it is packed: the link, or what stands after its mark', () => {
    const link = shareLink('http://127.0.0.1:3000', plan)
    expect(link).toMatch(/^HTTP:\/\/127\.0\.0\.1:3000\/OPEN#LS1[A-Z2-7]+$/)
    expect(readShare(link, emptyTables())).toEqual(readShare(packShare(plan), emptyTables()))
  })
})

describe('what is refused', () => {
  const codeOf = (text: string) => {
    const reading = readShare(text, emptyTables())
    return reading.ok ? 'ok' : reading.code
  }
  const huge = deflate(new Uint8Array(5_000_000), { level: 9 })
  it.each([
    ['nothing', 'http://x/open#', 'empty'],
    ['a link from elsewhere', 'https://elsewhere.example/#watch=1', 'not-ours'],
    ['words', 'hello', 'not-ours'],
    ['a later way of packing', 'LS9ABCDEF', 'newer'],
    ['too many letters', `LS1${'A'.repeat(MOST_SHARE_CHARACTERS)}`, 'too-large'],
    ['letters of no alphabet', 'LS1abc!', 'damaged'],
    ['all but its last letters', packShare(plan).slice(0, -4), 'damaged'],
    ['half of it', packShare(plan).slice(0, 200), 'damaged'],
  ])('%s', (_, text, code) => expect(codeOf(text)).toBe(code))
  it('something that unpacks to far too much', async () => {
    const { base32nopad } = await import('@scure/base')
    expect(codeOf(`LS1${base32nopad.encode(huge)}`)).toBe('damaged')
  })
  it('one letter read wrongly, wherever it stands', () => {
    const packed = packShare(swatch)
    const whole = readShare(packed, emptyTables())
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: packed.length - 1 }),
        fc.constantFrom(...'ABKZ27'),
        (at, letter) => {
          fc.pre(packed[at] !== letter)
          const reading = readShare(packed.slice(0, at) + letter + packed.slice(at + 1), emptyTables())
          // Some bits say nothing: behind the last word, and in the last letter.
          if (reading.ok) expect(reading).toEqual(whole)
          else expect(reading.code).toBe('damaged')
        },
      ),
    )
  })
  it('any text at all, without a crash', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), text => {
        for (const tried of [text, `#${text}`, `LS1${text.toUpperCase()}`])
          expect(['empty', 'too-large', 'not-ours', 'newer', 'damaged']).toContain(codeOf(tried))
      }),
    ))
})

/** A code as a picture: `px` pixels a millimetre, as a phone would see it on paper. */
function pictureOf(words: string, sideMm: number, px: number) {
  const mark = qrMark(words, 0, 0, sideMm)
  if (mark?.kind !== 'path') return null
  const side = Math.round(sideMm * px)
  const data = new Uint8ClampedArray(side * side * 4).fill(255)
  for (let i = 0; i < mark.steps.length; i += 5) {
    const [[, left, top], , [, right, foot]] = [mark.steps[i]!, 0, mark.steps[i + 2]!] as unknown as [
      [string, number, number],
      number,
      [string, number, number],
    ]
    for (let y = Math.round(top * px); y < Math.round(foot * px); y++)
      for (let x = Math.round(left * px); x < Math.round(right * px); x++)
        data.fill(0, 4 * (y * side + x), 4 * (y * side + x) + 3)
  }
  return { data, side }
}

describe('a code, read back by another package', () => {
  const readAt = (words: string, sideMm: number, px: number) => {
    const picture = pictureOf(words, sideMm, px)
    return picture && (jsQR(picture.data, picture.side, picture.side)?.data ?? 'not read')
  }
  it('says the whole swatch at the size of the label', () => {
    for (const { id } of demoBackup.records.swatches) {
      const link = shareLink('http://192.168.178.20:3000', shared('swatches', id))
      // A photo from a hand away: 16 pixels a millimetre.
      expect(readAt(link, 36, 16)).toBe(link)
    }
  })
  it('says the whole plan at the size of the card', () => {
    for (const { id } of demoBackup.records.pieces) {
      const link = shareLink('http://192.168.178.20:3000', shared('pieces', id))
      expect(readAt(link, 44, 16)).toBe(link)
    }
  })
  it('is none where so much would be too fine to read', () => {
    const all = shareLink('http://x', { ...writeBackup(book, AT), unit: 'mm' })
    expect(qrMark(all, 0, 0, 30)).toBeNull()
    expect(qrMark('A'.repeat(3000), 0, 0, 20)).toBeNull()
  })
})

describe('a project in a file', () => {
  it('is refused whole where a piece it needs points at nothing', () => {
    const share = shared('projects', 'demo-project-jacket')
    const without = { ...share, records: { ...share.records, threads: [] } }
    const reading = readBackup(JSON.stringify(without), emptyTables())
    if (!reading.ok) throw new Error(reading.message)
    expect(reading.preview.added.some(({ table }) => table === 'projects')).toBe(false)
    expect(reading.preview.refused.map(({ table }) => table)).toContain('projects')
  })
})
