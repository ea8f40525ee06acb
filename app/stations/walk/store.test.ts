import { beforeEach, describe, expect, it } from 'vitest'
import { demoStores } from '~/../tests/unit/mounting'
import { usePutBackStore } from './putBackStore'
import { useWalkStore } from './store'

const NOW = new Date('2026-06-01T18:00:00Z')
let book: Awaited<ReturnType<typeof demoStores>>['book']
let inHand: Awaited<ReturnType<typeof demoStores>>['inHand']
let walk: ReturnType<typeof useWalkStore>
let put: ReturnType<typeof usePutBackStore>
beforeEach(async () => {
  ;({ book, inHand } = await demoStores())
  walk = useWalkStore()
  put = usePutBackStore()
})
const step = (id: string) => walk.walk.steps.find(one => one.id === id)!
const tickAll = () => walk.walk.steps.forEach(one => walk.held.has(one.id) || walk.tick(one, NOW))
const ids = () => walk.walk.steps.map(({ id }) => id)

describe('ticking', () => {
  it('resumes the evening’s walk at the first open step', () => {
    expect(walk.done).toBe(10)
    expect(walk.walk.steps[walk.index]!.instruction).toMatch(/^Right thread/)
  })
  it('goes on to the next open step, and comes back to one unticked', () => {
    const from = walk.index
    walk.tick(walk.walk.steps[from]!, NOW)
    expect(walk.index).toBe(from + 1)
    walk.untick(walk.walk.steps[2]!, NOW)
    expect(walk.index).toBe(2)
  })
  it('is undone like any other change', () => {
    const first = walk.walk.steps[walk.index]!
    walk.tick(first, NOW)
    expect(book.undo()?.label).toBe(`Tick “${first.instruction}”`)
    expect(walk.held.has(first.id)).toBe(false)
  })
  it('keeps where one looks without a step of undo', () => {
    walk.goTo(14)
    expect(walk.record!.at).toBe(ids()[14])
    expect(walk.index).toBe(14)
    expect(book.undo()?.label).toBe('Load the demo')
  })
  it('needs a machine', () => {
    inHand.update('None', { machineId: null })
    expect(walk.record).toBeNull()
    walk.tick(walk.walk.steps[0]!, NOW)
    walk.startOver(NOW)
    expect(walk.done).toBe(0)
  })
})

describe('a walk done to the end', () => {
  it('is logged once with date and setup, and its hand-walk is station 1’s', () => {
    const before = book.shelf.handWalks.size
    tickAll()
    expect(walk.finished).toBe(true)
    expect(walk.record).toMatchObject({
      finishedAt: NOW.toISOString(),
      setup: { machineId: inHand.setup.machineId, needleId: inHand.setup.needleId },
    })
    expect(useHandWalksStore().latest?.walkedAt).toBe(NOW.toISOString())
    expect(book.shelf.handWalks.size).toBe(before + 1)
    expect(walk.log[0]!.id).toBe(walk.record!.id)
  })
  it('stays finished when one looks back at its steps', () => {
    tickAll()
    walk.goTo(3)
    expect(walk.finished).toBe(true)
  })
  it('is not finished where the setup is incomplete', () => {
    inHand.update('No bobbin', { bobbinId: null })
    tickAll()
    expect(walk.finished).toBe(false)
    expect(walk.record!.finishedAt).toBeNull()
  })
  it('takes a hand-walk logged at station 1 for its own, and takes it back with the tick', () => {
    useHandWalksStore().log(NOW)
    // Its tick rests on the needle, which is in.
    expect(walk.held.has('hand-walk')).toBe(true)
    walk.untick(step('hand-walk'), NOW)
    expect(useHandWalksStore().latest).toBeNull()
  })
})

describe('another setup', () => {
  beforeEach(tickAll)
  it('keeps the ticks that still hold and re-opens those that do not', () => {
    inHand.update('Red', { threadIds: { ...inHand.setup.threadIds, left: 'demo-thread-wine' } })
    expect(walk.held.has('needle-in')).toBe(true)
    expect(ids().filter(id => !walk.held.has(id) && /left/.test(id)).length).toBeGreaterThan(0)
    expect(walk.finished).toBe(false)
    tickAll()
    expect(walk.finished).toBe(true)
  })
  it('begins afresh on request, with the machine as it is', () => {
    walk.startOver(NOW)
    expect(walk.done).toBe(1) // the hand-walk of this combination
    expect(put.open.length).toBeGreaterThan(0)
  })
  it('has a walk of its own on another machine', () => {
    inHand.update('Pantry', { machineId: 'demo-machine-pantry' })
    expect(walk.record?.machineId).toBe('demo-machine-pantry')
    expect(walk.finished).toBe(false)
  })
})

describe('putting back', () => {
  beforeEach(tickAll)
  const open = () => put.open.map(({ part }) => part)
  it('lists what the walk changed, and nothing once all is undone', () => {
    expect(open()).toEqual(expect.arrayContaining(['twin-mode', 'needle', 'tension']))
    put.putBack(inHand.setup.machineId!, put.open)
    expect(put.open).toEqual([])
    // What is out again must be fitted again.
    expect(walk.held.has('needle-in')).toBe(false)
  })
  it('keeps the rest open when one is ticked, and brings it back by undo', () => {
    const [first, ...rest] = put.open
    put.putBack(inHand.setup.machineId!, [first!])
    expect(open()).toEqual(rest.map(({ part }) => part))
    book.undo()
    expect(open()).toContain(first!.part)
  })
  it('forgets with the power what the machine forgets', () => {
    const machine = inHand.setup.machineId!
    expect(put.whatOffDoes(machine).forgets.join()).toMatch(/twin mode/i)
    put.switchedOff(machine)
    expect(open()).not.toContain('twin-mode')
    expect(open()).toContain('needle')
  })
  it('takes the piece in hand for what is on the machine, set up without the walk', () => {
    inHand.update('Pantry', { machineId: 'demo-machine-pantry' })
    expect(put.open).toEqual([])
    put.takeBench()
    expect(open()).toContain('needle')
    expect(put.elsewhere.map(({ machine }) => machine.id)).toContain('demo-machine-attic')
  })
})
