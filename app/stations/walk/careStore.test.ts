import { beforeEach, describe, expect, it } from 'vitest'
import { demoStores } from '~/../tests/unit/mounting'
import { useCareStore } from './careStore'
import { useWalkStore } from './store'

const at = (time: string) => new Date(`2026-06-01T${time}:00Z`)
let book: Awaited<ReturnType<typeof demoStores>>['book']
let inHand: Awaited<ReturnType<typeof demoStores>>['inHand']
let care: ReturnType<typeof useCareStore>
beforeEach(async () => {
  ;({ book, inHand } = await demoStores())
  care = useCareStore()
})
const needle = () => inHand.parts.needle!

describe('sewing time', () => {
  it('goes to the needle in hand, with what it sewed', () => {
    const before = needle().hoursSewn ?? 0
    care.startSession(at('18:00'))
    const { hours, doubt } = care.sessionSoFar(at('19:30'))!
    expect({ hours, doubt }).toEqual({ hours: 1.5, doubt: null })
    care.addTime(hours, 0, 'timer', at('19:30'))
    expect(needle().hoursSewn).toBeCloseTo(before + 1.5, 6)
    expect(care.runningSince).toBeNull()
    expect([...book.shelf.needleTimes.values()].at(-1)).toMatchObject({
      hours: 1.5,
      source: 'timer',
      machineId: inHand.setup.machineId,
      sewn: { metallic: true, felt: false },
    })
  })
  it('is never less than none when the clock was set back', () => {
    care.startSession(at('18:00'))
    expect(care.sessionSoFar(at('17:00'))).toEqual({ hours: 0, doubt: 'clock went back' })
  })
  it('runs on over a restart, and is dropped without a count', () => {
    const before = needle().hoursSewn
    care.startSession(at('18:00'))
    expect(book.shelf.machineStates.get(inHand.setup.machineId!)!.sewingSince).toBe(at('18:00').toISOString())
    care.dropSession()
    expect(care.sessionSoFar(at('19:00'))).toBeNull()
    expect(needle().hoursSewn).toBe(before)
  })
  it('counts fused blocks, and remembers them', () => {
    care.addTime(0.2, 3, 'typed', at('18:00'))
    expect(needle()).toMatchObject({ blocksSewn: 3, seen: { fusible: true } })
  })
})

describe('a needle swapped', () => {
  it('closes its count, leaves one less, and must be fitted', () => {
    const old = needle()
    care.swap(old, 'hours', at('18:00'))
    expect(care.ends[0]).toMatchObject({ needleId: old.id, hours: old.hoursSewn, why: 'hours' })
    expect(needle()).toMatchObject({
      count: old.count - 1,
      state: 'good',
      blocksSewn: 0,
      seen: { metallic: false },
    })
    expect(book.shelf.machineStates.get(inHand.setup.machineId!)!.state.needleId).toBeNull()
    expect(useWalkStore().held.has('needle-in')).toBe(false)
  })
  it('leaves none where it was the last, and is undone whole', () => {
    const old = { ...needle(), count: 1 }
    book.commit('One left', [{ table: 'needles', id: old.id, record: old }])
    care.swap(old, 'broken', at('18:00'))
    expect(needle()).toMatchObject({ count: 0, hoursSewn: null })
    expect(care.needles.some(({ needle: { id } }) => id === old.id)).toBe(false)
    book.undo()
    expect(needle()).toEqual(old)
    expect(care.ends.every(({ needleId }) => needleId !== old.id)).toBe(true)
  })
})

describe('care', () => {
  it('shows the most urgent needle first', () => {
    expect(care.needles[0]!.life.advice).toBe('now')
    expect(care.needles.map(({ life }) => life.advice)).toEqual(
      [...care.needles.map(({ life }) => life.advice)].sort(
        (a, b) =>
          ['now', 'soon', 'fine', 'not counted'].indexOf(a)
          - ['now', 'soon', 'fine', 'not counted'].indexOf(b),
      ),
    )
  })
  it('asks to clean after pearl on felt, until it is cleaned', () => {
    expect(care.prompts.map(({ code }) => code)).toEqual(expect.arrayContaining(['pearl', 'felt']))
    care.cared('cleanedAt', at('18:00'))
    expect(care.prompts.map(({ code }) => code)).not.toContain('pearl')
    expect(care.onMachine!.cleanedAt).toBe(at('18:00').toISOString())
  })
  it('asks nothing without a machine', () => {
    inHand.update('None', { machineId: null })
    expect(care.prompts).toEqual([])
    care.startSession(at('18:00'))
    expect(care.runningSince).toBeNull()
  })
})
