import { beforeEach, describe, expect, it } from 'vitest'
import { ref } from 'vue'
import { mount } from '@vue/test-utils'
import type { Construction } from '#core/needle'
import { demoStores, show } from '~/../tests/unit/mounting'
import { usePairing } from '~/composables/usePairing'
import BobbinCard from './parts/BobbinCard.vue'
import ConflictList from '~/frame/ConflictList.vue'
import NeedleRanking from './parts/NeedleRanking.vue'
import PairingControls from './parts/PairingControls.vue'
import StartCard from './parts/StartCard.vue'
import ThreadLabelInput from './parts/ThreadLabelInput.vue'
import UsageCard from './parts/UsageCard.vue'

let book: Awaited<ReturnType<typeof demoStores>>['book']
let inHand: Awaited<ReturnType<typeof demoStores>>['inHand']
beforeEach(async () => {
  document.body.innerHTML = ''
  ;({ book, inHand } = await demoStores())
})
/** The pairing of the current setup, as the station has it. */
function pairing(construction: Construction = 'twin', gapMm: number | null = null) {
  let made: ReturnType<typeof usePairing>
  mount({
    setup: () => {
      made = usePairing(ref(construction), ref(gapMm))
    },
    render: () => null,
  })
  return made!
}
const put = (thread: string | null, side: 'left' | 'right' = 'left') =>
  inHand.update('Choose', {
    threadIds: { ...inHand.setup.threadIds, [side]: thread && `demo-thread-${thread}` },
  })
const ranking = (construction: Construction = 'twin', gapMm: number | null = null) => {
  const { ranked, threads, buy } = pairing(construction, gapMm)
  return show(NeedleRanking, { ranked: ranked.value, threads: threads.value, buy: buy.value })
}

describe('the pairing of a setup', () => {
  it('leaves used-up needles out and keeps to the gap asked for', () => {
    const ids = pairing().ranked.value.map(({ needle }) => needle.id)
    expect(ids[0]).toBe('demo-needle-20m')
    expect(ids).not.toContain('demo-needle-60')
    expect(pairing('twin', 4).ranked.value.every(({ needle }) => needle.gapMm === 4)).toBe(true)
  })
  it('has nothing to rank without a thread', () => {
    put(null)
    put(null, 'right')
    const { ranked, buy, start, bobbin } = pairing()
    expect([ranked.value, buy.value, start.value, bobbin.value]).toEqual([[], null, null, null])
  })
  it('follows the more delicate thread for bobbin and start', () => {
    expect(pairing().lead.value?.kind).toBe('metallic')
    put('mist')
    expect(pairing().lead.value?.kind).toBe('metallic')
    put('star')
    expect(pairing().lead.value?.kind).toBe('film')
  })
  it('offers no used-up thread for the bobbin', () => {
    put('lantern')
    put('lantern', 'right')
    book.commit('Use up', [
      {
        table: 'threads',
        id: 'demo-thread-navy',
        record: { ...book.shelf.threads.get('demo-thread-navy')!, metresLeft: 0 },
      },
    ])
    expect(pairing('single').bobbins.value.map(({ id }) => id)).toEqual(['demo-thread-white'])
  })
})

describe('the ranking', () => {
  it('shows the best with its eye and reasons, and puts another one in', async () => {
    const page = ranking()
    expect(page.text()).toContain('2.0/80 metallic Good')
    expect(page.wrapper.findAll('svg[role="img"]')).toHaveLength(2)
    await page.press(/^Put in Twin, gap 3\.0/)
    expect(inHand.setup.needleId).toBe('demo-needle-30e')
  })
  it('explains the needle that is pressed', async () => {
    const page = ranking()
    // The worst are looked up.
    expect(page.text()).not.toContain('4.0/100 jeans')
    await page.press(/^4 more/)
    await page.press(/^Hits\s*4\.0\/100 jeans/)
    expect(page.text()).toContain('Without a long polished eye the wrapping strips')
  })
  it('names what to buy when nothing owned is good', () => {
    book.commit('Lose', [
      {
        table: 'needles',
        id: 'demo-needle-20m',
        record: { ...book.shelf.needles.get('demo-needle-20m')!, count: 0 },
      },
    ])
    expect(ranking().text()).toMatch(/Buy 2\.5\/80 metallic: nothing you own is good for this/)
  })
  it('draws a film as a band', () => {
    put('star')
    expect(ranking('single').wrapper.get('svg[role="img"]').attributes('aria-label')).toContain(
      'the flat metallic is a band 0.4 mm wide',
    )
  })
})

