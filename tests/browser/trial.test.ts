import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { By } from 'selenium-webdriver'
import { afterEach, describe, expect, inject, it } from 'vitest'
import {
  PATIENCE_MS,
  allByRole,
  byRole,
  downloaded,
  open,
  openBrowser,
  press,
  type Session,
  severeLogs,
  type,
  untilSaved,
  untilText,
  upload,
} from './browser'
import { measurePdf } from '../unit/pdf'

let session: Session
afterEach(() => session.quit())
const SHOW_WORDS = [
  'loops below',
  'dots below',
  'hair below',
  'locked inside',
  'bobbin hair',
  'bobbin dots',
  'bobbin on top',
]
const advice = async () => (await byRole(session.driver, 'status', 'Next number')).getText()

/** Chooses a drawing: its radio button is seen by screen readers, its label is what one presses. */
const read = (words: RegExp) => press(session.driver, 'radio', words)
/** Reads rows as a machine would whose metallic line reads its goal, −1, at 3.4, until nothing is left. */
async function sewUntilDone(): Promise<string> {
  const { driver } = session
  for (let row = 0; row < 12; row++) {
    const now = await advice()
    if (!/Sew (the|it)/.test(now)) return now
    const at = Number(/[\d.]+/.exec(now)![0])
    const reading = Math.max(-3, Math.min(3, Math.round(1.4 * (at - 3.4) - 1)))
    await read(new RegExp(SHOW_WORDS[reading + 3]!))
    await press(driver, 'button', 'Note the row')
    await driver.wait(async () => (await advice()) !== now, PATIENCE_MS, 'the advice did not change')
  }
  throw new Error('never done')
}
const chooseFile = (name: RegExp, path: string) => upload(session.driver, name, path)

