// @vitest-environment happy-dom
import { UNKNOWN_MACHINE } from '#shared/records'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { findStitch, type StitchSetting } from '#core/stitch'
import { useBenchStore } from './bench'
import { useBookStore } from './book'
import { useHandWalksStore } from './handWalks'
import { useHandwheelStore } from './handwheel'
import { useSettingsStore } from './settings'
import { usePutInNeedle } from '~/composables/usePutInNeedle'

const ATTIC = { id: 'attic', name: 'Attic seven', ...UNKNOWN_MACHINE }
const stitch = (id: string) => findStitch(id)!
const zigzag = (over: Partial<StitchSetting>) =>
  bench.update('Zigzag', { stitch: { ...bench.setup.stitch, stitchId: 'zigzag', ...over } })
let book: ReturnType<typeof useBookStore>
let bench: ReturnType<typeof useBenchStore>
let handwheel: ReturnType<typeof useHandwheelStore>
let handWalks: ReturnType<typeof useHandWalksStore>
let settings: ReturnType<typeof useSettingsStore>
let putInNeedle: ReturnType<typeof usePutInNeedle>['putInNeedle']

beforeEach(() => {
  setActivePinia(createPinia())
  book = useBookStore()
  bench = useBenchStore()
  handwheel = useHandwheelStore()
  handWalks = useHandWalksStore()
  settings = useSettingsStore()
  ;({ putInNeedle } = usePutInNeedle())
})
function fitTwin(gapMm = 2.5): void {
  book.commit('Add', [{ table: 'machines', id: ATTIC.id, record: ATTIC }])
  bench.update('Choose', { machineId: ATTIC.id })
  putInNeedle({ construction: 'twin', gapMm, sizeNm: 80, type: 'universal' })
}

describe('the current setup', () => {
  it('has no verdict until machine and needle are there', () => {
    expect(bench.result).toBeNull()
    expect(bench.verdict).toMatchObject({ verdict: 'clear', swing: null, reasons: [] })
    fitTwin()
    // Common practice: widest stitch less gap; a straight seam of a 2.5 twin fits a 7 mm machine.
    expect(bench.result?.verdict).toBe('clear')
  })

  it('takes a stitch at its usual width, or at the safe width where that is less', () => {
    fitTwin(2.5)
    bench.chooseStitch({ ...stitch('zigzag'), defaultWidthMm: 3 })
    expect(bench.setup.stitch.widthMm).toBe(3)
    bench.chooseStitch({ ...stitch('zigzag'), defaultWidthMm: 6 })
    // 7 − 2.5 − 0.5
    expect(bench.setup.stitch.widthMm).toBe(4)
    expect(bench.result?.verdict).toBe('clear')
  })

  it('moves the needle to where it is clear, and no farther', () => {
    fitTwin(2)
    zigzag({ widthMm: 4, lengthMm: 2, positionMm: 2 })
    expect(bench.result?.verdict).toBe('strikes')
    bench.moveToClear()
    // 2 right + 2 + 1 lands at 5.0; 3.5 less half the margin is 3.25.
    expect(bench.setup.stitch.positionMm).toBe(0.25)
    expect(bench.result?.verdict).toBe('clear')
    const { positionMm } = bench.setup.stitch
    bench.moveToClear()
    expect(bench.setup.stitch.positionMm).toBe(positionMm)
  })

  it('narrows a struck width to the safe one, rounded down', () => {
    fitTwin(2.55)
    zigzag({ widthMm: 6, lengthMm: 2 })
    expect(bench.result?.verdict).toBe('strikes')
    bench.useSafeWidth()
    expect(bench.setup.stitch.widthMm).toBe(3.9)
    expect(bench.result?.verdict).toBe('clear')
  })

  it('buys a needle once, however often it is put in', () => {
    fitTwin()
    putInNeedle({ construction: 'twin', gapMm: 4, sizeNm: 90, type: 'jeans' })
    putInNeedle({ construction: 'twin', gapMm: 2.5, sizeNm: 80, type: 'universal' })
    expect(book.shelf.needles.size).toBe(2)
    expect(bench.parts.needle?.gapMm).toBe(2.5)
    expect(book.undo()?.label).toBe('Put in 2.5/80')
    expect(bench.parts.needle?.gapMm).toBe(4)
  })

  it('keeps the handwheel on a drop that exists', () => {
    fitTwin()
    bench.chooseStitch({ ...stitch('honeycomb') })
    handwheel.drop = 5
    zigzag({})
    expect(handwheel.drop).toBeLessThan(handwheel.clearances.length)
    bench.chooseStitch({ ...stitch('straight') })
    expect(handwheel.drop).toBe(0)
  })
})

describe('the hand-walk', () => {
  const walk = () => handWalks.log(new Date('2026-03-01T10:00:00Z'))
  beforeEach(() => {
    fitTwin()
    bench.chooseStitch({ ...stitch('zigzag') })
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
    ['width', () => bench.setStitch({ widthMm: 1 })],
    ['stitch length', () => bench.setStitch({ lengthMm: 3.3 })],
    ['mirror', () => bench.setStitch({ mirror: true })],
    ['plate', () => bench.update('Plate', { plate: 'single-hole' })],
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
    bench.chooseStitch({ ...stitch('zigzag') })
    expect(bench.result?.safeWidthMm).toBeCloseTo(4, 9)
    settings.changeSchools({ margin: 'bare' })
    expect(bench.result?.safeWidthMm).toBeCloseTo(4.5, 9)
    settings.changeSchools({ margin: 'own', ownMarginMm: 0.7 })
    expect(bench.result?.safeWidthMm).toBeCloseTo(3.8, 9)
  })
})
