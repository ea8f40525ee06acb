import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import {
  PATIENCE_MS,
  allByRole,
  byRole,
  open,
  openBrowser,
  pick,
  press,
  type Session,
  severeLogs,
  type,
  untilSaved,
  untilText,
  upload,
} from './browser'

let session: Session
beforeAll(async () => {
  session = await openBrowser()
  await open(session.driver, `${inject('demo')}/pairing`)
})
afterAll(() => session.quit())

const text = async (role: string, name: string | RegExp) =>
  (await byRole(session.driver, role, name)).getText()

describe('Thread and needle, from the demo', () => {
  it('ranks the owned twins for a metallic, with eye, reasons and where to start', async () => {
    const { driver } = session
    await untilText(driver, 'Metallic 80/12: its long polished eye spares the wrapping')
    await byRole(driver, 'img', /^metallic 80\/12: the eye is 0\.38 mm wide; .*0\.21 mm thick/)
    expect(await text('region', 'Needles I own for this thread')).toMatch(
      /^Needles I own[\s\S]*Good\s+2\.0\/80 metallic/,
    )
    await press(driver, 'button', 'sewn: why, Tension')
    expect(await text('dialog', 'Where it comes from: Tension')).toMatch(
      /^A row was sewn with all of this\.[\s\S]*2\.5 rule: well below normal/,
    )
    await driver.actions().sendKeys(Key.ESCAPE).perform()
  })

  it('understands a label, says it back, asks about a riddle, and puts the thread on', async () => {
    const { driver } = session
    await type(driver, 'Thread label from the spool', 'velvet 40 wt')
    await untilText(driver, '“velvet” is not understood')
    await type(driver, 'Thread label from the spool', '12')
    await untilText(driver, 'Which is it?')
    await press(driver, 'button', /^pearl cotton No\. 12/)
    await untilText(driver, 'No needle of this kind that is sold is good for all these threads.')
    await press(driver, 'button', /^Undo: /)
    await untilText(driver, 'Metallic 80/12: its long polished eye')
    const field = await type(driver, 'Thread label from the spool', '120/2 den')
    await untilText(driver, 'denier 120, 2 plies: 26.67 tex')
    await field.sendKeys(Key.ENTER)
    await driver.wait(
      async () => (await (await byRole(driver, 'combobox', 'Left thread')).getText()).includes('120/2 den'),
      PATIENCE_MS,
    )
  })

  it('says what to buy when no owned needle is good', async () => {
    const { driver } = session
    await press(driver, 'button', /^single$/i)
    await pick(driver, 'Thread', 'Mist monofilament')
    await untilText(driver, '60/8 to 70/10 for monofilament')
    await pick(driver, 'Thread', 'Star flat metallic')
    await byRole(driver, 'img', /the flat metallic is a band 0\.4 mm wide/)
    await pick(driver, 'Thread', 'Mast topstitch')
    await untilText(driver, 'Topstitch from 90/14 takes heavy thread')
  })

  it('says bobbin work for pearl 8 and switches the advice', async () => {
    const { driver } = session
    await pick(driver, 'Thread', 'Rope pearl 8')
    await untilText(driver, 'No needle of this kind that is sold is good for this thread.')
    const advice = await text('region', 'Bobbin')
    for (const part of ['Bobbin work', 'mirrored', 'Bypass the bobbin tension', 'thick thread up first'])
      expect(advice).toContain(part)
    await press(driver, 'button', 'Onto the bobbin')
    await byRole(driver, 'button', /^Bobbin: Rope pearl 8/)
    expect(await text('region', 'Bobbin')).toContain('Bobbin work')
    await press(driver, 'button', /^Undo: /)
    await byRole(driver, 'button', /^Bobbin: Fine grey/)
  })

  it('ranks bobbin threads by choice and colour, and puts one in', async () => {
    const { driver } = session
    await pick(driver, 'Thread', 'Lantern pearl 12')
    await untilText(driver, /50 wt cotton, colour-matched/)
    await press(driver, 'button', /^Use .* cotton 50 on the bobbin/)
    await byRole(driver, 'button', /^Bobbin: .*cotton 50/)
  })

  it('reckons the thread a seam takes and says what is short', async () => {
    const { driver } = session
    await type(driver, 'Seam to sew', '60')
    await untilText(driver, /Needle\s*Lantern pearl 12[\s\S]*too little/)
    await type(driver, 'Seam to sew', '-1')
    await untilText(driver, 'Type a number from 0.01 to 10000.')
  })
})