describe('a trial', () => {
  it(
    'goes to settled, is kept, reloaded, compared, put on another machine, exported, wiped and ' + 'imported',
    async () => {
      session = await openBrowser()
      const { driver, downloads } = session
      await open(driver, `${inject('demo')}/trial`)
      await press(driver, 'button', 'Why start there')
      await untilText(driver, /own swatches/)
      await press(driver, 'button', 'New strip')
      const done = await sewUntilDone()
      expect(done).toMatch(/Found/)
      const best = Number(/[\d.]+/.exec(done)![0])
      expect(Math.abs(best - 3.4)).toBeLessThan(0.5 / 1.4)
      await press(driver, 'button', 'Keep as a swatch')
      await type(driver, 'Name', 'Found in the browser')
      await type(driver, 'Note', 'Like <b>silk</b>')
      await press(driver, 'button', 'Keep')
      await untilText(driver, 'Kept in the swatch book')
      await untilSaved(driver)
      await open(driver, `${inject('demo')}/swatches`)
      await untilText(driver, '32 of 32 swatches')
      await untilText(driver, 'Like <b>silk</b>')
      await type(driver, 'Search', 'found browser')
      await untilText(driver, '1 of 32 swatches')
      await press(driver, 'checkbox', /^Compare/)
      await type(driver, 'Search', 'lantern corners')
      await untilText(driver, '1 of 32')
      await press(driver, 'checkbox', /^Compare/)
      const table = await (await byRole(driver, 'region', 'Side by side')).getText()
      expect(table).toMatch(new RegExp(`Tension\\s+\\(differs\\)\\s+${best}\\s+5\\.1`))
      await type(driver, 'Search', 'found browser')
      await press(driver, 'button', /^Machine: Attic seven/)
      await press(driver, 'button', /^Gallery nine/)
      await byRole(driver, 'button', /^Machine: Gallery nine/)
      // As far from normal tension 4 as a share of the way to 0 is as far from normal tension 4.5: the
      // nearest quarter.
      const there = Math.round(4 * (4.5 + ((best - 4) / 4) * 4.5)) / 4
      await press(driver, 'button', /^Use settings of/)
      await press(driver, 'button', `Stay on Gallery nine: tension ${there}, a guess`)
      await byRole(driver, 'button', new RegExp(`^Tension: Tension ${String(there).replace('.', '\\.')}`))
      await untilSaved(driver)
      await open(driver, `${inject('demo')}/files`)
      await press(driver, 'button', 'Export everything')
      const name = (await driver.wait(
        async () => {
          const { readdirSync, existsSync } = await import('node:fs')
          return existsSync(downloads) && readdirSync(downloads).find(file => file.endsWith('.json'))
        },
        PATIENCE_MS,
        'nothing exported',
      )) as string
      await press(driver, 'button', 'Empty the book')
      await press(driver, 'button', 'Empty it')
      await untilText(driver, /0\s+swatches/)
      await chooseFile(/^A file exported/, `${downloads}/${name}`)
      await press(driver, 'button', /^Import \d+ records/)
      await untilText(driver, /32\s+swatches/)
      await untilSaved(driver)
      await open(driver, `${inject('demo')}/swatches`)
      await type(driver, 'Search', 'found browser')
      await untilText(driver, '1 of 32 swatches')
      await type(driver, 'Search', 'nothing at all')
      await press(driver, 'button', 'Show all 32')
      await untilText(driver, '32 of 32 swatches')
      await press(driver, 'button', 'Table')
      await press(driver, 'button', 'Use the settings of Lantern line')
      await press(driver, 'button', /^Change to Attic seven/)
      await byRole(driver, 'button', /^Tension: Tension 5/)
      await press(driver, 'button', 'Cards')
      expect(await severeLogs(driver)).toEqual([])
    },
  )

  it('is stuck where the reading does not move, and keeps no number that was not sewn', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/trial`)
    await press(driver, 'button', 'New strip')
    const sewn: number[] = []
    for (let now = await advice(); !now.includes('Stuck') && sewn.length < 10; now = await advice()) {
      sewn.push(Number(/[\d.]+/.exec(now)![0]))
      await read(/dots below/)
      await press(driver, 'button', 'Note the row')
      await driver.wait(async () => (await advice()) !== now, PATIENCE_MS, 'the advice did not change')
    }
    expect(await advice()).toMatch(/^–\s+Stuck\s+The reading does not move with the tension[\s\S]*discs/)
    await press(driver, 'button', 'Keep as a swatch')
    await type(driver, 'Name', 'Nothing moved')
    await press(driver, 'button', 'Keep')
    await untilText(driver, 'Kept in the swatch book')
    const stop = await byRole(driver, 'button', /^Tension: Tension [\d.]+/)
    const kept = Number(/[\d.]+/.exec(await stop.getText())![0])
    expect(sewn).toContain(kept)
  })

  it('says when something else was changed, and goes on with the old strip only when asked', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/trial`)
    await press(driver, 'button', /^Cloth: Linen/)
    await press(driver, 'button', /^Batiste/)
    await untilText(driver, 'cloth: Linen → Batiste')
    // The other setup's rows tell nothing here.
    expect(await advice()).toMatch(/Sew the first row/)
    await press(driver, 'button', 'Go on with that strip here')
    await read(/locked inside/)
    await press(driver, 'button', 'Note the row')
    await untilText(driver, 'Rows struck through were sewn with something else')
  })

  it('refuses a number off the dial by name, and prints a strip at true size', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/trial`)
    await type(driver, 'Sewn at', '14')
    await untilText(driver, 'Type a number from 0 to 9.')
    await press(driver, 'button', 'Print strip')
    await press(driver, 'button', 'Strip (PDF)')
    const [page] = await measurePdf(await downloaded(session, 'trial-strip.pdf'))
    expect(page!.lines.filter(({ lengthMm }) => Math.abs(lengthMm - 50) < 0.02)).toHaveLength(1)
    expect(page!.texts).toEqual(
      expect.arrayContaining(['Sailor collar, honeycomb band: decorative row', 'T 3.5', 'note']),
    )
    await press(driver, 'button', 'Strip (SVG)')
    const svg = String(await downloaded(session, 'trial-strip.svg'))
    expect(svg).toMatch(/width="210mm" height="297mm"/)
    expect(svg).toMatch(/>T 3.5</)
  })
})

describe('troubleshooting', () => {
  it('ranks suspects for five signs by what is on the machine', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/signs`)
    const suspects = async () => (await byRole(driver, 'region', 'First suspects')).getText()
    for (const [sign, first, because] of [
      ['Bobbin thread on the right side', /1\s+A side-to-side stitch/, /the stitch swings/],
      ['Top thread loops below', /1\s+Top tension too loose/, /below normal/],
      ['The thread breaks or shreds', /1\s+Top tension too tight/, /metallic thread wants slow sewing/],
      ['An odd sound', /1\s+(The needle touches|Something touches)/, /not turned through by hand/],
      [
        'The cloth stands up between the rows',
        /1\s+Top tension too tight/,
        /Stitch too short[^]*Length to 3/,
      ],
    ] as const) {
      await press(driver, 'checkbox', sign)
      expect(await suspects()).toMatch(first)
      expect(await suspects()).toMatch(because)
      await press(driver, 'checkbox', sign)
    }
  })

  it('makes the change it asks for the next row', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/signs`)
    await press(driver, 'checkbox', 'Top thread loops below')
    // The strip's rows tell a number: the doctor names no other.
    await press(driver, 'button', /^Your strip asks for 2\.4 first/)
    await byRole(driver, 'button', /^Tension: Tension 2\.4/)
    expect(await (await byRole(driver, 'textbox', 'Sewn at')).getAttribute('value')).toBe('2.4')
    await press(driver, 'checkbox', 'Holes')
    await press(driver, 'checkbox', 'Thread broke')
    await press(driver, 'button', 'Note the row')
    await untilText(driver, 'The last row had a broken thread and holes.')
    await press(driver, 'link', 'Find the cause')
    expect(await (await byRole(driver, 'region', 'First suspects')).getText()).toMatch(
      /^The thread breaks or shreds · Holes along the seam/,
    )
    for (const sign of ['The thread breaks or shreds', 'Holes along the seam']) {
      const asked = await byRole(driver, 'checkbox', sign)
      expect(await asked.getAttribute('aria-checked')).toBe('true')
    }
    await open(driver, `${inject('demo')}/trial?at=0`)
    expect(await (await byRole(driver, 'textbox', 'Sewn at')).getAttribute('value')).toBe('0')
    expect(await allByRole(driver, { role: 'region', name: 'Changed since the rows were sewn' })).toEqual([])
  })
})

describe('the swatch book as files', () => {
  it('goes out as CSV and comes in again, rows refused by name', async () => {
    session = await openBrowser()
    const { driver, downloads } = session
    await open(driver, `${inject('demo')}/swatches`)
    await press(driver, 'button', 'CSV')
    const csv = (await downloaded(session, 'swatches.csv')).toString()
    const path = `${downloads}/edited.csv`
    writeFileSync(
      path,
      csv
        .replace('A hair of navy between the stitches.', 'Edited by hand')
        .replace('Gold metallic', 'Gold unicorn'),
    )
    await press(driver, 'button', 'From a CSV')
    await upload(driver, 'CSV file', path)
    await untilText(driver, '0 new, 1 changed, 29 the same, 1 refused')
    await untilText(driver, '“Gold unicorn” is not in the workbox')
    await press(driver, 'button', 'Import 1 rows')
    await untilText(driver, 'Edited by hand')
    await press(driver, 'button', 'JSON')
    expect(JSON.parse((await downloaded(session, 'swatches.json')).toString()).records.swatches).toHaveLength(
      31,
    )
  })
})

describe('photos of a swatch', () => {
  const ICON = fileURLToPath(new URL('../../public/icon-512.png', import.meta.url))
  const addPhoto = async (path: string) => {
    await press(session.driver, 'button', 'Cards').catch(() => {})
    await type(session.driver, 'Search', 'lantern corners')
    await untilText(session.driver, /1 of \d+ swatches/)
    const folded = await session.driver.findElements(
      By.xpath('//button[.="Photos" and @aria-expanded="false"]'),
    )
    if (folded.length > 0) await press(session.driver, 'button', 'Photos')
    await upload(session.driver, /^Right side of Lantern line, corners/, path)
  }
  const pictures = () => session.driver.findElements(By.css('img[alt="Lantern line, corners, right side"]'))

  it('are scaled in a worker, kept over a reload, and go out and in with the zip', async () => {
    session = await openBrowser()
    const { driver, downloads } = session
    await open(driver, `${inject('demo')}/swatches`)
    await addPhoto(fileURLToPath(import.meta.url))
    await untilText(driver, 'is no picture this browser can read')
    const heavy = `${session.home}/heavy.jpg`
    writeFileSync(heavy, Buffer.alloc(40_000_000))
    await addPhoto(heavy)
    await untilText(driver, 'heavy.jpg has 40 MB: a photo may have 30. Save it smaller and try again.')
    expect(await pictures()).toEqual([])
    await addPhoto(ICON)
    await driver.wait(async () => (await pictures()).length === 1, PATIENCE_MS, 'no photo')
    await untilSaved(driver)
    await driver.navigate().refresh()
    await driver.wait(async () => (await pictures()).length === 1, PATIENCE_MS, 'the photo is gone')
    await open(driver, `${inject('demo')}/files`)
    await press(driver, 'button', 'With 1 photo (zip)')
    const name = `lacy-spool-${new Date().toISOString().slice(0, 10)}.zip`
    await downloaded(session, name)
    await press(driver, 'button', 'Empty the book')
    await press(driver, 'button', 'Empty it')
    await untilText(driver, /0\s+swatches/)
    await chooseFile(/^A file exported/, `${downloads}/${name}`)
    await untilText(driver, '1 photo beside them')
    await press(driver, 'button', /^Import \d+ records/)
    await untilText(driver, /31\s+swatches/)
    await untilSaved(driver)
    await open(driver, `${inject('demo')}/swatches`)
    await type(driver, 'Search', 'lantern corners')
    await driver.wait(async () => (await pictures()).length === 1, PATIENCE_MS, 'the photo did not come back')
  })

  it('are offered as a file when there is no room, and the swatch stays', async () => {
    session = await openBrowser({
      script: `
      const put = IDBObjectStore.prototype.put
      IDBObjectStore.prototype.put = function (...given) {
        if (this.name === 'photos') throw new DOMException('full', 'QuotaExceededError')
        return put.apply(this, given)
      }`,
    })
    const { driver } = session
    await open(driver, `${inject('demo')}/swatches`)
    await addPhoto(ICON)
    await untilText(driver, 'No room for the photo')
    await press(driver, 'button', 'Save the photo')
    await driver.wait(
      async () => {
        const { readdirSync, existsSync } = await import('node:fs')
        return (
          existsSync(session.downloads) && readdirSync(session.downloads).some(file => file.endsWith('.jpg'))
        )
      },
      PATIENCE_MS,
      'not saved',
    )
    await untilText(driver, '1 of 31 swatches')
  })
})

describe('practice', () => {
  it('hides a machine, shows what it sews, and tells how the search would have gone', async () => {
    session = await openBrowser()
    const { driver } = session
    await open(driver, `${inject('demo')}/practice`)
    await untilText(driver, 'Nothing enters the swatch book.')
    for (const at of ['3', '5', '4']) {
      await type(driver, 'Set the dial to', at)
      await press(driver, 'button', 'Sew a row')
      await untilText(driver, new RegExp(`Row \\d at\\s+${at}`))
    }
    await press(driver, 'button', 'That is it')
    await untilText(driver, /your 4 after 3 rows is [^]* The goal lay at/)
    await untilText(driver, /The search: [\d., ]+;/)
  })
})
