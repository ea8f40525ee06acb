import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { By, Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import {
  PATIENCE_MS,
  allByRole,
  byRole,
  open,
  openBrowser,
  press,
  type Session,
  severeLogs,
  type,
  untilSaved,
  untilText,
} from './browser'

let session: Session
beforeAll(async () => {
  session = await openBrowser()
  await open(session.driver, inject('demo'))
})
afterAll(() => session.quit())

const verdict = async () => (await byRole(session.driver, 'link', /spare|too far/)).getText()
const card = async () => (await byRole(session.driver, 'status', 'Verdict')).getText()

describe('Width and swing, from the demo', () => {
  it('starts with the demo setup and its verdict', async () => {
    await untilText(session.driver, 'Clear: up to 4.5 mm is safe.')
    expect(await verdict()).toMatch(/Clear\s+0\.5 mm to spare/)
    expect(await card()).toContain('7.0 widest − 2.0 gap − 0.5 margin = 4.5')
  })

  it('strikes when the gap grows, says by how much, and mends with one press', async () => {
    const { driver } = session
    await press(driver, 'button', /Twin, gap 4\.0, size 90\/14/)
    await untilText(driver, 'Set the width to 2.5 mm or less.')
    expect(await verdict()).toMatch(/Stop\s+0\.5 mm too far/)
    expect(await card()).toContain('goes down 4.0 mm left')
    expect(await (await byRole(driver, 'button', 'I turned this through by hand')).isEnabled()).toBe(false)
    await press(driver, 'button', 'Set the width to 2.5')
    await untilText(driver, 'The swing is clear up to 2.5 mm, but check this first.')
  })

  it('logs the hand-walk for exactly this combination and asks again after any change', async () => {
    const { driver } = session
    await press(driver, 'button', 'I turned this through by hand')
    await untilText(driver, /Turned through .*20\d\d/)
    await press(driver, 'button', 'Length more')
    await untilText(driver, 'Not yet turned through')
    await press(driver, 'button', 'Length less')
    await untilText(driver, /Turned through .*20\d\d/)
  })

  it('turns the handwheel drop by drop and through the whole pattern', async () => {
    const { driver } = session
    await untilText(driver, 'Needle position 1 of 6')
    await press(driver, 'button', 'Turn')
    await untilText(driver, 'Needle position 2 of 6')
    await press(driver, 'button', 'Whole pattern')
    await untilText(driver, 'Needle position 6 of 6')
  })

  it('takes the width from the keyboard and from typing, and refuses nonsense by field', async () => {
    const { driver } = session
    await (await driver.findElement(By.css('main'))).sendKeys(Key.chord(']'))
    await untilText(driver, 'Set the width to 2.5 mm or less.')
    await (await type(driver, 'Stitch width', '99')).sendKeys(Key.TAB)
    await untilText(driver, 'Type a length from 0.0 to 12.0 mm.')
    await (await type(driver, 'Stitch width', '2,4')).sendKeys(Key.TAB)
    await untilText(driver, 'The swing is clear up to 2.5 mm, but check this first.')
  })

  it('understands a typed label, says it back and puts the needle in', async () => {
    const { driver } = session
    const field = await type(driver, 'Needle label from the packet', 'velvet 80')
    await untilText(driver, '“velvet” is not understood')
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'), '3.0/90 jeans')
    await untilText(driver, 'Twin, gap 3.0, size 90/14, jeans')
    await field.sendKeys(Key.ENTER)
    await untilText(driver, 'The swing is clear up to 3.5 mm, but check this first.')
    expect(
      await allByRole(driver, {
        role: 'button',
        name: /Twin, gap 3\.0, size 90\/14, jeans:.* to 3\.5$/,
      }),
    ).toHaveLength(1)
  })

  it('stops a twin over a single-hole plate', async () => {
    const { driver } = session
    await press(driver, 'button', /^Foot and plate/)
    await press(driver, 'button', 'Single-hole plate')
    await untilText(driver, 'Do not sew: the plate has a single hole.')
    await press(driver, 'button', 'Zigzag plate')
    await untilText(driver, 'The swing is clear up to 3.5 mm, but check this first.')
    await driver.actions().sendKeys(Key.ESCAPE).perform()
  })

  it('makes a stitch of one’s own from a CSV, after naming what is wrong in a bad one', async () => {
    const { driver, downloads } = session
    const bad = join(downloads, '..', 'bad.csv')
    const good = join(downloads, '..', 'Tide teeth.csv')
    writeFileSync(bad, 'x_mm,y_mm\n0,0\n2,wide\n')
    writeFileSync(good, 'x_mm,y_mm\n-1.5,0\n1.5,1\n-1.5,3\n')
    await press(driver, 'button', /^Honeycomb/)
    await press(driver, 'button', 'A stitch of my own')
    const file = await byRole(driver, 'textbox', /^Or from a file/)
    await file.sendKeys(bad)
    await untilText(driver, 'Row 3, column y_mm: “wide” is not a number')
    await file.sendKeys(good)
    await untilText(driver, '3 needle positions read')
    await untilText(driver, /3\.0 mm wide; one repeat is 3\.0 mm/)
    await press(driver, 'button', 'Save')
    await byRole(driver, 'button', /^Tide teeth/)
    await untilText(driver, 'Needle position 1 of 2')
  })

  it('finds everything again after a reload', async () => {
    const { driver } = session
    await untilSaved(driver)
    await driver.navigate().refresh()
    await byRole(driver, 'button', /^Tide teeth/)
    await untilText(driver, /3\.0\/90/)
  })

  it('undoes and redoes', async () => {
    const { driver } = session
    await press(driver, 'button', 'Mirror')
    const pressed = async () => (await byRole(driver, 'button', 'Mirror')).getAttribute('aria-pressed')
    expect(await pressed()).toBe('true')
    await press(driver, 'button', /^Undo: /)
    await driver.wait(async () => (await pressed()) === 'false', PATIENCE_MS)
    await press(driver, 'button', /^Redo: /)
    await driver.wait(async () => (await pressed()) === 'true', PATIENCE_MS)
  })

  it('shows thread layers and cures muddy satin by length', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/pieces`)
    await press(driver, 'button', /^Garland, satin leaf/)
    await untilText(driver, /Muddy: [\d.]+ layers/)
    await press(driver, 'button', /^Build-up/)
    await byRole(driver, 'img', /Thread layers: at most \d+/)
    await press(driver, 'button', /^Set length/)
    await driver.wait(
      async () => !(await driver.executeScript<string>('return document.body.innerText')).includes('Muddy:'),
      PATIENCE_MS,
    )
  })

  it('compares all owned needles and machines, and goes over to the chosen one', async () => {
    const { driver } = session
    await press(driver, 'link', 'Compare')
    const table = await byRole(driver, 'region', 'Machines compared')
    const text = await table.getText()
    for (const name of ['Pantry five', 'Ferry six', 'Attic seven', 'Gallery nine'])
      expect(text).toContain(name)
    await driver.wait(
      async () => (await driver.findElements(By.css('canvas'))).length > 0,
      PATIENCE_MS,
      'no chart',
    )
    await press(driver, 'button', /^Use Gallery nine/)
    await byRole(driver, 'button', /^Machine: Gallery nine/)
  })

  it('keeps the machine’s numbers in inches, and changes the margin’s school everywhere', async () => {
    const { driver } = session
    await press(driver, 'link', 'Plan')
    await press(driver, 'button', 'Units: millimetres')
    await untilText(driver, /stitches per inch/)
    await untilText(driver, /Stitch:\s+4\.5 × 0\.5/)
    await press(driver, 'button', 'Units: inches')
    await press(driver, 'button', /^Sewists differ/)
    await press(driver, 'radio', /^Bare rule/)
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    await driver.wait(async () => !(await card()).includes('margin ='), PATIENCE_MS)
  })

  it('had no error, no blocked content and no request to another place', async () => {
    const { driver } = session
    expect(await severeLogs(driver)).toEqual([])
    const origins = await driver.executeScript<string[]>(
      'return [...new Set(performance.getEntriesByType("resource").map(e => new URL(e.name).origin))]',
    )
    expect(origins.filter(origin => origin !== inject('demo') && origin !== 'null')).toEqual([])
  })
})
