// Each of these is sent to the page as it stands, so none may use another. The last argument of those that
// wait is called with the result.

/** When the plate was drawn, in ms since the page was asked for. */
export function shownAt(done) {
  const look = () => {
    const after = document.querySelector('svg.plate') ? () => done(performance.now()) : look
    requestAnimationFrame(after)
  }
  look()
}

export function isSaved() {
  const { $pinia } = document.querySelector('#__nuxt').__vue_app__.config.globalProperties
  return $pinia.state.value.book.storage === 'saved'
}

export function workerReady(done) {
  navigator.serviceWorker.ready.then(() => done())
}

/**
 * Scripts, the worker's too, whose fetching began before the first screen was shown: name and kB, as gzip,
 * which is how they are sent.
 */
export function scriptsBefore(shownMs) {
  return performance
    .getEntriesByType('resource')
    .filter(({ name, startTime }) => /\.js$/.test(name) && startTime < shownMs)
    .map(({ name, encodedBodySize }) => [name, encodedBodySize / 1000])
}

/**
 * Five seconds of dragging, one step a frame: long tasks, frames in which verdict or plate lag, gaps between
 * frames. The same without moving shows what the machine itself takes away.
 */
export function drag(moves, done) {
  const slider = document.querySelector('input[type=range][aria-label="Stitch width"]')
  const tasks = []
  new PerformanceObserver(list => tasks.push(...list.getEntries().map(entry => entry.duration))).observe({
    type: 'longtask',
  })
  const start = performance.now()
  let [frames, lag, late, most, last, worst, wanted] = [0, 0, 0, 0, start, 0, null]
  const finish = () => done({ frames, lag, most, worst, longest: Math.max(0, ...tasks), count: tasks.length })
  const lags = () => {
    const dial = document.querySelector('input.big').value
    const span = document.querySelector('svg.plate').textContent.match(/needles sweep ([\d.]+)/)[1]
    return Number(dial) !== wanted || Math.abs(Number(span) - wanted - 2.8) > 0.051
  }
  const step = () => {
    const now = performance.now()
    worst = Math.max(worst, frames ? now - last : 0)
    last = now
    late = wanted !== null && lags() ? late + 1 : 0
    lag += late > 0 ? 1 : 0
    most = Math.max(most, late)
    if (now - start > 5000) return setTimeout(finish, 300)
    if (moves) {
      wanted = Math.round(10 * (2.5 + 2 * Math.sin(frames / 12))) / 10
      slider.value = wanted
      slider.dispatchEvent(new Event('input', { bubbles: true }))
    }
    frames++
    requestAnimationFrame(step)
  }
  requestAnimationFrame(step)
}

/** Moves a handle of a drawing by keys in every frame for 3 s, and looks whether the drawing follows. */
export function moveHandle(label, done) {
  const tasks = []
  new PerformanceObserver(list => tasks.push(...list.getEntries().map(entry => entry.duration))).observe({
    type: 'longtask',
  })
  const start = performance.now()
  let [frames, lag, late, most, last, worst] = [0, 0, 0, 0, start, 0]
  const handle = () => document.querySelector(`[aria-label="${label}"]`)
  let before = Number(handle().getAttribute('aria-valuenow'))
  const step = () => {
    const now = performance.now()
    worst = Math.max(worst, frames ? now - last : 0)
    last = now
    const value = Number(handle().getAttribute('aria-valuenow'))
    late = frames > 0 && value === before ? late + 1 : 0
    lag += late > 0 ? 1 : 0
    most = Math.max(most, late)
    before = value
    if (now - start > 3000)
      return setTimeout(
        () => done({ frames, lag, most, worst, longest: Math.max(0, ...tasks), count: tasks.length }),
        300,
      )
    const key = frames % 40 < 20 ? 'ArrowRight' : 'ArrowLeft'
    handle().dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
    frames++
    requestAnimationFrame(step)
  }
  requestAnimationFrame(step)
}

/** Moves a point of a drawn leaf in every frame for 3 s, and looks whether its stitches follow. */
export function movePoint(done) {
  const start = performance.now()
  let [frames, last, worst] = [0, start, 0]
  const lags = []
  const point = () => document.querySelector('[aria-label^="Shape, point 1 of"]')
  const sewn = () =>
    [...document.querySelectorAll('svg g[pointer-events=none] path')]
      .map(path => path.getAttribute('d'))
      .join()
  let before = sewn()
  let late = 0
  const step = () => {
    const now = performance.now()
    worst = Math.max(worst, frames ? now - last : 0)
    last = now
    const seen = sewn()
    late = seen === before ? late + 1 : 0
    if (frames > 0) lags.push(late)
    before = seen
    if (now - start > 3000)
      return done({ frames, lag: lags.filter(Boolean).length, worst, most: Math.max(...lags) })
    const key = frames % 20 < 10 ? 'ArrowRight' : 'ArrowLeft'
    point().dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
    frames++
    requestAnimationFrame(step)
  }
  requestAnimationFrame(step)
}

