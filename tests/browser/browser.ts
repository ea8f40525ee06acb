import { spawnSync } from 'node:child_process'
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import {
  Browser,
  Builder,
  By,
  error,
  Key,
  logging,
  until,
  type WebDriver,
  type WebElement,
} from 'selenium-webdriver'
import { afterAll, inject } from 'vitest'
import { Options, ServiceBuilder } from 'selenium-webdriver/chrome.js'

/** Long, for a machine that others use too: only a test that fails waits so long. */
export const PATIENCE_MS = 45_000

/** Keeping the whole app for use offline takes a core for seconds at each browser's first page. */
const NOTHING_OFFLINE = 'delete Navigator.prototype.serviceWorker'

export interface Session {
  readonly driver: WebDriver
  readonly downloads: string
  readonly quit: () => Promise<void>
  /** As when the power fails: the browser is gone at once, its profile stays. */
  readonly kill: () => Promise<void>
  readonly home: string
  /** Tells the browser what its own tools for developers can, by the name they have for it. */
  readonly tell: (name: string, of: object) => Promise<void>
}

interface Chrome {
  readonly driver: WebDriver & { sendDevToolsCommand: (name: string, parameters: object) => Promise<void> }
  readonly home: string
}

/** Starting a browser takes seconds of a core: one that was handed back is lent to the file's next test. */
let free: Chrome | null = null
afterAll(async () => {
  if (free) await endBrowser(free)
  free = null
})

/**
 * A browser with a download folder of its own and a book as nobody ever used it, unless a profile is given.
 * What is used offline is kept only where a test asks for it.
 */
export async function openBrowser({
  width = 1280,
  height = 800,
  script = '',
  keepsOffline = false,
  preferences = {},
  home,
}: {
  width?: number
  height?: number
  script?: string
  keepsOffline?: boolean
  preferences?: object
  home?: string
} = {}): Promise<Session> {
  const isOwn = home !== undefined || keepsOffline || Object.keys(preferences).length > 0
  const chrome = (isOwn ? null : takeFree()) ?? (await startBrowser(home, preferences))
  const { driver } = chrome
  const downloads = join(chrome.home, 'downloads')
  await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: width < 600,
  })
  await driver.sendDevToolsCommand('Browser.setDownloadBehavior', {
    behavior: 'allow',
    downloadPath: downloads,
  })
  for (const source of [script, keepsOffline ? '' : NOTHING_OFFLINE].filter(Boolean))
    await driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source })
  return {
    driver,
    downloads,
    home: chrome.home,
    tell: (name, of) => driver.sendDevToolsCommand(name, of),
    kill: async () => {
      spawnSync('pkill', ['-9', '-f', `user-data-dir=${chrome.home}`])
      await driver.quit().catch(() => {})
    },
    quit: () => (isOwn ? endBrowser(chrome) : handBack(chrome)),
  }
}

function takeFree(): Chrome | null {
  const taken = free
  free = null
  return taken
}

async function startBrowser(
  home = mkdtempSync(join(tmpdir(), 'lacy-spool-')),
  preferences: object,
): Promise<Chrome> {
  const options = new Options()
  options.addArguments(
    '--headless=new',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    // Pages of the browser's own that nobody sees.
    '--disable-features=PreloadTopChromeWebUI,PreloadTopChromeWebUILessNavigations',
    `--user-data-dir=${join(home, 'profile')}`,
    '--force-device-scale-factor=1',
  )
  options.setUserPreferences({ 'download.default_directory': join(home, 'downloads'), ...preferences })
  const logs = new logging.Preferences()
  logs.setLevel(logging.Type.BROWSER, logging.Level.SEVERE)
  options.setLoggingPrefs(logs)
  const driver = await new Builder()
    .forBrowser(Browser.CHROME)
    .setChromeOptions(options)
    .setChromeService(new ServiceBuilder('/usr/bin/chromedriver'))
    .build()
  lookOften(driver)
  return { driver: driver as Chrome['driver'], home }
}

