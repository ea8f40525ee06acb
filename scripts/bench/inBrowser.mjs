import { Browser, Builder, By, until } from 'selenium-webdriver'
import { Options, ServiceBuilder } from 'selenium-webdriver/chrome.js'
import { findPort, startServer } from '../steps.mjs'
import * as page from './inPage.mjs'
import { held, measureSlow } from './slow.mjs'

export const DRAGS = 3
export const OPENINGS = 7
export const STARTS = 5

/** All that is measured in the browser, in ms and kB: one list a question, the runs in their order. */
export async function measureInBrowser() {
  const driver = await openBrowser()
  try {
    return {
      ...(await withServer(4390, address => measureApp(driver, address))),
      offline: await measureOffline(driver),
    }
  } finally {
    await driver.quit()
  }
}

/** The same app with the browser's processor held down: see slow.mjs. */
export async function measureSlowly() {
  const driver = await openBrowser()
  try {
    return await withServer(4590, async address => {
      // What is short first: where a view no longer shows what is looked for, that is seen at once.
      const starts = await measureSlowStarts(driver, address)
      const width = await driver.executeAsyncScript(page.drag, true)
      const { tucks, band, row } = await measurePlanner(driver, address)
      const leaf = await measureLeaf(driver, address)
      const drags = [
        { what: 'Stitch width', ...width },
        { what: 'Spacing of 24 tucks', ...tucks },
        { what: 'Rows of a band', ...band },
        { what: 'A row of topstitching', ...row },
        { what: 'A point of a leaf', ...leaf },
      ]
      const files = await measureFiles(driver, address)
      return { starts, drags, files, ...(await measureSlow(driver, address)) }
    })
  } finally {
    await driver.quit()
  }
}

/** From asking for the page to its plate, all of it in the browser's own cache; the page stays slow. */
async function measureSlowStarts(driver, address) {
  await driver.get(address)
  await shown(driver, 'svg.plate')
  await driver.sleep(5000)
  await held(driver)
  const starts = []
  for (let times = 0; times < STARTS; times++) {
    await driver.get(address)
    starts.push(await driver.executeAsyncScript(page.shownAt))
    await driver.sleep(5000)
  }
  return starts
}

/** Sheets for the printer, each from its press until it is there. */
async function measureFiles(driver, address) {
  await driver.get(`${address}/swatches`)
  await shown(driver, 'article.swatch')
  await driver.sleep(3000)
  const labels = await timeFile(driver, 'Labels')
  await driver.get(`${address}/card`)
  await shown(driver, 'section.dials')
  const print = By.xpath('//button[normalize-space()="Print"]')
  await driver.wait(until.elementLocated(print), 20_000).click()
  const wanted = By.xpath('//button[starts-with(normalize-space(), "Card, A6")]')
  await driver.wait(until.elementLocated(wanted), 20_000)
  const card = await timeFile(driver, 'Card, A6')
  return [
    { what: 'Labels for the 31 swatches of the demo', runs: labels },
    { what: 'The bench card', runs: card },
  ]
}
async function timeFile(driver, words) {
  const runs = []
  for (let times = 0; times < STARTS; times++) {
    runs.push(await driver.executeAsyncScript(page.timeFile, words))
    await driver.sleep(1000)
  }
  return runs
}

async function openBrowser() {
  const options = new Options()
  options.addArguments(
    '--headless=new',
    '--no-sandbox',
    '--disable-gpu',
    '--force-device-scale-factor=1',
    '--window-size=1280,800',
  )
  const driver = await new Builder()
    .forBrowser(Browser.CHROME)
    .setChromeOptions(options)
    .setChromeService(new ServiceBuilder('/usr/bin/chromedriver'))
    .build()
  await driver.manage().setTimeouts({ script: 60_000 })
  return driver
}

async function withServer(port, measure) {
  const { address, child } = await startServer({ port: await findPort(port), demo: true })
  try {
    return await measure(address)
  } finally {
    child.kill()
  }
}

const shown = (driver, selector) =>
  driver.wait(async () => (await driver.findElements(By.css(selector))).length > 0, 20_000, selector)

async function measureApp(driver, address) {
  const start = await measureStart(driver, address)
  const dragging = await measureDragging(driver)
  const planner = await measurePlanner(driver, address)
  const leaf = await measureLeaf(driver, address)
  const readings = await measureReadings(driver, address)
  await driver.sendDevToolsCommand('Network.setCacheDisabled', { cacheDisabled: false })
  await driver.executeAsyncScript(page.seedProject, 40)
  const project = await measureOpenings(driver, address, '/project', 'ol.items li:nth-child(40)')
  await driver.executeAsyncScript(page.seed, 'pieces', 'demo-plan-collar', 5000, 'Piece')
  const lists = await measureOpenings(driver, address, '/pieces', 'li.row', 'button.stop.title')
  await driver.executeAsyncScript(page.seed, 'threads', 'demo-thread-slate', 5000, 'Thread')
  const threads = await measureThreads(driver, address)
  await driver.executeAsyncScript(page.seed, 'swatches', 'demo-swatch-2', 10_000, 'Swatch')
  const books = await measureOpenings(driver, address, '/swatches', 'article.swatch')
  const found = await measureSearches(driver, '#swatch-search', 'p.count', [
    ['swatch 9999', '1 of'],
    ['velvet', '3 of'],
    ['swatch 4321', '1 of'],
    ['lantern corners', '1 of'],
    ['nothing at all', '0 of'],
  ])
  return { ...start, ...dragging, planner, leaf, readings, project, lists, ...threads, books, found }
}

