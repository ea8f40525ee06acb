// @vitest-environment happy-dom
import { beforeEach, describe, expect, it } from 'vitest'
import { drawMachine, seeded } from '#core/simulated'
import { GOAL_FACTS, READING_STEPS, TRIAL_GOALS, usualPrior } from '#core/trial'
import { signed } from '~/utils/readingWords'
import { demoStores, show } from '~/../tests/unit/mounting'
import FindTension from './parts/FindTension.vue'
import ReadSwatches from './parts/ReadSwatches.vue'

const SEED = 7
beforeEach(async () => {
  document.body.innerHTML = ''
  await demoStores()
})

describe('reading swatches', () => {
  it('counts what was read right, and says what each was', async () => {
    const page = show(ReadSwatches, { seed: SEED })
    const random = seeded(SEED)
    const truths = Array.from({ length: 20 }, () => {
      random()
      return READING_STEPS[Math.floor(random() * READING_STEPS.length)]!
    })
    for (const [i, truth] of truths.entries()) {
      const beside = truth === 3 ? 2 : truth + 1
      const said = signed(i === 0 ? beside : truth)
      await page.press(new RegExp(`^${said.replace('+', '\\+')} `))
      if (i === 0) expect(page.text()).toContain('Not quite')
    }
    expect(page.text()).toContain('19 of 20 right, 20 within one step')
  })
})

describe('finding the tension', () => {
  // The same draws as the game makes.
  const random = seeded(SEED)
  const goals = TRIAL_GOALS.filter(goal => goal !== 'raised')
  const goal = goals[Math.floor(random() * goals.length)]!
  const dial = { min: 0, max: 9, home: 4.5, step: 0.25 }
  const { goalMark } = drawMachine(goal, dial, usualPrior(goal, dial), random)

  it('names its goal, sews where the dial is set, and tells the truth only at the end', async () => {
    const page = show(FindTension, { seed: SEED })
    expect(page.text()).toContain(GOAL_FACTS[goal].name)
    await page.fill('Set the dial to', '14')
    expect(page.text()).toContain('Type a number from 0 to 9.')
    await page.fill('Set the dial to', String(Math.round(4 * goalMark) / 4))
    await page.press('Sew a row')
    expect(page.text()).not.toContain('The goal lay at')
    await page.press('That is it')
    expect(page.text()).toContain(`The goal lay at ${goalMark.toFixed(1)}`)
    expect(page.text()).toContain('Found')
    expect(page.text()).toMatch(/The search: .*settled at/)
  })
  it('says when a row went the wrong way', async () => {
    const page = show(FindTension, { seed: SEED })
    for (const at of ['8', '9']) {
      await page.fill('Set the dial to', at)
      await page.press('Sew a row')
    }
    await page.press('That is it')
    expect(page.text()).toMatch(/Not there yet.*1 row went the wrong way/)
  })
})
