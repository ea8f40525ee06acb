import { describe, expect, it } from 'vitest'
import type { Bobbin, Thread } from '#shared/records'
import { contrastBobbinOf } from '#shared/inputs'
import { demoTables } from '../../tests/unit/demoTables'

const [someThread] = demoTables.threads.values()
const [someBobbin] = demoTables.bobbins.values()
const thread = (id: string, hex: string, tex = 27): Thread => ({
  ...someThread!,
  id,
  name: id,
  kind: 'polyester',
  tex,
  colours: [{ hex, runMm: 1 }],
})
const threads = new Map(
  [
    thread('navy', '#1f2d4d'),
    thread('navy too', '#202e4c'),
    thread('red', '#b3202e'),
    thread('red, heavy', '#b3202e', 80),
  ].map(one => [one.id, one]),
)
const wound = (...ids: string[]) =>
  new Map(ids.map(id => [id, { ...someBobbin!, id, name: `Bobbin of ${id}`, threadId: id } satisfies Bobbin]))
const ask = (bobbinId: string | null, bobbins = wound()) =>
  contrastBobbinOf({ bobbinId }, [threads.get('navy')!], { threads, bobbins })

describe('a bobbin to tell the threads apart', () => {
  it('is not wanted where they look different, or nobody knows', () => {
    expect(ask('red')).toEqual({ looksAlike: false, wound: null })
    expect(ask(null)).toEqual({ looksAlike: false, wound: null })
  })
  it('is one that is wound, as heavy and of another colour', () =>
    expect(ask('navy too', wound('navy', 'red, heavy', 'red'))).toEqual({
      looksAlike: true,
      wound: { threadId: 'red', name: 'red', bobbinName: 'Bobbin of red' },
    }))
  it('is only said where none is wound', () =>
    expect(ask('navy', wound('navy too', 'red, heavy'))).toEqual({ looksAlike: true, wound: null }))
})
