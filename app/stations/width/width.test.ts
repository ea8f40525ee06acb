import { findStitch } from '#core/stitch'
import { judgeSwing, type SwingInput } from '#core/swing'
import { needleTag } from '#core/needle'
import { beforeEach, describe, expect, it } from 'vitest'
import { demoStores, show } from '~/../tests/unit/mounting'
import CompareTable from './parts/CompareTable.vue'
import SchoolFieldset from '~/frame/SchoolFieldset.vue'
import { CUTTER_SCHOOLS } from '#core/schools'
import { compareRow } from './compareRows'
import GapTiles from './parts/GapTiles.vue'
import HandWheel from '~/seam/HandWheel.vue'
import PlateView from '~/seam/PlateView.vue'
import HandWalkLog from './parts/HandWalkLog.vue'
import NeedleLabelInput from '~/inPlace/NeedleLabelInput.vue'
import { dayOf } from '~/utils/dates'
import StitchPicker from './parts/StitchPicker.vue'
import StitchSettings from './parts/StitchSettings.vue'
import VerdictCard from './parts/VerdictCard.vue'
import WidthDial from './parts/WidthDial.vue'

// Keys are tried in a real browser.

let book: Awaited<ReturnType<typeof demoStores>>['book']
let inHand: Awaited<ReturnType<typeof demoStores>>['inHand']
beforeEach(async () => {
  document.body.innerHTML = ''
  ;({ book, inHand } = await demoStores())
})
const needle = (id: string) => inHand.update('Choose', { needleId: `demo-needle-${id}` })
const tileOf = (page: ReturnType<typeof show>, name: RegExp) =>
  page.wrapper.findAll('button').find(button => name.test(button.text()))!

describe('the tiles', () => {
  it('stand side by side with each needle’s own safe width or its refusal', () => {
    const page = show(GapTiles)
    // Arithmetic on a 7 mm machine: 7 − gap − 0.5 (common practice).
    expect(tileOf(page, /gap 2\.0, size 80\/12, universal/).text()).toMatch(/to 4\.5$/)
    expect(tileOf(page, /gap 4\.0, size 90/).text()).toMatch(/to 2\.5$/)
    expect(tileOf(page, /gap 8\.0/).text()).toMatch(/hits$/)
    expect(tileOf(page, /Triple, gap 2\.5/).text()).toMatch(/to 1\.5$/)
  })
  it('leave out what is used up, unless it is in', () => {
    const gaps = () =>
      show(GapTiles)
        .wrapper.findAll('button')
        .filter(button => /gap 6\.0/.test(button.text())).length
    expect(gaps()).toBe(0)
    needle('60')
    expect(gaps()).toBe(1)
  })
  it('follow machine and foot at once', () => {
    inHand.update('Choose', { machineId: 'demo-machine-gallery', footId: 'demo-foot-wide' })
    expect(tileOf(show(GapTiles), /gap 8\.0/).text()).toMatch(/straight$/)
  })
})

describe('the verdict', () => {
  it('says the sum and what the machine’s own mode would allow', () => {
    expect(show(VerdictCard).text()).toMatch(
      new RegExp(
        String.raw`Clear: up to 4\.5 mm is safe\..*7\.0 widest − 2\.0 gap − 0\.5 margin = 4\.5.*With `
          + String.raw`the twin setting on, the machine allows 5\.0 mm for every gap: 0\.5 mm more than `
          + String.raw`is safe\. The machine resets the twin setting when switched off\.`,
      ),
    )
  })
  it('warns where the mode assumes a smaller gap than is in', () => {
    needle('40')
    // Assumes 2, told nothing of 4: allows 5 and lands 1 mm past on each side (arithmetic).
    expect(show(VerdictCard).text()).toContain(
      'allows 5.0 mm for every gap: 1.0 mm past the end of its swing on each',
    )
  })
  it('is better once turned through by hand where it asked for that, and asks again after a change', () => {
    const settings = useSettingsStore()
    settings.change({ schools: { ...settings.record.schools, margin: 'bare' } })
    inHand.setStitch({ widthMm: 5 })
    expect(inHand.verdict.reasons.find(({ code }) => code === 'touching')?.severity).toBe('mind')
    void useHandWalksStore().log(new Date('2026-05-01T10:00:00Z'))
    expect(inHand.verdict.reasons.find(({ code }) => code === 'touching')?.severity).toBe('note')
    inHand.setStitch({ lengthMm: 2.7 })
    expect(inHand.verdict.reasons.find(({ code }) => code === 'touching')?.severity).toBe('mind')
  })
  it('says what is missing', () => {
    inHand.update('Nothing', { machineId: null })
    expect(show(VerdictCard).text()).toContain('Choose a machine and a needle.')
  })
  it('keeps the machine’s lengths in mm when inches are on', () => {
    useSettingsStore().change({ unit: 'inch' })
    expect(show(VerdictCard).text()).toContain('up to 4.5 mm is safe.')
  })
})