describe('the controls', () => {
  const controls = (construction: Construction = 'twin') =>
    show(PairingControls, { construction, gap: 'any' })
  it('write into the one setup', async () => {
    const page = controls()
    await page.fill('Left thread', 'demo-thread-wine')
    await page.fill('Cloth', '')
    await page.fill('Layers', '3')
    expect(inHand.setup).toMatchObject({
      threadIds: { left: 'demo-thread-wine', right: 'demo-thread-gold' },
      clothId: null,
      layers: 3,
    })
  })
  it('ask for as many threads as there are blades', () => {
    const labels = (construction: Construction) =>
      controls(construction)
        .wrapper.findAll('label')
        .map(label => label.text())
        .filter(text => /thread$/i.test(text))
    expect(labels('single')).toEqual(['Thread'])
    expect(labels('triple')).toEqual(['Left thread', 'Middle thread', 'Right thread'])
  })
  it('offer the gaps that are owned', () => {
    const list = controls()
      .wrapper.findAllComponents({ name: 'SelectField' })
      .find(one => one.props('label') === 'Gap')!
    const items = list.props('items') as { label: string }[]
    expect(items.map(({ label }) => label)).toEqual([
      'any gap',
      'gap 1.6',
      'gap 2.0',
      'gap 2.5',
      'gap 3.0',
      'gap 4.0',
      'gap 6.0',
      'gap 8.0',
    ])
  })
})

describe('a thread by its label', () => {
  const sides = [
    ['left', 'Left thread'],
    ['right', 'Right thread'],
  ] as const
  it('goes into the workbox and onto the first free blade, in one step of undo', async () => {
    put(null, 'right')
    const page = show(ThreadLabelInput, { sides })
    await page.fill('Thread label from the spool', '50/2 Ne')
    expect(page.text()).toContain('taken as cotton, about 0.18 mm thick by rule')
    await page.wrapper.get('form').trigger('submit')
    const added = book.shelf.threads.get(inHand.setup.threadIds.right!)
    expect(added).toMatchObject({ label: '50/2 Ne', kind: 'cotton', tex: 23.62, texBasis: 'label' })
    book.undo()
    expect(inHand.setup.threadIds.right).toBeNull()
  })
  it('is not taken while it is not understood', async () => {
    const page = show(ThreadLabelInput, { sides })
    await page.fill('Thread label from the spool', '0/2 den')
    await page.wrapper.get('form').trigger('submit')
    expect(page.text()).toContain('is not a count')
    expect(book.shelf.threads.size).toBe(13)
  })
})

