import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By, Key, type WebDriver } from 'selenium-webdriver'
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest'
import { STATIONS } from '../../app/stations'
import { follow } from '../typing/fields'
import {
  PATIENCE_MS,
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
/** `export const LateX = latePart('What it is', () => import('~/where.vue')`, as the lists have them. */
const LISTED = /export const (Late\w+) = latePart\(\s*'([^']+)',\s*\(\) => import\('([^']+)'\)/g
const LISTS = ['lateParts', 'lateStationParts', 'lateForms', 'lateWithin', 'lateHolding'].map(name =>
  join(process.cwd(), `app/asking/${name}.ts`),
)
const PARTS = LISTS.flatMap(file => [...readFileSync(file, 'utf8').matchAll(LISTED)]).map(
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
/** From here on these files are gone from the server. */
const takeAway = (...files: string[]) =>
  session.tell('Network.setBlockedURLs', { urls: files.map(file => `*${file}*`) })

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
  await session.tell('Network.enable', {})
  // What the browser kept would come all the same.
  await session.tell('Network.setCacheDisabled', { cacheDisabled: true })
  await session.tell('Network.setBypassServiceWorker', { bypass: true })
})
afterAll(() => session.quit())
beforeEach(() => takeAway())

async function bringBack(): Promise<void> {
  await takeAway()
  await driver.executeScript("sessionStorage.removeItem('gone-worker')")
}
const text = () => driver.executeScript<string>('return document.body.innerText')
/** It is said that this is not there; once it is back, one press brings it. */
async function untilSaidAndBack(what: string, back: () => Promise<void> = bringBack): Promise<void> {
  const said = `${what} did not load.`
  await untilText(driver, said)
  await back()
  // Parts that share a file are missing together: each is tried again where it says so.
  const isBack = async () => {
    if (!(await text()).includes(said)) return true
    const presses = await allByRole(driver, { role: 'button', name: 'Try again' })
    for (const again of presses) {
      // The line-up lies over what was scrolled under it.
      await driver.executeScript("arguments[0].scrollIntoView({ block: 'center' })", again).catch(() => {})
      await again.click().catch(() => {})
    }
    return false
  }
  await driver.wait(isBack, PATIENCE_MS, `${what} did not come back`)
}
/** A press on a stop of the line-up. */
const stop = (name: string) => tool(new RegExp(`^${name}: `))
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
const addTo = (table: string) => ({
  path: '/workbox',
  show: async () => {
    await follow(driver, `/workbox?table=${table}`)
    await press(driver, 'button', /^Add a /)
  },
})

/** Where each part is asked for. */
const ASKED: Readonly<Record<string, { path: string; book?: 'plain'; show?: () => Promise<unknown> }>> = {
  LateStorageNotice: { path: '/evidence', show: () => inBook("book.storage = 'waiting'") },
  LateConflictList: { path: '/evidence', show: tool(/^Conflicts: /) },
  LatePopover: { path: '/evidence', show: stop('Machine') },
  LateKeysSheet: { path: '/evidence', show: tool('Keys') },
  LateSchoolsSheet: { path: '/evidence', show: tool(/^Sewists differ/) },
  LateSearchSheet: { path: '/evidence', show: tool('Search') },
  LateUndoAsk: { path: '/evidence', show: undoElsewhere },
  LateCsvImport: { path: '/workbox', show: tool('From CSV') },
  LateStitchSheet: { path: '/', show: openStitches },
  LateSwatchLarge: { path: '/swatches', show: tool(/^Look at|large/i) },
  LatePieceWay: { path: '/evidence' },
  LatePutBackStop: { path: '/evidence' },
  LateReasonPress: { path: '/', show: () => inBook("$pinia._s.get('inHand').setStitch({ widthMm: 6.9 })") },
  LateNeedleLabel: { path: '/' },
  LateSeamSides: { path: '/' },
  LateStitchNumbers: { path: '/evidence', show: stop('Stitch') },
  LateJobPicker: { path: '/evidence', show: stop('Piece') },
  LateMachinePicker: { path: '/evidence', show: stop('Machine') },
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
  LateInvitation: { path: '/', book: 'plain' },
  LateSwatchForm: { path: '/swatches', show: tool(/^Change|^Edit/) },
  LateSwatchCharts: { path: '/swatches?view=charts' },
}