/** Puts many copies of one record of the demo into its table. */
export function seed(table, id, count, name, done) {
  const opening = indexedDB.open('lacy-spool')
  opening.onsuccess = () => {
    const change = opening.result.transaction(table, 'readwrite')
    const store = change.objectStore(table)
    store.get(id).onsuccess = ({ target: { result } }) => {
      for (let i = 0; i < count; i++) {
        const record = { ...result, id: `bench-${i}`, name: `${name} ${i}` }
        if ('begunAt' in record) record.begunAt = new Date(1.7e12 + i * 6e4).toISOString()
        if ('keptAt' in record) record.keptAt = new Date(1.7e12 + i * 6e4).toISOString()
        if ('tex' in record) record.tex = 10 + (i % 90)
        store.put(record)
      }
    }
    change.oncomplete = () => done()
  }
}

/** Puts a project of so many kept pieces of the demo into its table. */
export function seedProject(count, done) {
  const opening = indexedDB.open('lacy-spool')
  opening.onsuccess = () => {
    const change = opening.result.transaction(['projects', 'pieces'], 'readwrite')
    change.objectStore('pieces').getAllKeys().onsuccess = ({ target: { result: ids } }) => {
      const projects = change.objectStore('projects')
      projects.get('demo-project-jacket').onsuccess = ({ target: { result } }) => {
        const items = Array.from({ length: count }, (_, i) => ({
          id: `bench-item-${i}`,
          work: { kind: 'piece', pieceId: ids[i % ids.length] },
          doneAt: null,
          tookMinutes: null,
        }))
        projects.put({ ...result, id: 'bench-project', items, before: [], keptAt: '2030-01-01T00:00:00Z' })
      }
    }
    change.oncomplete = () => done()
  }
}

/** From the next click to the frame that shows what is looked for: `window.openedMs`. */
export function timeOpening(selector) {
  let start = Infinity
  window.openedMs = null
  const begin = () => {
    start = performance.now()
  }
  addEventListener('click', begin, { capture: true, once: true })
  const finish = () => {
    window.openedMs = performance.now() - start
  }
  const look = () => requestAnimationFrame(document.querySelector(selector) ? finish : look)
  look()
}
export function openedMs() {
  return window.openedMs
}

/** From typing a search to the frame that shows its count. */
export function timeSearch(fieldSelector, countSelector, words, count, done) {
  const field = document.querySelector(fieldSelector)
  const start = performance.now()
  field.value = words
  field.dispatchEvent(new Event('input', { bubbles: true }))
  const finish = () => done(performance.now() - start)
  const look = () => {
    const answered = document.querySelector(countSelector).textContent.startsWith(count)
    requestAnimationFrame(answered ? finish : look)
  }
  look()
}

/** Two seconds of scrolling, 60 px a frame: frames, long tasks, and frames in which rows were missing. */
export function scroll(done) {
  const box = document.querySelector('.scroller')
  const tasks = []
  new PerformanceObserver(list => tasks.push(...list.getEntries().map(entry => entry.duration))).observe({
    type: 'longtask',
  })
  const start = performance.now()
  let [frames, blank] = [0, 0]
  const finish = () => done({ frames, blank, count: tasks.length, longest: Math.max(0, ...tasks) })
  const isBlank = () => {
    const { top } = box.getBoundingClientRect()
    const rows = [...box.querySelectorAll('tbody tr')].map(row => row.getBoundingClientRect())
    const head = rows.some(row => row.top <= top + 48 && row.bottom > top)
    return !head || !rows.some(row => row.bottom >= top + box.clientHeight)
  }
  const step = () => {
    if (frames > 0 && isBlank()) blank++
    if (performance.now() - start > 2000) return setTimeout(finish, 200)
    box.scrollTop += 60
    frames++
    requestAnimationFrame(step)
  }
  requestAnimationFrame(step)
}

/** From the press of a drawing until the other question's drawings are laid out, ten times there and back. */
export function timeReadings(done) {
  const settled = () =>
    new Promise(resolve => {
      const { port1, port2 } = new MessageChannel()
      port1.onmessage = resolve
      port2.postMessage(null)
    })
  const frames = () => new Promise(resolve => requestAnimationFrame(() => requestAnimationFrame(resolve)))
  const asked = () =>
    [...document.querySelectorAll('[role=radio][aria-keyshortcuts]')].filter(
      e => !e.closest('[aria-hidden=true]'),
    )
  const again = () => document.querySelector('button[aria-label$="Read it again"]')
  const run = async () => {
    const times = []
    for (let i = 0; i < 10; i++) {
      for (const press of [() => asked()[2].click(), () => again().click()]) {
        const started = performance.now()
        press()
        await settled()
        document.body.getBoundingClientRect()
        times.push(performance.now() - started)
        await frames()
      }
    }
    return times
  }
  run().then(done, problem => done([Number.NaN, String(problem)]))
}

/** From pressing the button with these first words until its file is handed to the browser. */
export function timeFile(words, done) {
  const button = [...document.querySelectorAll('button')].find(one => one.innerText.trim().startsWith(words))
  const tasks = []
  const watcher = new PerformanceObserver(list => tasks.push(...list.getEntries()))
  watcher.observe({ type: 'longtask' })
  const { createObjectURL } = URL
  const start = performance.now()
  URL.createObjectURL = blob => {
    URL.createObjectURL = createObjectURL
    const madeMs = performance.now() - start
    const finish = () => {
      tasks.push(...watcher.takeRecords())
      done({ madeMs, longestTaskMs: Math.max(0, ...tasks.map(({ duration }) => duration)) })
    }
    setTimeout(finish, 300)
    return createObjectURL.call(URL, blob)
  }
  button.click()
}
