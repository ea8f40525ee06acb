import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { By, Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import {
  PATIENCE_MS,
  allByRole,
  byRole,
  downloaded,
  open,
  openBrowser,
  press,
  pressFound,
  type Session,
  type,
  untilSaved,
  untilText,
  upload,
} from './browser'

let session: Session
beforeAll(async () => {
  session = await openBrowser()
  await open(session.driver, inject('demo'))
})
afterAll(() => session.quit())

async function choose(content: string, name = 'backup.json'): Promise<void> {
  const path = join(session.downloads, '..', name)
  writeFileSync(path, content)
  await upload(session.driver, 'A file exported by Lacy Spool', path)
}
let exported = ''

describe('keeping pieces', () => {
  it('gives a piece a name, duplicates it, deletes it and takes that back', async () => {
    const { driver } = session
    await press(driver, 'button', 'Name this piece')
    await type(driver, 'Its name', 'Chorus collar <b>1</b>')
    await press(driver, 'button', 'Keep the name')
    await untilSaved(driver)
    await open(driver, `${inject('demo')}/pieces`)
    await type(driver, 'Search pieces', 'chorus collar')
    await byRole(driver, 'button', /^Chorus collar <b>1<\/b>/)
    await press(driver, 'button', 'Duplicate Chorus collar <b>1</b>')
    await press(driver, 'button', 'Duplicate')
    await byRole(driver, 'button', /^Chorus collar <b>1<\/b> \(copy\)/)
    await press(driver, 'button', 'Delete Chorus collar <b>1</b> (copy)')
    await untilText(driver, '(copy) deleted')
    await driver.wait(
      async () => (await allByRole(driver, { role: 'button', name: /^Chorus.*\(copy\)/ })).length === 0,
      PATIENCE_MS,
    )
    await pressFound(
      driver,
      () =>
        driver.findElement(
          By.xpath(
            '//ol//button[contains(., "Undo")] | //*[@role="alert" or '
              + '@role="status"]//button[contains(., "Undo")]',
          ),
        ),
      'Undo in the toast',
    )
    await byRole(driver, 'button', /^Chorus.*\(copy\)/)
  })

  it('finds a twin when asked for a double needle, and opens a piece', async () => {
    const { driver } = session
    await type(driver, 'Search pieces', 'double jersey')
    await untilText(driver, /1 of 25 pieces/)
    await press(driver, 'button', /^Sailor jersey hem/)
    await byRole(driver, 'button', /^Machine: Ferry six/)
  })

  it('does not delete a machine that a piece needs, and says which', async () => {
    const { driver } = session
    await press(driver, 'button', /^Machine: Ferry six/)
    await press(driver, 'button', 'Delete Ferry six')
    await untilText(driver, /Ferry six is needed by 2 pieces/)
  })
})

describe('files', () => {
  it('exports everything, empties the book and imports it all again', async () => {
    const { driver } = session
    await untilSaved(driver)
    await open(driver, `${inject('demo')}/files`)
    await press(driver, 'button', 'Export everything')
    exported = (await downloaded(session, /^lacy-spool-.*\.json$/)).toString()
    const { records } = JSON.parse(exported)
    expect(records.pieces).toHaveLength(25)
    await press(driver, 'button', 'Empty the book')
    await press(driver, 'button', 'Empty it')
    await untilText(driver, /0\s+machines/)
    await choose(exported)
    // Which piece was in hand is no part of a book, and was not emptied.
    await untilText(driver, /0 changed, [01] the same, 0 refused/)
    await press(driver, 'button', /^Import \d+ records/)
    await untilText(driver, /25\s+pieces/)
    await choose(exported)
    await untilText(driver, /0 new, 0 changed, \d+ the same, 0 refused/)
  })

  it.each([
    ['a damaged file', (text: string) => text.slice(0, 500), 'damaged or not JSON'],
    ['another file', () => '{"hello": 1}', 'not written by Lacy Spool'],
    [
      'a newer version',
      (text: string) => text.replace(/"version": \d+/, '"version": 99'),
      'Update the app first',
    ],
    ['50 MB', (text: string) => text + ' '.repeat(50_000_000), 'larger than 20 MB'],
  ])('refuses %s and changes nothing', async (_, change, part) => {
    await choose(change(exported))
    await untilText(session.driver, part)
    await untilText(session.driver, 'Nothing was changed.')
    await untilText(session.driver, /25\s+pieces/)
  })

  it('names a refused record, takes the rest, and shows hostile names as text', async () => {
    const { driver } = session
    const file = JSON.parse(exported)
    file.records.machines[0].name = '<img src=x onerror="document.title=1">'
    file.records.feet[0].slotMm = 1e9
    await choose(JSON.stringify(file))
    await untilText(driver, '1 refused')
    await untilText(driver, 'slotMm: must be a number from 1 to 20')
    await untilText(driver, '<img src=x onerror=')
    expect(await driver.getTitle()).toContain('Files')
  })

  it('shows a change made in another tab', async () => {
    const { driver } = session
    const first = await driver.getWindowHandle()
    await untilSaved(driver)
    await driver.switchTo().newWindow('tab')
    await open(driver, inject('demo'))
    await press(driver, 'button', /^Piece: /)
    await press(driver, 'button', 'New piece')
    await press(driver, 'button', /^Hem/)
    const name = await type(driver, 'Its name', 'From the other tab')
    await name.sendKeys(Key.TAB)
    await byRole(driver, 'button', /^Piece: From the other tab/)
    await untilSaved(driver)
    await driver.close()
    await driver.switchTo().window(first)
    await untilText(driver, /26\s+pieces/)
  })

  it('takes the demo out but keeps what one’s own pieces use', async () => {
    const { driver } = session
    await press(driver, 'button', 'Remove the demo')
    await untilText(driver, /2\s+pieces/)
    const { machines, needles } = await driver.executeScript<{ machines: number; needles: number }>(`
      const { $pinia } = document.querySelector('#__nuxt').__vue_app__.config.globalProperties
      const { shelf } = $pinia.state.value.book
      if (!shelf) return { machines: -1, needles: -1 }
      return { machines: shelf.machines.size, needles: shelf.needles.size }`)
    expect(machines === -1 || machines === 2).toBe(true)
    expect(needles).toBeLessThan(13)
    await untilText(driver, /2\s+machines/)
  })
})
