import { beforeEach, describe, expect, it } from 'vitest'
import { demoStores } from '~/../tests/unit/mounting'
import { type Press, useReasonPress } from './useReasonPress'

let { book, inHand }: Awaited<ReturnType<typeof demoStores>> = {} as never
beforeEach(async () => {
  ;({ book, inHand } = await demoStores())
})
const needleIn = () => inHand.parts.needle!
const pressOf = (code: string) =>
  useReasonPress(() => inHand.verdict.reasons.find(reason => reason.code === code)!).value
const press = (one: Press | null) => {
  if (!one || !('do' in one)) throw new Error('no press')
  one.do()
}
const bend = () =>
  book.commit('Bend', [{ table: 'needles', id: needleIn().id, record: { ...needleIn(), state: 'bent' } }])

describe('what a reason is mended with', () => {
  it('takes the first needle owned that mends it, and the reason is gone', () => {
    // A single needle: others like it are owned.
    inHand.update('Single', { needleId: 'demo-needle-80' })
    bend()
    const offered = pressOf('bent-needle')
    expect(offered?.label).toMatch(/^Take /)
    press(offered)
    expect(needleIn().state).toBe('good')
    expect(inHand.verdict.reasons.map(({ code }) => code)).not.toContain('bent-needle')
  })
  it('leads to what would have to be bought where none is owned', () => {
    bend()
    book.commit(
      'Use up',
      [...book.shelf.needles.values()]
        .filter(({ id }) => id !== needleIn().id)
        .map(record => ({ table: 'needles' as const, id: record.id, record: { ...record, count: 0 } })),
    )
    expect(pressOf('bent-needle')).toEqual({ label: 'To buy: another needle', to: '/pairing' })
  })
  it('shows the row of a band it speaks of, where another is looked at', () => {
    inHand.take('demo-piece-collarband')
    const { plan } = inHand.piece
    if (plan.kind !== 'band') throw new Error('not a band')
    const rows = plan.rows.map((row, i) =>
      i === 2 ? { ...row, needleId: 'demo-needle-40', widthMm: 7, stitchId: 'zigzag' } : row,
    )
    void inHand.change('Widen', { plan: { ...plan, rows } })
    const [worst] = inHand.verdict.reasons
    const shown = useReasonPress(() => worst!)
    expect(shown.value?.label).toBe('Show row 3')
    press(shown.value)
    expect(inHand.row).toBe(2)
    expect(shown.value?.label ?? '').not.toMatch(/^Show/)
  })
})
