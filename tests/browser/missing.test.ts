import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By, type WebDriver } from 'selenium-webdriver'
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest'
import { STATIONS } from '../../app/stations'
import { follow } from '../typing/fields'
import {
  allByRole,
  byRole,
  downloaded,
  open,
  openBrowser,
  press,
  type Session,
  untilText,
  upload,
} from './browser'
import { footBesideCard } from './rendered'

/**
 * Every worker and every part that comes late is taken away in turn, as when a server was updated under an
 * open tab: there is a sentence and a way on where it was asked for, and it comes when it is back.
 */
const CHUNKS = JSON.parse(readFileSync(join(process.cwd(), '.cache/chunks.json'), 'utf8')) as Record<
  string,
  string
>
/** `export const LateX = latePart('What it is', () => import('~/where.vue')`, as the one list has them. */
const LISTED = /export const (Late\w+) = latePart\(\s*'([^']+)',\s*\(\) => import\('([^']+)'\)/g
const PARTS = [...readFileSync(join(process.cwd(), 'app/asking/lateParts.ts'), 'utf8').matchAll(LISTED)].map(
  ([, name, what, from]) => ({
    name: name!,
    what: what!,
    source: from!.startsWith('~/')
      ? from!.replace('~/', 'app/')
      : `node_modules/${from!.replace('@nuxt/ui/', '@nuxt/ui/dist/runtime/')}`,
  }),
)

let session: Session
let driver: WebDriver
type Chrome = WebDriver & { sendDevToolsCommand: (name: string, of: object) => Promise<void> }
const chrome = (name: string, of: object) => (driver as Chrome).sendDevToolsCommand(name, of)
/** From here on these files are gone from the server. */
const takeAway = (...files: string[]) =>
  chrome('Network.setBlockedURLs', { urls: files.map(file => `*${file}*`) })

/** A worker's script is fetched where no page can stop it: the server has none of this name. */
const GONE_WORKERS = `
  const Own = window.Worker
  window.Worker = class extends Own {
    constructor(url, options) {
      const gone = sessionStorage.getItem('gone-worker')
      super(gone && String(url).includes(gone) ? '/_nuxt/gone.worker.js' : url, options)
    }
  }`
const takeWorkerAway = (name: string) =>
  driver.executeScript("sessionStorage.setItem('gone-worker', arguments[0])", name)

beforeAll(async () => {
  session = await openBrowser({ script: GONE_WORKERS })
  driver = session.driver
  await chrome('Network.enable', {})
  // What the browser kept would come all the same.
  await chrome('Network.setCacheDisabled', { cacheDisabled: true })
  await chrome('Network.setBypassServiceWorker', { bypass: true })
})
afterAll(() => session.quit())
beforeEach(() => takeAway())
const bringBack = async () => {
  await takeAway()
  await driver.executeScript("sessionStorage.removeItem('gone-worker')")
}

const faults = () => driver.findElements(By.css('[data-fault]'))
/** It is said that this is not there; once it is back, one press brings it. */
async function untilSaidAndBack(what: string | RegExp): Promise<void> {
  const said = typeof what === 'string' ? `${what} did not load.` : what
  await untilText(driver, said)
  await byRole(driver, 'button', 'Try again')
  await bringBack()
  await press(driver, 'button', 'Try again')
  await driver.wait(async () => (await faults()).length === 0, 15_000, `${what} did not come back`)
}
/** A press on a stop of the line-up, once the kit's panel itself is there. */
const stop = (name: string) => async () => {
  await press(driver, 'button', /^Machine: /)
  await byRole(driver, 'dialog', 'Machine')
  await press(driver, 'button', new RegExp(`^${name}: `))
}
const tool = (name: string | RegExp) => () => press(driver, 'button', name)
const inBook = (script: string) =>
  driver.executeScript(
    `const { $pinia } = document.querySelector('#__nuxt').__vue_app__.config.globalProperties
     const book = $pinia._s.get('book')
     ${script}`,
  )
async function undoElsewhere(): Promise<void> {
  await inBook(`const [cloth] = book.shelf.cloths.values()
    book.commit('Change a cloth', [{ table: 'cloths', id: cloth.id, record: { ...cloth, thicknessMm: 0.77 } }])`)
  await follow(driver, '/twins')
  await press(driver, 'button', 'Undo: Change a cloth')
}
const openStitches = () => press(driver, 'button', /length \d/)
const addTo = (table: string) => ({ path: `/workbox?table=${table}`, show: tool(/^Add a /) })

/** Where each part is asked for. */
const ASKED: Readonly<Record<string, { path: string; book?: 'plain'; show?: () => Promise<unknown> }>> = {
  LateStorageNotice: { path: '/evidence', show: () => inBook("book.storage = 'waiting'") },
  LateConflictList: { path: '/evidence', show: tool(/^Conflicts: /) },
  LatePopover: { path: '/evidence', show: tool(/^Machine: /) },
  LateKeysSheet: { path: '/evidence', show: tool('Keys') },
  LateSchoolsSheet: { path: '/evidence', show: tool(/^Schools/) },
  LateSearchSheet: { path: '/evidence', show: tool('Search') },
  LateUndoAsk: { path: '/evidence', show: undoElsewhere },
  LateCsvImport: { path: '/workbox', show: tool('From CSV') },
  LateStitchSheet: { path: '/', show: openStitches },
  LateSwatchLarge: { path: '/swatches', show: tool(/^Look at|large/i) },
  LateJobPicker: { path: '/evidence', show: stop('Job') },
  LateMachinePicker: { path: '/evidence', show: tool(/^Machine: /) },
  LateSpoolPicker: { path: '/evidence', show: stop('Spools') },
  LateTensionPicker: { path: '/evidence', show: stop('Tension') },
  LateNeedlePicker: { path: '/evidence', show: stop('Needle') },
  LateFootPicker: { path: '/evidence', show: stop('Foot and plate') },
  LateClothPicker: { path: '/evidence', show: stop('Cloth') },
  LateBobbinPicker: { path: '/evidence', show: stop('Bobbin') },
  LateNeedleForm: addTo('needles'),
  LateThreadForm: addTo('threads'),
  LateBobbinForm: addTo('bobbins'),
  LateClothForm: addTo('cloths'),
  LateStabilizerForm: addTo('stabilizers'),
  LateFootForm: addTo('feet'),
  LatePlateForm: addTo('plates'),
  LateMachineForm: addTo('machines'),
  LateSessionTimer: { path: '/card' },
  LatePrintCard: { path: '/card' },
  LatePrintStrip: { path: '/trial' },
  LateOwnStitchMaker: {
    path: '/',
    show: async () => {
      await openStitches()
      await press(driver, 'button', 'A stitch of my own')
    },
  },
  LateGapChart: { path: '/compare' },
  LateWelcomeCard: { path: '/', book: 'plain' },
  LateSwatchForm: { path: '/swatches', show: tool(/^Change|^Edit/) },
  LateSwatchCharts: { path: '/swatches?view=charts' },
}

describe('a part that comes late', () => {
  it.each(PARTS)('$name is said to be missing, and comes when it is back', async ({ name, what, source }) => {
    const asked = ASKED[name]
    if (!asked) throw new Error(`${name} has no line in ASKED: say where it is asked for`)
    const file = CHUNKS[source]
    if (!file) throw new Error(`${source} is in no script of the build`)
    await takeAway(file)
    await open(driver, inject(asked.book ?? 'demo') + asked.path)
    await asked.show?.()
    await untilSaidAndBack(what)
  })
})

describe('a view', () => {
  const first = STATIONS.map(({ folder, name, views: [view] }) => ({ folder, name, ...view, station: name }))
  it.each(first)(
    '$station is said not to load, and loads when it is back',
    async ({ folder, page, path, station }) => {
      await takeAway(CHUNKS[`app/stations/${folder}/${page}`]!)
      await open(driver, `${inject('demo')}${path === '/files' ? '/evidence' : '/files'}`)
      await press(driver, 'link', new RegExp(`^${station}`))
      await untilSaidAndBack(station)
      await byRole(driver, 'heading', station)
    },
  )
  it('that does not load leaves the page one is on, when one would rather stay', async () => {
    await takeAway(CHUNKS['app/stations/topstitch/Page.vue']!)
    await open(driver, `${inject('demo')}/files`)
    await press(driver, 'link', /^Topstitching/)
    await untilText(driver, 'Topstitching did not load.')
    await press(driver, 'button', 'Stay here')
    await byRole(driver, 'heading', 'Files')
    expect(await driver.getCurrentUrl()).toContain('/files')
  })
})

const photo = () => {
  const file = join(mkdtempSync(join(tmpdir(), 'lacy-spool-photo-')), 'foot.png')
  writeFileSync(file, footBesideCard().png)
  return file
}

describe('a worker', () => {
  const at = async (worker: string, path: string) => {
    await open(driver, `${inject('demo')}/evidence`)
    await takeWorkerAway(`${worker}.worker`)
    await open(driver, inject('demo') + path)
  }
  it('that draws seams', async () => {
    await at('sewn', '/')
    await untilSaidAndBack('The drawing of the seam')
    await byRole(driver, 'img', /^Right side as sewn/)
  })
  it('that draws stitches small', async () => {
    await at('sewn', '/')
    await openStitches()
    await untilText(driver, 'The drawings of the stitches did not load.')
  })
  it('that finds the fewest twins', async () => {
    await at('coverage', '/twins')
    await untilSaidAndBack('The search for twins')
    await untilText(driver, /twins? (?:does|do) it all/)
  })
  it.each(['/trial', '/pairing'])('that reads the swatch book, on %s', async path => {
    await at('foretell', path)
    await untilSaidAndBack('What your own swatches say')
  })
  it.each(['/edge', '/lines'])('that plans, on %s', async path => {
    await at('plan', path)
    await untilText(driver, 'The plan did not load.')
    expect(await driver.executeScript('return document.body.innerText')).not.toMatch(/between 0\.0 and 0\.0/)
    await untilSaidAndBack('The plan')
    await byRole(driver, 'region', /as sewn$/)
  })
  it('that counts layers of thread', async () => {
    await at('plan', '/band')
    await untilSaidAndBack('The layers of thread')
  })
  it('that works out what a project takes', async () => {
    await at('plan', '/project')
    await untilText(driver, 'What the project takes did not load.')
    expect(await driver.executeScript('return document.body.innerText')).not.toContain('cannot be sewn')
    await untilSaidAndBack('What the project takes')
    await byRole(driver, 'region', 'All it takes')
  })
  it('that looks for the best order', async () => {
    await at('order', '/project')
    await press(driver, 'button', 'Find the best order')
    await untilSaidAndBack('The best order')
    await untilText(driver, /of changing, .* less than before|it was the best already/)
  })
  it('that writes PDFs: what was asked for is made when it is back', async () => {
    await at('print', '/topstitch')
    await press(driver, 'button', 'Print')
    await press(driver, 'button', 'Bench card')
    await untilSaidAndBack('Bench card')
    expect((await downloaded(session, /-card\.pdf$/)).subarray(0, 4).toString()).toBe('%PDF')
  })
  it('that measures in a photo: the photo is still there', async () => {
    await at('measure', '/measure-photo')
    await upload(driver, /Photo/, photo())
    await untilSaidAndBack('The photo')
    await byRole(driver, 'button', 'Draw the corners to the edges')
  })
  it('that makes photos smaller: the photo is still there, and nothing stays disabled', async () => {
    await at('photo', '/swatches')
    await press(driver, 'button', /^Photos/)
    await upload(driver, /^Right side of/, photo())
    await untilText(driver, 'The photo foot.png did not load.')
    const [add] = await allByRole(driver, { role: 'button', name: /^Right side of/ })
    expect(await add!.isEnabled()).toBe(true)
    await untilSaidAndBack('The photo foot.png')
    await byRole(driver, 'button', 'Take the photo of the right side out')
  })
  it('that packs a zip', async () => {
    await at('zip', '/files')
    await press(driver, 'button', /with \d* ?photos?/i)
    await untilSaidAndBack('The zip with photos')
  })
  it('that reads a code', async () => {
    await at('photo', '/open')
    await upload(driver, /Or a photo of the code/, photo())
    await untilSaidAndBack('The reader of codes')
    await untilText(driver, 'No code was found in this picture')
  })
})

describe('after an update', () => {
  it('a tab that was open before is told to reload, and its work is kept', async () => {
    await open(driver, `${inject('demo')}/edge`)
    // Another build answers: the page it sends has another name in it.
    await driver.executeScript(
      `const asked = window.fetch
       window.fetch = (url, ...rest) => String(url).startsWith('/?build=')
         ? Promise.resolve(new Response('<html>another build</html>'))
         : asked(url, ...rest)`,
    )
    await takeAway(CHUNKS['app/frame/KeysSheet.vue']!)
    await press(driver, 'button', 'Keys')
    await untilText(driver, 'Lacy Spool was updated since this tab was opened.')
    await takeAway()
    await press(driver, 'button', 'Reload: your work is kept')
    await driver.wait(async () => (await faults()).length === 0, 15_000, 'the page was not loaded anew')
  })
})