describe('bobbin, start and thread needed', () => {
  it('switch to bobbin work for what is too thick', () => {
    put('rope')
    const { bobbin, bobbins } = pairing('single')
    const page = show(BobbinCard, { advice: bobbin.value!, ranked: bobbins.value })
    expect(page.text()).toMatch(/Bobbin work.*the pattern comes out mirrored.*no automatic cutter/)
    expect(page.text()).toContain('You own none of these')
  })
  it('stay with bobbin work once the thick thread is wound, whatever is above', () => {
    inHand.update('Wind', { bobbinId: 'demo-thread-rope' })
    expect(pairing().bobbin.value?.mode).toBe('bobbin work')
    inHand.update('Wind', { bobbinId: 'demo-thread-fine' })
    expect(pairing().bobbin.value?.mode).toBe('normal')
  })
  it('put a bobbin thread in', async () => {
    const { bobbin, bobbins } = pairing()
    await show(BobbinCard, { advice: bobbin.value!, ranked: bobbins.value }).press(
      'Use Navy cotton 50 on the bobbin',
    )
    expect(inHand.setup.bobbinId).toBe('demo-thread-navy')
  })
  it('dial in tension and length together, each with its source', async () => {
    put('lantern')
    put('lantern', 'right')
    inHand.update('Straight', {
      needleId: 'demo-needle-topstitch',
      stitch: { ...inHand.setup.stitch, stitchId: 'straight', widthMm: 0 },
      job: 'pearl-line',
      goal: 'bobbin hair',
      tension: 7,
    })
    const page = show(StartCard, { start: pairing('single').start.value!, construction: 'single' })
    expect(page.text()).toMatch(/Length\s*3\.0 mm rule.*Tension\s*5 your plan/)
    await page.press('Dial in')
    expect(inHand.setup).toMatchObject({ tension: 5, stitch: { lengthMm: 3 } })
  })
  it('hold metres needed against what is left, for all blades one spool feeds', async () => {
    put('white')
    put('white', 'right')
    const page = show(UsageCard, { needle: inHand.parts.needle })
    expect(page.text()).toMatch(/Left needle ?White cotton 50\s*3\.6 m/)
    expect(page.text()).not.toContain('too little')
    await page.fill('Seam to sew', '10')
    expect(page.text()).toMatch(/Left needle ?White cotton 50\s*37 m\s*28 m too little/)
    expect(page.wrapper.findAll('[data-source="rule"]')).toHaveLength(1)
  })
  it('follow the construction that is looked at', () => {
    const single = book.shelf.needles.get('demo-needle-topstitch')!
    expect(show(UsageCard, { needle: single }).text()).toMatch(/^Thread needed.*Needle ?Slate rayon 40/)
    document.body.innerHTML = ''
    expect(show(UsageCard, { needle: null }).text()).not.toContain('Slate')
  })
  it('say “at least” when the cloth is not measured, and refuse a seam of nothing', async () => {
    inHand.update('Jersey', { clothId: 'demo-cloth-jersey' })
    const page = show(UsageCard, { needle: inHand.parts.needle })
    expect(page.text()).toContain('at least')
    await page.fill('Seam to sew', '0')
    expect(page.text()).toContain('Type a number from 0.01 to 10000.')
    expect(inHand.setup.seamM).toBe(1)
  })
})

describe('the list of conflicts', () => {
  it('says so when there is none', () => {
    put('gold')
    expect(show(ConflictList).text()).toMatch(/^Check: Tension 2\.8 is carried over \(set for Slate/)
    inHand.update('Still right', { tension: 2.8 })
    document.body.innerHTML = ''
    expect(show(ConflictList).text()).toBe('Nothing speaks against this setup.')
  })
  it('mends in one press that can be undone', async () => {
    inHand.update('Threader', { threader: true })
    const page = show(ConflictList)
    expect(page.text()).toMatch(/^Stop: Do not use the built-in threader with a twin needle/)
    await page.press('By hand')
    expect(inHand.setup.threader).toBe(false)
    expect(book.undo()?.label).toBe('Mend: By hand')
    expect(inHand.verdict.reasons[0]?.code).toBe('threader-several')
  })
  it('offers no mend that needs what is not owned', () => {
    inHand.update('Round', { footId: 'demo-foot-quarter' })
    for (const foot of book.shelf.feet.values())
      if (!foot.singleHole)
        book.commit('Lose', [{ table: 'feet', id: foot.id, record: { ...foot, singleHole: true } }])
    expect(show(ConflictList).text()).not.toContain('Another foot')
  })
})