/** The first visit loads the demo and fills the cache; what counts is a visit with data, nothing cached. */
async function measureStart(driver, address) {
  await driver.get(address)
  await shown(driver, 'svg.plate')
  await driver.wait(() => driver.executeScript(page.isSaved), 20_000, 'the demo was not saved')
  await driver.sendDevToolsCommand('Network.setCacheDisabled', { cacheDisabled: true })
  await driver.get(address)
  const showMs = await driver.executeAsyncScript(page.shownAt)
  const scripts = new Map(await driver.executeScript(page.scriptsBefore, showMs))
  return { showMs, scripts }
}

async function measureDragging(driver) {
  // Idle prefetching of other views is over by then.
  await driver.sleep(5000)
  const still = await driver.executeAsyncScript(page.drag, false)
  const drags = []
  for (let times = 0; times < DRAGS; times++) drags.push(await driver.executeAsyncScript(page.drag, true))
  return { still, drags }
}

/** Planners redrawn in every frame. */
async function measurePlanner(driver, address) {
  const tucks = await moved(driver, `${address}/pintucks?piece=demo-piece-front`, 'Spacing of the tucks')
  const band = await moved(driver, `${address}/band?piece=demo-piece-collarband`, 'Overlap of rows 1 and 2')
  const row = await moved(driver, `${address}/topstitch?piece=demo-piece-pocket`, 'Row 1 from the edge')
  return { tucks, band, row }
}
async function moved(driver, address, handle) {
  await driver.get(address)
  await shown(driver, `[aria-label="${handle}"]`)
  await driver.sleep(3000)
  return driver.executeAsyncScript(page.moveHandle, handle)
}

/** A leaf whose stitches a worker lands anew in every frame. */
async function measureLeaf(driver, address) {
  await driver.get(`${address}/edge`)
  const toPoints = By.xpath('//button[normalize-space()="Move its points"]')
  await driver.wait(until.elementLocated(toPoints), 20_000)
  await driver.findElement(toPoints).click()
  await shown(driver, '[aria-label^="Shape, point 1 of"]')
  await driver.sleep(3000)
  return driver.executeAsyncScript(page.movePoint)
}

async function measureReadings(driver, address) {
  await driver.get(`${address}/trial`)
  await shown(driver, '[role="radio"][aria-keyshortcuts]')
  await driver.sleep(8000)
  return driver.executeAsyncScript(page.timeReadings)
}

/** @param behind - the panel its link stands in, by the selector of what opens it. */
async function measureOpenings(driver, address, path, selector, behind = null) {
  const openings = []
  for (let times = 0; times < OPENINGS; times++) {
    await driver.get(address)
    await shown(driver, 'svg.plate')
    await driver.sleep(5000)
    if (behind) await driver.findElement(By.css(behind)).click()
    await shown(driver, `a[href="${path}"]`)
    await driver.executeScript(page.timeOpening, selector)
    await driver.findElement(By.css(`a[href="${path}"]`)).click()
    openings.push(await driver.wait(() => driver.executeScript(page.openedMs), 20_000))
  }
  return openings
}

async function measureThreads(driver, address) {
  await driver.get(`${address}/workbox`)
  await shown(driver, '.scroller tbody tr')
  await (await driver.findElement(By.xpath('//button[starts-with(normalize-space(), "Threads")]'))).click()
  await shown(driver, 'input[aria-label="Search threads"]')
  await driver.sleep(3000)
  const scroll = await driver.executeAsyncScript(page.scroll)
  const searches = await measureSearches(driver, 'input[aria-label="Search threads"]', '.bar [role=status]', [
    ['thread 4999', '1 of'],
    ['velvet', '0 of'],
    ['rayon 4321', '1 of'],
    ['thread 4321', '1 of'],
    ['slate', '1 of'],
  ])
  return { scroll, searches }
}

async function measureSearches(driver, field, status, questions) {
  const times = []
  for (const [words, count] of questions)
    times.push(await driver.executeAsyncScript(page.timeSearch, field, status, words, count))
  return times
}

/** Without the server, the demo book in the database, the worker that serves from the cache started anew. */
async function measureOffline(driver) {
  // Another port: another database, with nothing in it but the demo.
  const address = await withServer(4490, async address => {
    await driver.get(address)
    await shown(driver, 'svg.plate')
    await driver.executeAsyncScript(page.workerReady)
    return address
  })
  await driver.sendDevToolsCommand('ServiceWorker.enable', {})
  const starts = []
  for (let times = 0; times < STARTS; times++) {
    await driver.sendDevToolsCommand('ServiceWorker.stopAllWorkers', {})
    await driver.get(address)
    starts.push(await driver.executeAsyncScript(page.shownAt))
  }
  return starts
}