describe('the width dial', () => {
  it('takes typing with a decimal comma and refuses nonsense, keeping what was set', async () => {
    const page = show(WidthDial)
    await page.fill('Stitch width', '3,3')
    expect(inHand.setup.stitch.widthMm).toBe(3.3)
    await page.fill('Stitch width', '-2')
    expect(page.text()).toContain('Type a length from 0.0 to 12.0 mm.')
    expect(inHand.setup.stitch.widthMm).toBe(3.3)
  })
  it('sets the safe width in one press where it is passed', async () => {
    needle('40')
    await show(WidthDial).press(/^Set the width to 2\.5/)
    expect(inHand.setup.stitch.widthMm).toBe(2.5)
  })
  it('has no width for a straight seam', () => {
    inHand.chooseStitch(inHand.allStitches.find(({ id }) => id === 'straight')!)
    expect(show(WidthDial).text()).toContain('A straight seam has no width')
  })
})

describe('needle by its label, and the stitch’s settings', () => {
  it('puts in what it understood and adds it once', async () => {
    const page = show(NeedleLabelInput)
    const before = book.shelf.needles.size
    await page.fill('Needle label from the packet', '3.0/90 jeans')
    await page.wrapper.get('form').trigger('submit')
    await page.fill('Needle label from the packet', '3.0/90 jeans')
    await page.wrapper.get('form').trigger('submit')
    expect(book.shelf.needles.size).toBe(before + 1)
    expect(inHand.parts.needle).toMatchObject({ gapMm: 3, type: 'jeans', count: 1, state: 'good' })
  })
  it('steps length and needle position, and mirrors', async () => {
    const page = show(StitchSettings)
    await page.press('Length more')
    await page.press(/^Needle moved more/)
    await show(StitchPicker).press('Mirror')
    expect(inHand.setup.stitch).toMatchObject({ mirror: true })
    expect(inHand.setup.stitch.lengthMm).toBeGreaterThan(2.5)
    expect(inHand.setup.stitch.positionMm).toBeGreaterThan(0)
  })
})

/** 7 mm, plate opening 8.2, twin 2.0, width 4.8: 0.3 to the plate's edge, but part of the margin is gone. */
const WITHIN_MARGIN: SwingInput = {
  machine: { maxWidthMm: 7, plateSlotMm: 8.2 },
  foot: { slotMm: null, singleHole: false },
  plate: { singleHole: false },
  needle: { construction: 'twin', gapMm: 2, sizeNm: 80 },
  stitch: { ...findStitch('zigzag')!, widthMm: 4.8, lengthMm: 1.5, mirror: false, positionMm: 0 },
  marginMm: 0.5,
  clearanceMm: 0.25,
}

describe('the handwheel’s bars', () => {
  const bars = (input: SwingInput) =>
    show(HandWheel, { input, drop: 0 })
      .wrapper.findAll('rect.bar')
      .map(bar => bar.classes())
  it('are as close as the verdict says, where the margin binds before the opening', () => {
    expect(judgeSwing(WITHIN_MARGIN).verdict).toBe('close')
    for (const classes of bars(WITHIN_MARGIN)) expect(classes).toContain('close')
    expect(show(HandWheel, { input: WITHIN_MARGIN, drop: 0 }).text()).toMatch(
      /dashed: 0\.45 keeps the margin/,
    )
  })
  it('turn to the next drop when asked, round and round', async () => {
    const page = show(HandWheel, { input: WITHIN_MARGIN, drop: 1 })
    await page.press('Turn')
    expect(page.wrapper.emitted('update:drop')).toEqual([[0]])
    await page.press('Back')
    expect(page.wrapper.emitted('update:drop')!.at(-1)).toEqual([1])
  })
})