describe('conflicts in the line-up', () => {
  it('turn it red on every station for a thread the needle refuses, though the swing is clear', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/pairing`)
    await pick(driver, 'Left thread', 'Lantern pearl 12')
    for (const path of ['/', '/pieces', '/pairing', '/walk', '/trial', '/swatches', '/workbox', '/files']) {
      await open(driver, inject('demo') + path)
      await byRole(driver, 'link', /^Stop\s*1 to mend first/)
    }
    await open(driver, inject('demo'))
    expect(await text('status', 'Verdict')).toMatch(
      /^Do not sew yet: mend this first\.\s+Stop: Pearl cotton No\. 12 does not run/,
    )
    await open(driver, `${inject('demo')}/card`)
    await untilText(driver, 'Pearl cotton No. 12 does not run through a metallic 80/12')
    await open(driver, `${inject('demo')}/pairing`)
    await pick(driver, 'Left thread', 'Slate rayon 40')
    await byRole(driver, 'link', /^Clear\s*0\.5 mm to spare/)
  })

  it('stop a twin over a single-hole plate on every station, and one press mends it', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/workbox`)
    await press(driver, 'button', /^Foot and plate/)
    await press(driver, 'button', 'Single-hole plate')
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    await press(driver, 'button', /^Conflicts: .*1 to stop for/)
    await untilText(driver, 'A twin needle hits the single-hole plate: fit the zigzag plate.')
    const panel = await byRole(driver, 'dialog', 'Conflicts')
    expect((await panel.getRect()).x).toBeGreaterThan(600)
    await press(driver, 'button', 'Zigzag plate')
    await byRole(driver, 'button', /^Conflicts: .*0 to stop for/)
    await driver.actions().sendKeys(Key.ESCAPE).perform()
  })

  it('follow a switch and a school', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/pairing`)
    await press(driver, 'switch', 'Built-in threader')
    await byRole(driver, 'link', /Stop\s*\d to mend first/)
    await press(driver, 'switch', 'Built-in threader')
    await byRole(driver, 'link', /to spare/)
    await press(driver, 'switch', 'Automatic cutter on')
    await press(driver, 'button', /^Conflicts: /)
    await untilText(driver, 'Switch the automatic cutter off with a twin needle.')
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    await press(driver, 'button', /^Sewists differ/)
    await press(driver, 'radio', /^Allowed with a twin/)
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    await press(driver, 'button', /^Conflicts: /)
    await untilText(driver, 'What does not go together')
    expect(await text('dialog', 'Conflicts')).not.toContain('with a twin needle')
  })
})

describe('which twins to own', () => {
  it('finds the smallest set in the worker, and follows the ticks', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/twins`)
    await untilText(driver, /8 twins do it all; 1 to buy/)
    await press(driver, 'checkbox', /^Hems in jersey/)
    await untilText(driver, /7 twins do it all, and you own them/)
    await untilSaved(driver)
    await driver.navigate().refresh()
    await untilText(driver, /7 twins do it all, and you own them/)
  })
})

describe('the workbox', () => {
  it('finds, filters, sorts and changes many at once', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/workbox`)
    await type(driver, 'Search needles', 'double metallic')
    await untilText(driver, '1 of 15')
    await type(driver, 'Search needles', Key.BACK_SPACE)
    await press(driver, 'button', /^Threads/)
    await pick(driver, 'Show only', 'low')
    await untilText(driver, /1 of 1[34]/)
    await press(driver, 'checkbox', 'Select White cotton 50')
    await press(driver, 'button', 'Used up')
    await untilText(driver, /0 of 1[34]/)
    await press(driver, 'button', /^To buy 4/)
    await untilText(driver, /White cotton 50\s+used up/)
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    await press(driver, 'button', /^Undo: /)
    await untilText(driver, /1 of 1[34]/)
  })

  it('adds a thread by its label through the form', async () => {
    const { driver } = session
    await press(driver, 'button', 'Add a thread')
    await type(driver, 'Name', 'Quay silk')
    await type(driver, 'Label as printed', 'Nm 80/2 silk')
    await untilText(driver, 'Nm 80, 2 plies: 25 tex.')
    await press(driver, 'button', 'Save')
    await pick(driver, 'Show only', 'silk')
    await untilText(driver, 'Quay silk')
  })

  it('reads a CSV with bad rows: names each, takes the rest, and gives it back as CSV', async () => {
    const { driver, downloads } = session
    const path = join(downloads, '..', 'threads.csv')
    writeFileSync(
      path,
      'name,kind,tex,metres_left\n=Harbour '
        + 'red,cotton,25,100\nMinus,cotton,25,-3\n,cotton,25,1\nVelvet,velvet,25,1\n',
    )
    await press(driver, 'button', 'From CSV')
    await byRole(driver, 'dialog', 'Threads from a CSV')
    await upload(driver, 'CSV file', path)
    await untilText(driver, '1 new, 0 changed, 0 the same, 3 refused.')
    await untilText(driver, /Row 3 Minus: metresLeft: must be a number from 0/)
    await untilText(driver, /Row 4 : name: needs a name/)
    await press(driver, 'button', 'Import 1 rows')
    await type(driver, 'Search threads', 'harbour')
    await pick(driver, 'Show only', 'all')
    await untilText(driver, '=Harbour red')
    await press(driver, 'button', 'Save what is shown as CSV')
    const saved = await driver.wait(
      () => existsSync(downloads) && readdirSync(downloads).find(name => /^threads.*\.csv$/.test(name)),
      PATIENCE_MS,
      'no CSV',
    )
    expect(readFileSync(join(downloads, saved as string), 'utf8')).toContain("'=Harbour red")
  })

  it('keeps a thread a piece needs, and says so', async () => {
    const { driver } = session
    await type(driver, 'Search threads', 'wine')
    await press(driver, 'checkbox', 'Select Wine rayon 40')
    await press(driver, 'button', 'Delete')
    await untilText(driver, 'Pieces need it')
    expect(await allByRole(driver, { role: 'button', name: /^Wine rayon 40\s*: change/ })).toHaveLength(1)
  })

  it('had no error and no blocked content', async () => expect(await severeLogs(session.driver)).toEqual([]))
})
