// The app under a thumb: a browser whose processor is held to a quarter, on the demo's data.
import { loadModule } from '../steps.mjs'
import * as page from './slowInPage.mjs'

export const RATE = 4
export const TIMES = 5
const KEYS_A_FIELD = 10
/** Between two keys of a quick typist. */
const BETWEEN_KEYS_MS = 150

/** What one comes for, by the path of its view: useful is a view that shows this. */
const USEFUL = {
  '/': 'svg.plate',
  '/compare': 'main table tbody tr',
  '/pairing': 'main ol.list li',
  '/twins': 'main table tbody tr',
  '/evidence': 'main table tbody tr',
  '/walk': 'main section.card svg',
  '/card': 'section.dials',
  '/putback': 'main section.card ol li',
  '/care': 'main section.card ul li',
  '/trial': 'main svg.large path',
  '/signs': 'main section.card button',
  '/practice': 'main svg.large path',
  '/pintucks': 'main .frame svg',
  '/topstitch': 'main .frame svg',
  '/edge': 'main .frame svg',
  '/lines': 'main .frame svg',
  '/band': 'main .frame svg',
  '/project': 'main ol.items li',
  '/pieces': 'main ul.list li',
  '/project-sew': 'main section.card',
  '/swatches': 'main article.swatch',
  '/workbox': 'main table tbody tr',
  '/measure': 'main ol.list li',
  '/measure-gauge': 'main svg.picture',
  '/measure-photo': 'main section.card button',
  '/measure-count': 'main section.card input',
  '/measure-screen': 'main section.card',
  '/files': 'main ul.counts',
  '/open': 'main section.card button',
}

/** Views with numbers to type. */
const FIELD_VIEWS = [
  '/',
  '/pairing',
  '/trial',
  '/pintucks',
  '/topstitch',
  '/edge',
  '/lines',
  '/band',
  '/care',
  '/measure-gauge',
  '/measure-count',
]

/**
 * Every view from both its neighbours in the rail, and keys in every number field: times in ms, one list a
 * question, the runs in their order.
 *
 * @param driver - a browser of 1280 × 800.
 * @param address - of a server with the demo.
 */
export async function measureSlow(driver, address) {
  const { ALL_VIEWS } = await loadModule('/app/stations/index.ts')
  const paths = ALL_VIEWS.map(({ path }) => path)
  await driver.get(address)
  await driver.wait(() => driver.executeScript(page.isQuiet), 30_000)
  await driver.sleep(5000)
  await held(driver)
  try {
    const views = await everyView(driver, paths)
    const keys = await everyField(driver)
    // A piece whose outline is letters: each key makes another outline.
    keys.push(...(await fieldsOf(driver, '/edge?piece=demo-piece-banner', 'Letters')))
    return { views, keys, loopMs: await driver.executeScript(page.calibrate) }
  } finally {
    await held(driver, 1)
  }
}

/** Holds the browser's processor to a part of what it is. */
export const held = (driver, rate = RATE) =>
  driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate })

/** To and fro between every two neighbours: each way is a change of view that counts. */
async function everyView(driver, paths) {
  const views = []
  for (const [i, path] of paths.entries()) {
    const next = paths[(i + 1) % paths.length]
    const ways = [
      { path: next, from: path, runs: [] },
      { path, from: next, runs: [] },
    ]
    await goTo(driver, path)
    // The first time fetches the view's script, which a person pays once: it is not among the runs.
    for (let times = 0; times <= TIMES; times++)
      for (const way of ways) way.runs.push(await goTo(driver, way.path))
    views.push(...ways.map(way => ({ ...way, first: way.runs[0], runs: way.runs.slice(1) })))
  }
  return views
}

async function goTo(driver, path) {
  const useful = USEFUL[path.split('?')[0]]
  const times = await driver.executeAsyncScript(page.goAndSettle, path, useful)
  if (times === null) throw new Error(`${path} never showed ${useful}`)
  return times
}

async function everyField(driver) {
  const all = []
  for (const path of FIELD_VIEWS) all.push(...(await fieldsOf(driver, path)))
  return all
}

/** Ten keys in every number field of a view, or in the one with this label: until the frame showing each. */
async function fieldsOf(driver, path, label = null) {
  const all = []
  await goTo(driver, path)
  const count = await driver.executeScript(page.typedFields, label)
  for (let at = 0; at < count; at++) {
    const field = await driver.executeScript(page.typedField, at)
    if (!field) continue
    const name = await field.getAccessibleName()
    await driver.executeScript(page.watchKeys)
    await field.click()
    // A digit and its Backspace: half a number on the way to another, as a person types.
    for (let pressed = 0; pressed < KEYS_A_FIELD; pressed += 2)
      for (const key of ['1', BACKSPACE])
        await driver.actions().keyDown(key).keyUp(key).pause(BETWEEN_KEYS_MS).perform()
    all.push({ path, name, runs: await driver.executeAsyncScript(page.keyTimes) })
  }
  return all
}
/** As WebDriver writes it. Source: W3C WebDriver, 17.4.2. */
const BACKSPACE = '\uE003'