/** The driver itself looks five times a second at what it waits for; most of it is ready sooner. */
function lookOften(driver: WebDriver): void {
  const LOOK_MS = 100
  const wait = driver.wait.bind(driver) as (...of: unknown[]) => unknown
  Object.assign(driver, {
    wait: (condition: unknown, mostMs?: number, words?: string, lookMs = LOOK_MS) =>
      wait(condition, mostMs, words, lookMs),
  })
}

async function endBrowser({ driver, home }: Chrome): Promise<void> {
  await driver.quit()
  rmSync(home, { recursive: true, force: true, maxRetries: 5 })
}

/** A new tab with nothing kept; what cannot be made as new is ended. */
async function handBack(chrome: Chrome): Promise<void> {
  try {
    if (free) throw new Error('one is enough')
    const { driver, home } = chrome
    const old = await driver.getAllWindowHandles()
    await driver.switchTo().newWindow('tab')
    const blank = await driver.getWindowHandle()
    for (const handle of old) {
      await driver.switchTo().window(handle)
      await driver.close()
    }
    await driver.switchTo().window(blank)
    for (const origin of [inject('plain'), inject('demo')]) {
      await driver.sendDevToolsCommand('Storage.clearDataForOrigin', { origin, storageTypes: 'all' })
      await driver.sendDevToolsCommand('Storage.overrideQuotaForOrigin', { origin })
    }
    await driver.sendDevToolsCommand('Browser.resetPermissions', {})
    await severeLogs(driver)
    rmSync(join(home, 'downloads'), { recursive: true, force: true })
    free = chrome
  } catch {
    await endBrowser(chrome).catch(() => {})
  }
}

/** What went wrong in the page: uncaught errors, blocked content, failed requests. */
export async function severeLogs(driver: WebDriver): Promise<string[]> {
  return (await driver.manage().logs().get(logging.Type.BROWSER)).map(({ message }) => message)
}

interface Named {
  readonly role: string
  readonly name: string | RegExp
  readonly within?: WebElement
}

const ELEMENTS: Record<string, string> = {
  button: 'button, [role="button"]',
  link: 'a[href]',
  navigation: 'nav',
  textbox: 'input, textarea',
  heading: 'h1, h2, h3',
  region: 'section, [role="region"], main, header, nav',
  status: '[role="status"], output',
  alert: '[role="alert"]',
  img: '[role="img"]',
  slider: 'input[type="range"], [role="slider"]',
  radio: 'input[type="radio"], [role="radio"]',
  group: 'fieldset, [role="group"]',
  dialog: '[role="dialog"]',
  row: 'tr',
  combobox: 'select, [role="combobox"]',
  switch: '[role="switch"]',
  checkbox: 'input[type="checkbox"], [role="checkbox"]',
  table: 'table, [role="table"]',
  option: '[role="option"]',
  list: 'ul',
  form: 'form',
  application: '[role="application"]',
}

/**
 * Shown elements with the name, in one go, by the reference implementation of accessible names in the page
 * itself: asked for names, the browser keeps its tree of them in step with every change from then on. What it
 * says itself is asked where the focus is followed (hands.test.ts, access.test.ts).
 */
const NAMED = `
  const [root, css, text, pattern] = arguments
  if (!window.accessibleNames) return null
  const spaced = (name, space) => (name ?? '').replace(/\\s+/g, space)
  const fits = name => new RegExp(pattern.source, pattern.flags).test(spaced(name, ' ').trim())
  const test = name => (text === null ? fits(name) : spaced(name, '') === spaced(text, ''))
  const labelling = e => (e.getAttribute('aria-labelledby') ?? '').split(' ')
  const named = e => [
    e.getAttribute('aria-label'),
    ...labelling(e).map(id => document.getElementById(id)?.textContent),
    ...[...e.labels ?? []].map(label => label.innerText),
    e.innerText,
    e.textContent,
    e.getAttribute('placeholder'),
  ]
  const isShown = e =>
    e.checkVisibility({ visibilityProperty: true }) && !e.closest('[inert], [aria-hidden="true"]')
  const likely = [...(root ?? document).querySelectorAll(css)].filter(e => isShown(e) && named(e).some(test))
  // The package leaves out what names a field last (HTML-AAM 1.0, 4.1.1).
  const its = e => window.accessibleNames.computeAccessibleName(e).trim() || (e.placeholder ?? '')
  const isNamed = e => (text === null ? new RegExp(pattern.source, pattern.flags).test(its(e)) : its(e) === text)
  return likely.filter(isNamed)`

