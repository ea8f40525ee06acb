// What runs in the page while it is slow. Each function stands by itself: it is sent over as text.

/** A loop that is the same on every machine, in ms: what a figure beside it is worth. */
export function calibrate() {
  const begun = performance.now()
  let sum = 0
  for (let i = 0; i < 2e7; i++) sum = (sum * 31 + i) % 1000003
  return performance.now() - begun + 0 * sum
}

export function isQuiet() {
  const app = document.querySelector('#__nuxt')?.__vue_app__
  const stored = app?.config.globalProperties.$pinia.state.value.book?.storage
  return stored === 'saved' && document.querySelector('svg.plate') !== null
}

/**
 * Goes to a view as its link does. Useful is the frame that shows what one comes for; settled is when
 * nothing more was changed for 400 ms. Null where nothing useful came.
 */
export function goAndSettle(path, useful, done) {
  const [STILL_MS, GIVEN_UP_MS] = [400, 20_000]
  const { $router } = document.querySelector('#__nuxt').__vue_app__.config.globalProperties
  const tasks = []
  const keep = list => tasks.push(...list.map(({ startTime, duration }) => [startTime, duration]))
  const watcher = new PerformanceObserver(list => keep(list.getEntries()))
  watcher.observe({ type: 'longtask' })
  const begun = performance.now()
  let usefulMs = null
  let changedAt = begun
  const changes = new MutationObserver(() => {
    changedAt = performance.now()
  })
  changes.observe(document.body, { childList: true, subtree: true, attributes: true, characterData: true })
  const finish = () => {
    changes.disconnect()
    keep(watcher.takeRecords())
    watcher.disconnect()
    const longestTaskMs = Math.max(0, ...tasks.filter(([start]) => start >= begun - 5).map(([, ms]) => ms))
    done({ usefulMs, settledMs: changedAt - begun, longestTaskMs })
  }
  const look = () => {
    const now = performance.now()
    if (usefulMs === null && path.startsWith(location.pathname) && document.querySelector(useful))
      usefulMs = now - begun
    if (now - begun > GIVEN_UP_MS) done(null)
    else if (usefulMs !== null && now - changedAt > STILL_MS) finish()
    else requestAnimationFrame(look)
  }
  requestAnimationFrame(look)
  $router.push(path)
}

/** How many number fields of the view can be typed into; with a label, those that have it. */
export function typedFields(label) {
  const isWanted = field =>
    label === null
      ? field.inputMode === 'decimal' || field.inputMode === 'numeric' || field.type === 'number'
      : [...field.labels].some(its => its.innerText.trim() === label)
  window.benchFields = [...document.querySelectorAll('main input')].filter(isWanted)
  return window.benchFields.length
}
export function typedField(at) {
  const field = window.benchFields[at]
  if (!field?.isConnected || field.disabled || field.getBoundingClientRect().height === 0) return null
  field.scrollIntoView({ block: 'center' })
  return field
}

/** From now on: how long from each key until the frame that shows what it did. */
export function watchKeys() {
  window.keyEvents = []
  window.keysPressed = []
  window.keyHeard ??=
    addEventListener('keydown', ({ key, timeStamp }) => window.keysPressed.push([key, timeStamp]), {
      capture: true,
    }) ?? true
  window.keyWatcher = new PerformanceObserver(list => window.keyEvents.push(...list.getEntries()))
  window.keyWatcher.observe({ type: 'event', durationThreshold: 16 })
}
/**
 * Each press in its order, its key and how long it took in ms; 16 where the browser doesn't tell, as it was
 * shown within a frame.
 */
export function keyTimes(done) {
  const FRAME_MS = 16
  setTimeout(() => {
    window.keyWatcher.disconnect()
    const told = new Map(
      window.keyEvents.filter(({ name }) => name === 'keydown').map(its => [its.startTime, its.duration]),
    )
    done(window.keysPressed.map(([key, at]) => ({ key, ms: told.get(at) ?? FRAME_MS })))
  }, 500)
}
