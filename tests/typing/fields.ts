import { Key, type WebDriver, type WebElement } from 'selenium-webdriver'
import { allByRole, byRole, pick, press } from '../browser/browser'

/** What hands do to a field: half numbers, slips, fractions, sums. The first empties it. */
export const TYPED = ['', '1.', '-', '.', 'abc', '999999', '2,5', ',', '1/2', '12 1/2', '2*1.2', '3'] as const

/** What is no number in any field: it stays as it was typed, and the field says that it is none. */
export const SLIPS: readonly string[] = ['-', '.', 'abc', ',']

/** One place fields are found at, and how one gets there from its view. */
export interface Surface {
  readonly name: string
  readonly path: string
  /** null: the view itself. */
  readonly show: ((driver: WebDriver) => Promise<void>) | null
  /** The fields that are shown only here; left out: all of them. */
  readonly only?: RegExp
}

export const PANELS = ['Tension', 'Cloth', 'Needle', 'Spools', 'Foot and plate', 'Bobbin'] as const
export const TABLES = [
  'needles',
  'threads',
  'bobbins',
  'cloths',
  'stabilizers',
  'feet',
  'plates',
  'machines',
] as const

/** A view as it opens, the panels of the line-up, the forms of the workbox, the sheet of choices. */
export const surfacesOf = (paths: readonly string[]): Surface[] => [
  ...paths.map(path => ({ name: path, path, show: null })),
  ...PANELS.map(panel => ({
    name: `line-up, ${panel}`,
    path: '/evidence',
    show: (driver: WebDriver) => press(driver, 'button', new RegExp(`^${panel}: `)),
  })),
  ...TABLES.map(table => ({
    name: `workbox, add to ${table}`,
    path: `/workbox?table=${table}`,
    show: (driver: WebDriver) => press(driver, 'button', /^Add a /),
  })),
  {
    name: 'an edge whose feed was measured',
    path: '/edge',
    only: /^(Stitches|Dial at|They measure)/,
    show: async (driver: WebDriver) => {
      await press(driver, 'button', /^Feed: /)
      await press(driver, 'checkbox', 'I sewed some and measured')
    },
  },
  {
    name: 'a band over a ribbon',
    path: '/band',
    only: /^How (wide|thick)/,
    show: (driver: WebDriver) => pick(driver, 'Sewn over', 'Ribbon'),
  },
  {
    name: 'where sewists differ',
    path: '/evidence',
    show: (driver: WebDriver) => press(driver, 'button', 'Sewists differ: your choices'),
  },
]

/**
 * The field at a place among all one can type into, with the focus in it, once whatever is folded was opened;
 * null: there are no more.
 */
const NEXT = `
  const [place, done] = arguments
  const root = () => document.querySelector('[role="dialog"]') ?? document.querySelector('main')
  const frames = then => requestAnimationFrame(() => requestAnimationFrame(then))
  const unfold = rounds => {
    const shut = [...root().querySelectorAll('button[aria-expanded="false"]:not([aria-haspopup])')]
      .filter(one => one.checkVisibility())
    shut.forEach(one => one.click())
    if (shut.length === 0 || rounds === 0) find()
    else frames(() => unfold(rounds - 1))
  }
  const find = () => {
    const field = [...root().querySelectorAll('input, textarea')].filter(one =>
      !one.readOnly && !one.disabled && one.checkVisibility()
      && (one.matches('textarea') || ['text', 'search', 'number', ''].includes(one.type)))[place]
    if (!field) return done(null)
    const labels = [...field.labels ?? []].map(one => one.innerText).join(' ')
    const name = field.ariaLabel || labels || field.placeholder || 'a field'
    field.scrollIntoView({ block: 'center' })
    field.focus()
    done([field, name.replace(/\\s+/g, ' ').trim()])
  }
  unfold(4)`

export interface Field {
  readonly element: WebElement
  readonly name: string
}
export async function fieldAt(driver: WebDriver, place: number): Promise<Field | null> {
  const found = await driver.executeAsyncScript<[WebElement, string] | null>(NEXT, place)
  return found && { element: found[0], name: found[1] }
}

/**
 * Told before the page's own code runs: every error nobody caught. That sizes seen by an observer are told in
 * the next frame is the browser's own note, and no error.
 */