/**
 * All shown elements with this role whose accessible name matches; a page that redraws meanwhile is read
 * again.
 */
export async function allByRole(driver: WebDriver, { role, name, within }: Named): Promise<WebElement[]> {
  const css = ELEMENTS[role]
  if (!css) throw new Error(`No selector for role ${role}`)
  const [text, pattern] =
    typeof name === 'string' ? [name, null] : [null, { source: name.source, flags: name.flags }]
  return fresh(async () => {
    const find = () => driver.executeScript<WebElement[] | null>(NAMED, within ?? null, css, text, pattern)
    const found = await find()
    if (found) return found
    // A page that was not asked yet: it is given what knows the names.
    await driver.executeScript(`${inject('accessibleNames')}; window.accessibleNames = accessibleNames`)
    return (await find()) ?? []
  })
}

/** Reads again when the page was redrawn in the middle of reading. */
async function fresh<T>(read: () => Promise<T>): Promise<T> {
  for (let tries = 1; ; tries++) {
    try {
      return await read()
    } catch (problem) {
      if (!(problem instanceof error.StaleElementReferenceError) || tries === 20) throw problem
    }
  }
}

/** Waits for the element with this role and name. */
export async function byRole(
  driver: WebDriver,
  role: string,
  name: string | RegExp,
  within?: WebElement,
): Promise<WebElement> {
  return driver.wait(
    async () => (await allByRole(driver, { role, name, within }))[0],
    PATIENCE_MS,
    `no ${role} named ${name}`,
  ) as Promise<WebElement>
}

/**
 * The element once it stands still over two frames and nothing lies over its middle; a radio button that only
 * screen readers see is pressed by its label. Null: not yet.
 */
const READY = `
  const [element, done] = arguments
  const place = () => {
    const { x, y, width, height } = element.getBoundingClientRect()
    return { x, y, width, height }
  }
  const before = place()
  requestAnimationFrame(() => requestAnimationFrame(() => {
    const after = place()
    const still = ['x', 'y', 'width', 'height'].every(side => before[side] === after[side])
    const moving = document.getAnimations().some(({ playState, effect }) =>
      playState === 'running' && effect?.target?.contains(element))
    // A link that runs over two lines is pressed in its first one.
    const [line] = element.getClientRects()
    const top = line && document.elementFromPoint(line.x + line.width / 2, line.y + line.height / 2)
    const onTop = [element, ...(element.labels ?? [])].find(owner => top && owner.contains(top))
    if (!onTop) element.scrollIntoView({ block: 'center' })
    done(still && !moving && onTop ? onTop : null)
  }))`

/** What may happen while a page redraws: the element is looked for again. */
const PASSING = [
  error.StaleElementReferenceError,
  error.ElementClickInterceptedError,
  error.ElementNotInteractableError,
]

/** Presses what is found once it stands still and is on top, as a person would wait for it. */
export async function pressFound(
  driver: WebDriver,
  find: () => Promise<WebElement>,
  what: string,
): Promise<void> {
  await driver.wait(
    async () => {
      try {
        const ready = await driver.executeAsyncScript<WebElement | null>(READY, await find())
        await ready?.click()
        return ready !== null
      } catch (problem) {
        if (PASSING.some(passing => problem instanceof passing)) return false
        throw problem
      }
    },
    PATIENCE_MS,
    `could not press ${what}`,
  )
}

export async function press(driver: WebDriver, role: string, name: string | RegExp): Promise<void> {
  await pressFound(driver, () => byRole(driver, role, name), `${role} ${name}`)
}

export async function type(driver: WebDriver, name: string | RegExp, text: string): Promise<WebElement> {
  const field = await byRole(driver, 'textbox', name)
  await field.sendKeys(Key.chord(Key.CONTROL, 'a'), text)
  return field
}

