import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import { useInHandStore } from '~/stores/inHand'
import { useBookStore } from '~/stores/book'
import { useShelf } from './useShelf'

/** The composable as a component has it. */
function shelf(): ReturnType<typeof useShelf> {
  let made: ReturnType<typeof useShelf>
  mount({
    setup: () => {
      made = useShelf()
    },
    render: () => null,
  })
  return made!
}
let book: ReturnType<typeof useBookStore>
beforeEach(async () => {
  setActivePinia(createPinia())
  book = useBookStore()
  await book.loadDemo()
})
const demoId = (table: 'machines' | 'needles' | 'threads' | 'cloths' | 'feet') =>
  demoBackup.records[table][0]!.id

/** Named pieces hold on to what they need. */
function dropPieces() {
  for (const id of book.shelf.pieces.keys()) book.commit('Delete', [{ table: 'pieces', id, record: null }])
}

describe('taking out what one owns', () => {
  it.each(['machines', 'needles', 'threads', 'feet', 'cloths'] as const)(
    'is refused for %s that named pieces need',
    table => {
      const id = [...book.shelf[table].keys()].find(key =>
        JSON.stringify([...book.shelf.pieces.values()]).includes(`"${key}"`),
      )!
      expect(shelf().remove(table, id, 'it')).toBe(false)
      expect(book.shelf[table].has(id)).toBe(true)
    },
  )

  it.each([
    ['machines', 'machineId'],
    ['needles', 'needleId'],
    ['feet', 'footId'],
    ['cloths', 'clothId'],
    ['threads', 'bobbinId'],
  ] as const)('takes it off the machine too: %s', (table, field) => {
    const inHand = useInHandStore()
    dropPieces()
    const id = demoId(table)
    inHand.update('Choose', { [field]: id })
    expect(shelf().remove(table, id, 'it')).toBe(true)
    expect(inHand.setup[field]).toBeNull()
    book.undo()
    expect(inHand.setup[field]).toBe(id)
  })

  it('leaves the other spools on when one thread goes', () => {
    const inHand = useInHandStore()
    dropPieces()
    const [a, b] = [...book.shelf.threads.keys()]
    inHand.update('Choose', { threadIds: { left: a!, middle: null, right: b! }, bobbinId: b! })
    shelf().remove('threads', a!, 'it')
    expect(inHand.setup).toMatchObject({ threadIds: { left: null, right: b }, bobbinId: b })
  })
})

describe('taking out several', () => {
  it('is one step of undo, and leaves what named pieces need', () => {
    const before = book.shelf.threads.size
    shelf().removeMany('threads', ['demo-thread-wine', 'demo-thread-market', 'demo-thread-rope'], 'threads')
    expect([...book.shelf.threads.keys()]).toContain('demo-thread-wine')
    expect(book.shelf.threads.size).toBe(before - 2)
    book.undo()
    expect(book.shelf.threads.size).toBe(before)
  })

  it('empties the bobbins of a thread that goes', () => {
    dropPieces()
    useInHandStore().update('Choose', { bobbinId: 'demo-thread-fine' })
    shelf().removeMany('threads', ['demo-thread-fine', 'demo-thread-navy'], 'threads')
    expect([...book.shelf.bobbins.values()].map(({ threadId, woundM }) => [threadId, woundM])).toEqual([
      [null, null],
      [null, null],
    ])
    expect(useInHandStore().setup.bobbinId).toBeNull()
  })
})