/** Parts by the page they are asked for on: they are taken away together, and come back one by one. */
const PAGES = new Map<string, (typeof PARTS)[number][]>()
// What stands on every page first, then the kit's panel: what is in it comes with it.
const FIRST = ['LatePieceWay', 'LatePopover']
const turn = ({ name }: { name: string }) => (FIRST.includes(name) ? FIRST.indexOf(name) : FIRST.length)
for (const part of PARTS.toSorted((a, b) => turn(a) - turn(b))) {
  const asked = ASKED[part.name]
  if (!asked) throw new Error(`${part.name} has no line in ASKED: say where it is asked for`)
  const page = `${asked.book ?? 'demo'} ${asked.path}`
  PAGES.set(page, [...(PAGES.get(page) ?? []), part])
}
/** What lies over the page is shut, where anything does. */
async function shutPanels(): Promise<void> {
  const isOpen = async () => (await driver.findElements(By.css('[role="dialog"]'))).length > 0
  for (let tries = 0; tries < 3 && (await isOpen()); tries++) {
    await driver.actions().sendKeys(Key.ESCAPE).perform()
    await driver.wait(async () => !(await isOpen()), 2000).catch(() => {})
  }
}
const fileOf = (source: string): string => {
  const file = CHUNKS[source]
  if (!file) throw new Error(`${source} is in no script of the build`)
  return file
}

describe('parts that come late', () => {
  it.each([...PAGES])(
    'are each said to be missing on %s, and come when they are back',
    async (page, parts) => {
      const [book, path] = page.split(' ') as ['demo' | 'plain', string]
      const gone = new Set(parts.map(({ source }) => fileOf(source)))
      await takeAway(...gone)
      await open(driver, inject(book) + path)
      for (const { name, what, source } of parts) {
        await shutPanels()
        await ASKED[name]!.show?.()
        gone.delete(fileOf(source))
        await untilSaidAndBack(what, () => takeAway(...gone))
      }
    },
  )
})

describe('a view', () => {
  const first = STATIONS.map(({ folder, name, views: [view] }) => ({ ...view, folder, station: name }))
  const away = first.filter(({ path }) => path !== '/files')
  it('of every station is said not to load, and loads when it is back', async () => {
    const gone = new Set(away.map(({ folder, page }) => fileOf(`app/stations/${folder}/${page}`)))
    await takeAway(...gone)
    await open(driver, `${inject('demo')}/files`)
    for (const { folder, page, station } of away) {
      await press(driver, 'link', new RegExp(`^${station}`))
      gone.delete(fileOf(`app/stations/${folder}/${page}`))
      await untilSaidAndBack(station, () => takeAway(...gone))
      await byRole(driver, 'heading', station)
    }
  })
  it('that does not load leaves the page one is on, when one would rather stay', async () => {
    await takeAway(fileOf('app/stations/topstitch/Page.vue'))
    await open(driver, `${inject('demo')}/files`)
    await press(driver, 'link', /^Topstitching/)
    await untilText(driver, 'Topstitching did not load.')
    await press(driver, 'button', 'Stay here')
    await byRole(driver, 'heading', 'Files')
    expect(await driver.getCurrentUrl()).toContain('/files')
  })
})

describe('the kit’s list', () => {
  it('is said not to load where one comes to choose, and opens when it is back', async () => {
    await takeAway(fileOf('app/fields/OpenList.vue'))
    await open(driver, `${inject('demo')}/pairing`)
    await press(driver, 'combobox', 'Gap')
    await untilSaidAndBack('The list to choose from')
    await byRole(driver, 'option', 'any gap')
  })
})

const photo = () => {
  const file = join(mkdtempSync(join(tmpdir(), 'lacy-spool-photo-')), 'foot.png')
  writeFileSync(file, footBesideCard().png)
  return file
}

describe('a worker', () => {
  const at = async (worker: string, path: string) => {
    if (!(await driver.getCurrentUrl()).startsWith(inject('demo')))
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
    expect(await text()).not.toMatch(/between 0\.0 and 0\.0/)
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
    expect(await text()).not.toContain('cannot be sewn')
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
    await takeAway(fileOf('app/frame/KeysSheet.vue'))
    await press(driver, 'button', 'Keys')
    await untilText(driver, 'Lacy Spool was updated since this tab was opened.')
    await takeAway()
    await press(driver, 'button', 'Reload: your work is kept')
    await driver.wait(
      async () => !(await text()).includes('did not load'),
      PATIENCE_MS,
      'the page was not loaded anew',
    )
  })
})
