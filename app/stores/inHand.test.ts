import { UNKNOWN_MACHINE } from '#shared/records'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { findStitch, type StitchSetting } from '#core/stitch'
import { useInHandStore } from './inHand'
import { useBookStore } from './book'
import { useHandWalksStore } from './handWalks'
import { useHandwheelStore } from './handwheel'
import { useSettingsStore } from './settings'
import { usePutInNeedle } from '~/composables/usePutInNeedle'

const ATTIC = { id: 'attic', name: 'Attic seven', ...UNKNOWN_MACHINE }
const stitch = (id: string) => findStitch(id)!
const zigzag = (over: Partial<StitchSetting>) =>
  inHand.update('Zigzag', { stitch: { ...inHand.setup.stitch, stitchId: 'zigzag', ...over } })
let book: ReturnType<typeof useBookStore>
let inHand: ReturnType<typeof useInHandStore>
let handwheel: ReturnType<typeof useHandwheelStore>
let handWalks: ReturnType<typeof useHandWalksStore>
let settings: ReturnType<typeof useSettingsStore>
let putInNeedle: ReturnType<typeof usePutInNeedle>['putInNeedle']

beforeEach(() => {
  setActivePinia(createPinia())
  book = useBookStore()
  inHand = useInHandStore()
  handwheel = useHandwheelStore()
  handWalks = useHandWalksStore()
  settings = useSettingsStore()
  ;({ putInNeedle } = usePutInNeedle())
})
function fitTwin(gapMm = 2.5): void {
  book.commit('Add', [{ table: 'machines', id: ATTIC.id, record: ATTIC }])
  inHand.update('Choose', { machineId: ATTIC.id })
  putInNeedle({ construction: 'twin', gapMm, sizeNm: 80, type: 'universal' })
}

describe('the current setup', () => {
  it('has no verdict until machine and needle are there', () => {
    expect(inHand.result).toBeNull()
    expect(inHand.verdict).toMatchObject({ verdict: 'clear', swing: null, reasons: [] })
    fitTwin()
    // Common practice: widest stitch less gap; a straight seam of a 2.5 twin fits a 7 mm machine.
    expect(inHand.result?.verdict).toBe('clear')
  })

  it('takes a stitch at its usual width, or at the safe width where that is less', () => {
    fitTwin(2.5)
    inHand.chooseStitch({ ...stitch('zigzag'), defaultWidthMm: 3 })
    expect(inHand.setup.stitch.widthMm).toBe(3)
    inHand.chooseStitch({ ...stitch('zigzag'), defaultWidthMm: 6 })
    // 7 − 2.5 − 0.5
    expect(inHand.setup.stitch.widthMm).toBe(4)
    expect(inHand.result?.verdict).toBe('clear')
  })

  it('moves the needle to where it is clear, and no farther', () => {
    fitTwin(2)
    zigzag({ widthMm: 4, lengthMm: 2, positionMm: 2 })
    expect(inHand.result?.verdict).toBe('strikes')
    inHand.moveToClear()
    // 2 right + 2 + 1 lands at 5.0; 3.5 less half the margin is 3.25.
    expect(inHand.setup.stitch.positionMm).toBe(0.25)
    expect(inHand.result?.verdict).toBe('clear')
    const { positionMm } = inHand.setup.stitch
    inHand.moveToClear()
    expect(inHand.setup.stitch.positionMm).toBe(positionMm)
  })

  it('narrows a struck width to the safe one, rounded down', () => {
    fitTwin(2.55)
    zigzag({ widthMm: 6, lengthMm: 2 })
    expect(inHand.result?.verdict).toBe('strikes')
    inHand.useSafeWidth()
    expect(inHand.setup.stitch.widthMm).toBe(3.9)
    expect(inHand.result?.verdict).toBe('clear')
  })

  it('buys a needle once, however often it is put in', () => {
    fitTwin()
    putInNeedle({ construction: 'twin', gapMm: 4, sizeNm: 90, type: 'jeans' })
    putInNeedle({ construction: 'twin', gapMm: 2.5, sizeNm: 80, type: 'universal' })
    expect(book.shelf.needles.size).toBe(2)
    expect(inHand.parts.needle?.gapMm).toBe(2.5)
    expect(book.undo()?.label).toBe('Put in 2.5/80')
    expect(inHand.parts.needle?.gapMm).toBe(4)
  })

  it('keeps the handwheel on a drop that exists', () => {
    fitTwin()
    inHand.chooseStitch({ ...stitch('honeycomb') })
    handwheel.drop = 5
    zigzag({})
    expect(handwheel.drop).toBeLessThan(handwheel.clearances.length)
    inHand.chooseStitch({ ...stitch('straight') })
    expect(handwheel.drop).toBe(0)
  })
})

describe('the hand-walk', () => {
  const walk = () => handWalks.log(new Date('2026-03-01T10:00:00Z'))
  beforeEach(() => {
    fitTwin()
    inHand.chooseStitch({ ...stitch('zigzag') })
  })

  it('is remembered for this very combination', () => {
    expect(handWalks.latest).toBeNull()
    walk()
    expect(handWalks.latest).toMatchObject({
      walkedAt: '2026-03-01T10:00:00.000Z',
      summary: expect.stringContaining('Attic seven'),
    })
  })

  it.each([
    ['width', () => inHand.setStitch({ widthMm: 1 })],
    ['stitch length', () => inHand.setStitch({ lengthMm: 3.3 })],
    ['mirror', () => inHand.setStitch({ mirror: true })],
    ['plate', () => inHand.update('Plate', { plate: 'single-hole' })],
    ['needle', () => putInNeedle({ construction: 'twin', gapMm: 2, sizeNm: 80, type: 'universal' })],
    [
      'machine’s widest stitch',
      () => book.commit('Change', [{ table: 'machines', id: 'attic', record: { ...ATTIC, maxWidthMm: 9 } }]),
    ],
  ])('is asked for again when the %s changes, and stands when that is taken back', (_, change) => {
    walk()
    change()
    expect(handWalks.latest).toBeNull()
    book.undo()
    expect(handWalks.latest).not.toBeNull()
  })
})

describe('schools', () => {
  it('change the margin and with it the safe width', () => {
    fitTwin()
    inHand.chooseStitch({ ...stitch('zigzag') })
    expect(inHand.result?.safeWidthMm).toBeCloseTo(4, 9)
    settings.changeSchools({ margin: 'bare' })
    expect(inHand.result?.safeWidthMm).toBeCloseTo(4.5, 9)
    settings.changeSchools({ margin: 'own', ownMarginMm: 0.7 })
    expect(inHand.result?.safeWidthMm).toBeCloseTo(3.8, 9)
  })
})
