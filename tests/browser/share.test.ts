import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { encode } from 'uqr'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { measurePdf } from '../unit/pdf'
import {
  PATIENCE_MS,
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

/** What a code or link of the demo's first kept band says, from its share panel. */
let link = ''

describe('what is shared from one book', () => {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('demo')}/band?piece=demo-piece-collarband`)
  })
  afterAll(() => session.quit())

  it('is a link that holds it, in the fragment of the app’s own address', async () => {
    const { driver } = session
    link = await linkShared(driver)
    expect(link).toMatch(/^HTTP:\/\/[^/]+\/OPEN#LS1[A-Z2-7]+$/)
    await press(driver, 'button', 'Save as a file')
    const file = JSON.parse((await downloaded(session, /-share\.json$/)).toString('utf8')) as {
      records: Record<string, { id: string }[]>
    }
    expect(file.records.pieces!.map(({ id }) => id)).toEqual(['demo-piece-collarband'])
    expect(file.records.threads!.map(({ id }) => id)).toContain('demo-thread-wine')
  })
  it('is printed as a code on labels and on the bench card', async () => {
    const { driver } = session
    await open(driver, `${inject('demo')}/card`)
    await press(driver, 'button', 'Print')
    await press(driver, 'button', 'Card, A6 to cut out (PDF)')
    const [card] = await measurePdf(await downloaded(session, /bench-card\.pdf$/))
    expect(card!.texts.join(' ')).toContain('Attic seven')
    expect(await severeLogs(driver)).toEqual([])
  })
})

/** What the panel of the piece in hand holds. */
async function linkShared(driver: Session['driver']): Promise<string> {
  await press(driver, 'button', 'Share Sailor collar, leaf band')
  const field = await byRole(driver, 'textbox', 'Link')
  await driver.wait(async () => (await field.getAttribute('value')) !== '', PATIENCE_MS, 'no link')
  return (await field.getAttribute('value')) ?? ''
}

describe('the unit of who shares', () => {
  it('is offered by the link, taken over in an empty book, and taken back by one undo', async () => {
    const [from, to] = await Promise.all([openBrowser(), openBrowser()])
    try {
      await open(from.driver, `${inject('demo')}/band?piece=demo-piece-collarband`)
      await press(from.driver, 'button', 'Units: millimetres')
      await untilSaved(from.driver)
      const inches = await linkShared(from.driver)
      await open(to.driver, `${inject('plain')}/open${inches.slice(inches.indexOf('#'))}`)
      const takes = await byRole(to.driver, 'checkbox', 'Show lengths in inches, as the sender does')
      expect(await takes.getAttribute('aria-checked')).toBe('true')
      await press(to.driver, 'button', /^Keep \d+$/)
      await byRole(to.driver, 'button', 'Units: inches')
      await press(to.driver, 'button', /^Undo/)
      await byRole(to.driver, 'button', 'Units: millimetres')
      await untilSaved(to.driver)
      await open(to.driver, `${inject('plain')}/pieces`)
      await untilText(to.driver, 'No piece yet')
    } finally {
      await Promise.all([from.quit(), to.quit()])
    }
  })
})

describe('what is opened in another book', () => {
  let session: Session
  beforeAll(async () => {
    session = await openBrowser()
    await open(session.driver, `${inject('plain')}/OPEN${link.slice(link.indexOf('#'))}`)
  })
  afterAll(() => session.quit())

  it('shows what it holds before anything is kept', async () => {
    const { driver } = session
    await untilText(driver, 'Sailor collar, leaf band')
    await untilText(driver, /\d+ new, 0 otherwise than yours/)
    await press(driver, 'button', 'Leave it')
    await open(driver, `${inject('plain')}/band-kept`)
    await untilText(driver, 'No piece yet')
  })
  it.each([
    ['a damaged one', (now: string) => `${now.slice(0, 120)}AAAA${now.slice(124)}`, 'damaged or cut off'],
    [
      'one from elsewhere',
      () => 'https://elsewhere.example/#<script>alert(1)</script>',
      'not from Lacy Spool',
    ],
    ['far too long a one', () => `LS1${'A'.repeat(70_000)}`, 'far longer than any'],
  ])('refuses %s, and keeps nothing', async (_, made, words) => {
    const { driver } = session
    await open(driver, `${inject('plain')}/open`)
    const field = await byRole(driver, 'textbox', 'Paste a link')
    await driver.executeScript(
      `const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set
       set.call(arguments[0], arguments[1]); arguments[0].dispatchEvent(new Event('input', { bubbles: true }))`,
      field,
      made(link),
    )
    await untilText(driver, words)
    await untilText(driver, 'Nothing was changed.')
  })
  it('is read from a photo of the code, and kept', async () => {
    const { driver } = session
    await open(driver, `${inject('plain')}/open`)
    const path = join(mkdtempSync(join(tmpdir(), 'lacy-spool-code-')), 'label.png')
    writeFileSync(path, Buffer.from(await photoOf(link), 'base64'))
    await upload(driver, /Or a photo of the code/, path)
    await untilText(driver, 'Sailor collar, leaf band')
    await press(driver, 'button', /^Keep \d+$/)
    await untilText(driver, '“Sailor collar, leaf band” is kept')
    await open(driver, `${inject('plain')}/band-kept`)
    await untilText(driver, '1 of 1 piece')
  })
  it('says what differs from what one owns', async () => {
    const { driver } = session
    await open(driver, `${inject('plain')}/open`)
    await type(driver, 'Paste a link', link)
    await untilText(driver, /0 new, 0 otherwise than yours, \d+ as you have it/)
    expect(await severeLogs(driver)).toEqual([])
  })

  /** A code as a picture somebody took: on grey paper, turned a little, with a shadow over one side. */
  async function photoOf(words: string): Promise<string> {
    const { data } = encode(words, { ecc: 'L', border: 4 })
    const address = await session.driver.executeScript<string>(
      `const [rows] = arguments
       const px = 6, side = rows.length * px + 200
       const canvas = Object.assign(document.createElement('canvas'), { width: side, height: side })
       const context = canvas.getContext('2d')
       context.fillStyle = '#cfcac0'
       context.fillRect(0, 0, side, side)
       context.translate(side / 2, side / 2)
       context.rotate(0.08)
       context.translate(-rows.length * px / 2, -rows.length * px / 2)
       context.fillStyle = '#2a2622'
       rows.forEach((row, y) => row.forEach((dark, x) => dark && context.fillRect(x * px, y * px, px, px)))
       context.resetTransform()
       const shadow = context.createLinearGradient(0, 0, side, 0)
       shadow.addColorStop(0, 'rgba(0,0,0,0.25)')
       shadow.addColorStop(1, 'rgba(0,0,0,0)')
       context.fillStyle = shadow
       context.fillRect(0, 0, side, side)
       return canvas.toDataURL('image/png')`,
      data,
    )
    return address.slice(address.indexOf(',') + 1)
  }
})