export const LISTEN = `
  window.uncaught = []
  addEventListener('error', ({ message }) => {
    if (!message.startsWith('ResizeObserver loop')) window.uncaught.push(message)
  })
  addEventListener('unhandledrejection', ({ reason }) =>
    window.uncaught.push(String(reason?.message ?? reason)))
  addEventListener('keydown', ({ key }) => {
    const isNowhere = document.activeElement === null || document.activeElement === document.body
    if (isNowhere && key.length === 1) window.uncaught.push('the key ' + key + ' fell on the page itself')
  }, { capture: true })`

interface Standing {
  readonly fault: string
  readonly path: string
  readonly uncaught: readonly string[]
  readonly value: string | null
  readonly isSaid: boolean
  /** Of a field for a number: whether it says that something is wrong; null: it is for words. */
  readonly isRefused: boolean | null
}
/** How the page and the field stand, after something was typed and the field was left. */
const STANDING = `
  const [field, done] = arguments
  const isThere = field?.isConnected === true
  const box = isThere ? field.closest('[data-slot="root"], [role="group"], section, form') : null
  const hasWords = () => {
    const ids = (field.getAttribute('aria-describedby') ?? '').split(' ').filter(Boolean)
    const said = ids.map(id => document.getElementById(id)?.textContent ?? '').join(' ')
    return field.getAttribute('aria-invalid') === 'true' || said.trim() !== '' || field.placeholder !== ''
      || box?.querySelector('[role="alert"]') != null
  }
  const now = () => ({
    fault: document.querySelector('[data-fault], #fault-head, main.error')?.textContent ?? '',
    path: location.pathname,
    uncaught: window.uncaught ?? [],
    value: isThere ? field.value : null,
    isSaid: isThere && hasWords(),
    isRefused: field?.inputMode === 'decimal' ? field.getAttribute('aria-invalid') === 'true' : null,
  })
  requestAnimationFrame(() => requestAnimationFrame(() => done(now())))`

/** Real keys, one after the other: all of the field replaced by a text, and then the field is left. */
export async function typeOver(driver: WebDriver, text: string): Promise<void> {
  const keys = driver.actions({ async: true })
  keys.keyDown(Key.CONTROL).sendKeys('a').keyUp(Key.CONTROL).sendKeys(Key.BACK_SPACE)
  if (text !== '') keys.sendKeys(text)
  await keys.sendKeys(Key.TAB).perform()
}

/**
 * What is wrong after a text was typed and the field was left; null: the page stands, and the field has the
 * text or says what it took.
 */
export async function wrongWith(
  driver: WebDriver,
  field: WebElement | null,
  path: string,
  text: string,
): Promise<string | null> {
  // A field that is gone may mean that its page is: look without it.
  const now = await driver
    .executeAsyncScript<Standing>(STANDING, field)
    .catch(() => driver.executeAsyncScript<Standing>(STANDING, null))
  if (now.fault !== '') return `the page is gone: ${now.fault.slice(0, 200)}`
  if (now.path !== path) return `it went to ${now.path}`
  if (now.uncaught.length > 0) return `not caught: ${now.uncaught.join(' | ').slice(0, 300)}`
  if (now.value === null) return null
  if (/NaN|null|undefined|Infinity/.test(now.value)) return `it holds “${now.value}”`
  const isSlip = SLIPS.includes(text) && now.isRefused !== null
  if (isSlip && !(now.isRefused && now.value === text))
    return `it holds “${now.value}” and does not say what is wrong`
  const isKept = now.value === text || now.value.trim() !== '' || now.isSaid
  return isKept ? null : 'it is empty and says nothing'
}

/** Goes to another view as a link in the page does. */
export async function follow(driver: WebDriver, path: string): Promise<void> {
  await driver.executeAsyncScript(
    `const [path, done] = arguments
     const { $router } = document.querySelector('#__nuxt').__vue_app__.config.globalProperties
     const drawn = () => requestAnimationFrame(() => requestAnimationFrame(() => done()))
     $router.push(path).then(drawn, drawn)`,
    path,
  )
}

/** Inches or millimetres, by the tool every page has. */
export async function setUnit(driver: WebDriver, unit: 'mm' | 'inch'): Promise<void> {
  const words = { mm: 'Units: millimetres', inch: 'Units: inches' }
  await byRole(driver, 'button', /^Units: /)
  const isSet = (await allByRole(driver, { role: 'button', name: words[unit] })).length > 0
  if (isSet) return
  await press(driver, 'button', /^Units: /)
  await byRole(driver, 'button', words[unit])
}