describe('over the plate', () => {
  it('hatches both blades of a twin over a foot with a single hole', () => {
    const page = show(PlateView, {
      input: { ...WITHIN_MARGIN, foot: { slotMm: null, singleHole: true } },
      drop: 0,
    })
    expect(page.wrapper.findAll('circle[fill="url(#strike)"]')).toHaveLength(2)
    expect(
      show(PlateView, { input: WITHIN_MARGIN, drop: 0 }).wrapper.find('circle[fill="url(#strike)"]').exists(),
    ).toBe(false)
  })
  it('says in words what it shows', () => {
    const label = show(PlateView, { input: WITHIN_MARGIN, drop: 0 })
      .wrapper.get('svg')
      .attributes('aria-label')
    // Hand sum: the blades reach (4.8 + 2) / 2 + 0.4 = 3.8 to each side; 8.2 / 2 − 3.8 = 0.3.
    expect(label).toMatch(
      new RegExp(
        String.raw`2 needles sweep 7\.6 mm; 0\.3 mm spare at the left of the plate, `
          + String.raw`0\.3 mm spare at the right\. `
          + String.raw`plate opening 8\.2 measured\. Needle position 1 of 2`,
      ),
    )
  })
})

describe('the hand-walk', () => {
  const logButton = (page: ReturnType<typeof show>) =>
    page.wrapper.findAll('button').find(button => button.text() === 'I turned this through by hand')!
  it('logs what was walked on the real machine', async () => {
    const page = show(HandWalkLog)
    await page.press('I turned this through by hand')
    expect(page.text()).toMatch(`Turned through ${dayOf(new Date().toISOString())}, with this setup`)
  })
  it('logs nothing while it strikes or the needle is bent, and says why', () => {
    book.commit('Bend', [
      {
        table: 'needles',
        id: 'demo-needle-20m',
        record: { ...book.shelf.needles.get('demo-needle-20m')!, state: 'bent' },
      },
    ])
    const bent = show(HandWalkLog)
    expect(bent.text()).toContain('This needle is bent: change it')
    expect(logButton(bent).attributes('disabled')).toBeDefined()
    needle('40')
    const struck = show(HandWalkLog)
    expect(struck.text()).toContain('A needle hits: change the setup')
    expect(logButton(struck).attributes('disabled')).toBeDefined()
  })
})

describe('the comparison', () => {
  it('says width, rows and verdict of each, and is chosen by pressing', async () => {
    const rows = [...book.shelf.needles.values()]
      .filter(({ construction }) => construction === 'twin')
      .map(one =>
        compareRow(
          inHand.setup,
          { ...inHand.parts, needle: one },
          useSettingsStore().record,
          needleTag(one),
          one.type,
          one.id,
        )!,
      )
    const page = show(CompareTable, {
      rows,
      caption: 'Twins',
      first: 'Needle',
      currentId: inHand.setup.needleId,
    })
    expect(page.text()).toMatch(/4\.0\/90\s*universal\s*2\.5\s*machine\s*1\.5 space\s*Hits/)
    expect(page.text()).toMatch(/8\.0\/100\s*universal\s*none/)
    await page.press(/^Use 2\.5\/80, universal/)
    expect(page.wrapper.emitted('choose')?.[0]).toEqual(['demo-needle-25'])
  })
})

describe('a school', () => {
  it('gives each choice its reason and says which was pressed', async () => {
    const page = show(SchoolFieldset, { legend: 'Cutter', choices: CUTTER_SCHOOLS, chosen: 'never' })
    for (const { why } of CUTTER_SCHOOLS) expect(page.text()).toContain(why)
    await page.tick(CUTTER_SCHOOLS[1]!.name)
    expect(page.wrapper.emitted('choose')?.[0]).toEqual(['allowed'])
  })
})