/** Chooses an entry of a select by the words it shows. */
export async function pick(driver: WebDriver, name: string | RegExp, entry: string): Promise<void> {
  await press(driver, 'combobox', name)
  await press(driver, 'option', entry)
  await driver.wait(
    async () => (await driver.findElements(By.css('[role="listbox"]'))).length === 0,
    PATIENCE_MS,
    'the list stayed open',
  )
}

/** Gives a file to the field with this label. */
export async function upload(driver: WebDriver, label: string | RegExp, path: string): Promise<void> {
  const fits = typeof label === 'string' ? { source: `^${label}$`, flags: '' } : label
  const field = await driver.wait(
    () =>
      driver.executeScript<WebElement | null>(
        `const fits = new RegExp(arguments[0], arguments[1])
         const names = e => [e.ariaLabel ?? '', ...[...e.labels].map(label => label.innerText.trim())]
         return [...document.querySelectorAll('input[type=file]')].find(e => names(e).some(name => fits.test(name)))`,
        fits.source,
        fits.flags,
      ),
    PATIENCE_MS,
    `no file field ${label}`,
  )
  await field!.sendKeys(path)
}

/** Waits until the page's text matches. */
export async function untilText(driver: WebDriver, text: string | RegExp): Promise<string> {
  let seen = ''
  await driver
    .wait(
      async () => {
        seen = await driver.executeScript<string>('return document.body.innerText')
        return typeof text === 'string' ? seen.includes(text) : text.test(seen)
      },
      PATIENCE_MS,
      `the page never said ${text}`,
    )
    .catch((problem: Error) => {
      throw new Error(`${problem.message}\nIt said:\n${seen.slice(0, 2000)}`)
    })
  return seen
}

export async function open(driver: WebDriver, url: string): Promise<void> {
  await driver.get(url)
  await driver.wait(until.elementLocated(By.css('main h1')), PATIENCE_MS)
  await untilFilled(driver)
}

/** Waits until every card of the view has had its turn: who goes on before that meets parts that go again. */
async function untilFilled(driver: WebDriver): Promise<void> {
  const isFilled = async () => (await driver.findElements(By.css('main [aria-busy="true"]'))).length === 0
  await driver.wait(isFilled, PATIENCE_MS, 'a card stayed empty')
}

/** Goes to another view of the page that is open, as a link in it does. */
export async function goTo(driver: WebDriver, path: string): Promise<void> {
  await driver.executeAsyncScript(
    `const [path, done] = arguments
    const { $router } = document.querySelector('#__nuxt').__vue_app__.config.globalProperties
    $router.push(path).then(() => requestAnimationFrame(() => requestAnimationFrame(done)))`,
    path,
  )
  await driver.wait(until.elementLocated(By.css('main h1, .sheet h1')), PATIENCE_MS)
  await untilFilled(driver)
}

/** Waits until everything done so far is in the database. */
export async function untilSaved(driver: WebDriver): Promise<void> {
  await driver.wait(
    () =>
      driver.executeScript<boolean>(`
    const app = document.querySelector('#__nuxt').__vue_app__
    return app.config.globalProperties.$pinia.state.value.book.storage === 'saved'`),
    PATIENCE_MS,
    'never saved',
  )
}

/** Waits for a whole file in the download folder and reads it. */
export async function downloaded({ driver, downloads }: Session, name: string | RegExp): Promise<Buffer> {
  const fits = (file: string) => (typeof name === 'string' ? file === name : name.test(file))
  let sizeBefore = 0
  const path = await driver.wait(
    () => {
      const file = existsSync(downloads) && readdirSync(downloads).find(fits)
      if (!file) return null
      // The browser makes the file first and fills it after: it is whole once it has stopped growing.
      const { size } = statSync(join(downloads, file))
      const whole = size > 0 && size === sizeBefore
      sizeBefore = size
      return whole ? join(downloads, file) : null
    },
    PATIENCE_MS,
    `${name} was not saved`,
  )
  return readFileSync(path as string)
}
