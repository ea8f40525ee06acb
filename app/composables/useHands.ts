/**
 * What the hands are at: whether a single key may act, and where the focus goes when what had it is gone.
 * One listener for the whole page, begun by the frame.
 */

/** What takes keys itself, by being typed into or by opening. */
const TAKES_KEYS = [
  'input:not([type="checkbox"]):not([type="file"])',
  'textarea',
  'select',
  '[contenteditable]',
  '[role="combobox"]',
  '[role="listbox"]',
  '[role="radio"]',
  '[role="slider"]',
  '[aria-haspopup]',
].join()
const OPEN = '[role="dialog"], [role="listbox"], [role="menu"], [role="alertdialog"]'
const FOCUSABLE = 'a[href], button, input, select, textarea, summary, [tabindex]'
const TYPED_INTO = 'input:not([type="checkbox"]):not([type="radio"]), textarea'
const REGIONS = '[role="dialog"], form, section, fieldset, nav, main'
const MOST_REMEMBERED = 12

/** Whether what takes keys had the focus last: a key may be meant for it, until Tab or a press moves on. */
let wasTyping = false
let isByHand = false
/** Where the focus was, the last at the end, each with what stood round it. */
let trail: { readonly at: HTMLElement; readonly round: readonly HTMLElement[] }[] = []

/** Whether a single key may act: nothing that takes keys has the focus, is open, or has just lost it. */
export function mayKeysAct(): boolean {
  if (document.querySelector(OPEN)) return false
  return !wasTyping && !document.activeElement?.closest(TAKES_KEYS)
}
/** From here on single keys wait until a person pressed Tab or clicked. */
export function restKeys(): void {
  wasTyping = true
}

const isUsable = (element: HTMLElement) =>
  element.isConnected
  && !element.matches(':disabled')
  && element.checkVisibility({ visibilityProperty: true })

function note(event: FocusEvent): void {
  const at = event.target
  if (!(at instanceof HTMLElement) || at === document.body) return
  if (at.closest(TAKES_KEYS)) wasTyping = true
  const region = at.closest<HTMLElement>(REGIONS) ?? document.body
  const round = [...region.querySelectorAll<HTMLElement>(FOCUSABLE)].filter(one => one.tabIndex >= 0)
  trail = [...trail.filter(one => one.at !== at), { at, round }].slice(-MOST_REMEMBERED)
}
function move(event: Event): void {
  isByHand = event.type === 'pointerdown'
  if (isByHand || (event as KeyboardEvent).key === 'Tab') wasTyping = false
}

/** What is nearest to something that is gone: what came after it, what came before it, what had the focus. */
function nearest(): HTMLElement | null {
  const [last, ...before] = [...trail].reverse()
  if (!last) return null
  // A field that is not wanted would open the keyboard of a phone.
  const isFit = (one: HTMLElement) => isUsable(one) && !(isByHand && one.matches(TYPED_INTO))
  const at = last.round.indexOf(last.at)
  const round = [...last.round.slice(at + 1), ...last.round.slice(0, Math.max(0, at)).reverse()]
  return round.find(isFit) ?? before.map(one => one.at).find(isFit) ?? document.querySelector('main')
}
function isLost(): boolean {
  const now = document.activeElement
  const last = trail.at(-1)?.at
  return (now === null || now === document.body) && last !== undefined && !isUsable(last)
}
/** Whoever took it away may know better where the focus belongs: asked after the frame. */
function keep(): void {
  if (isLost()) requestAnimationFrame(() => isLost() && nearest()?.focus({ preventScroll: true }))
}

/** Begins to watch where the focus is; once, by the frame. */
export function useHands(): void {
  const watched = new MutationObserver(keep)
  onMounted(() => {
    addEventListener('focusin', note, { capture: true })
    addEventListener('pointerdown', move, { capture: true })
    addEventListener('keydown', move, { capture: true })
    watched.observe(document.body, {
      childList: true,
      subtree: true,
      attributes: true,
      attributeFilter: ['disabled', 'hidden', 'style'],
    })
  })
  onScopeDispose(() => {
    removeEventListener('focusin', note, { capture: true })
    removeEventListener('pointerdown', move, { capture: true })
    removeEventListener('keydown', move, { capture: true })
    watched.disconnect()
  })
}
