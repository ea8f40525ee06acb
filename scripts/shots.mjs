// npm run shots: one current picture of each main view, made from the demo data, into docs/screenshots/.
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import {
  ensureBrowser,
  ensureBuild,
  ensurePackages,
  findPort,
  loadModule,
  root,
  say,
  startServer,
} from './steps.mjs'

ensurePackages()
ensureBrowser()
ensureBuild()
const { Browser, Builder, By } = await import('selenium-webdriver')
const { Options, ServiceBuilder } = await import('selenium-webdriver/chrome.js')

const LAPTOP = [1280, 800]
const press = async (driver, xpath) => {
  const element = await driver.wait(
    async () => (await driver.findElements(By.xpath(xpath)))[0],
    10_000,
    xpath,
  )
  await element.click()
}
/** A foot beside a card, rendered: its marks are dragged to where the camera sees them. */
async function measureInPhoto(driver) {
  const { footBesideCard } = await loadModule('/tests/browser/rendered.ts')
  const { png, corners, ends, width } = footBesideCard()
  const file = join(mkdtempSync(join(tmpdir(), 'lacy-spool-shot-')), 'foot.png')
  writeFileSync(file, png)
  const input = await driver.wait(
    async () => (await driver.findElements(By.css('input[type=file]')))[0],
    10_000,
    'no field for a photo',
  )
  await input.sendKeys(file)
  await driver.wait(async () => (await driver.findElements(By.css('svg .mark'))).length === 6, 10_000)
  for (const [i, { x, y }] of [...corners, ...ends].entries()) {
    const [from, to] = await driver.executeScript(
      `const mark = document.querySelectorAll('svg .mark')[arguments[0]]
       const now = mark.getBoundingClientRect(), frame = mark.ownerSVGElement.getBoundingClientRect()
       const scale = frame.width / arguments[3]
       return [[now.x + now.width / 2, now.y + now.height / 2],
         [frame.x + arguments[1] * scale, frame.y + arguments[2] * scale]]`,
      i,
      x,
      y,
      width,
    )
    const at = ([left, top]) => ({ x: Math.round(left), y: Math.round(top) })
    const drag = driver.actions({ async: true }).move(at(from)).press()
    await drag
      .move({ ...at(to), duration: 60 })
      .release()
      .perform()
  }
  await press(driver, '//button[normalize-space() = "Draw the corners to the edges"]')
  await press(driver, '//button[normalize-space() = "Draw the ends to the edges"]')
}
/** What of the demo is shown, by the picture's name, and what must be pressed first. */
const SCENES = {
  'build-up': {
    act: async driver => {
      await press(driver, '//button[contains(., "Garland, satin leaf")]')
      await press(driver, '//button[normalize-space() = "Build-up"]')
    },
  },
  'pintucks': {
    query: '?piece=demo-piece-front',
    act: driver => press(driver, '//*[@aria-label="Spacing of the tucks"]/ancestor::*[@role="application"]'),
  },
  'topstitching': {
    query: '?piece=demo-piece-pocket',
    act: driver => press(driver, '//button[starts-with(normalize-space(), "Side 1")]'),
  },
  'edge': {
    query: '?piece=demo-piece-lantern',
    act: driver => press(driver, '//button[@aria-pressed and contains(., "Star")]'),
  },
  'lines': {
    query: '?piece=demo-piece-plume',
    act: driver => press(driver, '//button[@aria-label="One step on"]'),
  },
  'workbox': { act: driver => press(driver, '//button[starts-with(normalize-space(), "Threads")]') },
  'bands': {
    query: '?piece=demo-piece-collarband',
    act: driver => press(driver, '//button[starts-with(@aria-label, "2 Satin leaf")]'),
  },
  'project': { act: driver => press(driver, '//button[normalize-space() = "Find the best order"]') },
  'sew-mode': {
    act: async driver => {
      await press(driver, '//button[normalize-space() = "Begin"]')
      await press(driver, '//button[normalize-space() = "Sewn: next"]')
      await press(driver, '//button[normalize-space() = "Take it in hand and begin"]')
    },
  },
  'measure-photo': { query: '?what=foot-opening', act: measureInPhoto },
}
const { ALL_VIEWS } = await loadModule('/app/stations/index.ts')
const pictured = ALL_VIEWS.filter(({ shot }) => shot !== null).map(({ shot, path }) => {
  const { query = '', act } = SCENES[shot] ?? {}
  return { name: shot, path: path + query, size: LAPTOP, act }
})
const VIEWS = [...pictured, { name: 'phone', path: '/', size: [390, 844] }]

/** Still once two pictures a quarter of a second apart are the same. */
async function settled(driver) {
  let before = ''
  for (let tries = 0; tries < 40; tries++) {
    const now = await driver.takeScreenshot()
    if (now === before) return now
    before = now
    await new Promise(resolve => setTimeout(resolve, 250))
  }
  return before
}

const out = process.env.OUT ?? join(root, 'docs/screenshots')
mkdirSync(out, { recursive: true })
const { address, child } = await startServer({ port: await findPort(4380), demo: true })
try {
  for (const {
    name,
    path,
    size: [width, height],
    act,
  } of VIEWS.filter(view => process.argv.length < 3 || process.argv.includes(view.name))) {
    const options = new Options()
    options.addArguments(
      '--headless=new',
      '--no-sandbox',
      '--disable-gpu',
      '--hide-scrollbars',
      '--force-device-scale-factor=1',
    )
    const driver = await new Builder()
      .forBrowser(Browser.CHROME)
      .setChromeOptions(options)
      .setChromeService(new ServiceBuilder('/usr/bin/chromedriver'))
      .build()
    try {
      await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
        width,
        height,
        deviceScaleFactor: 1,
        mobile: width < 600,
      })
      await driver.get(address + path)
      await driver.wait(async () => (await driver.findElements(By.css('h1'))).length > 0, 15_000)
      await settled(driver)
      await act?.(driver)
      writeFileSync(join(out, `${name}.png`), await settled(driver), 'base64')
      say(`${name}.png`)
    } finally {
      await driver.quit()
    }
  }
} finally {
  child.kill()
}
