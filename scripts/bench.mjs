// npm run bench: measures the core and the app in the browser, and writes docs/benchmarks.md.
import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { bin, ensureBrowser, ensureBuild, ensurePackages, findPort, machineLine, root, run, say, startServer, stop } from './steps.mjs'

ensurePackages()
ensureBrowser()
ensureBuild()

say('Core …')
const coreFile = join(root, '.cache/bench.json')
if (run(bin('vitest'), ['bench', '--run', `--outputJson=${coreFile}`]) !== 0) stop('The core benchmark failed.')
const groups = JSON.parse(readFileSync(coreFile, 'utf8')).files.flatMap(file => file.groups)
const mean = name => groups.flatMap(group => group.benchmarks).find(bench => bench.name === name).mean

say('Browser …')
const { Browser, Builder, By } = await import('selenium-webdriver')
const { Options, ServiceBuilder } = await import('selenium-webdriver/chrome.js')
const { address, child } = await startServer({ port: await findPort(4390), demo: true })
const options = new Options()
options.addArguments('--headless=new', '--no-sandbox', '--disable-gpu', '--force-device-scale-factor=1', '--window-size=1280,800')
const driver = await new Builder().forBrowser(Browser.CHROME).setChromeOptions(options).setChromeService(new ServiceBuilder('/usr/bin/chromedriver')).build()
await driver.manage().setTimeouts({ script: 60_000 })
const shown = selector => driver.wait(async () => (await driver.findElements(By.css(selector))).length > 0, 20_000, selector)

const SHOWN_AT = `
  const done = arguments[arguments.length - 1]
  const look = () => document.querySelector('svg.plate') ? requestAnimationFrame(() => done(performance.now())) : requestAnimationFrame(look)
  look()`
/** Scripts, the worker's too, whose fetching began before the first screen was shown; as gzip, which is how they are sent. */
const SCRIPTS = `return performance.getEntriesByType('resource').filter(e => /\\.js$/.test(e.name) && e.startTime < arguments[0])
  .map(e => [e.name, e.encodedBodySize / 1000])`
/** Five seconds of dragging, one step a frame: long tasks, frames in which verdict or plate lag, gaps between frames. */
const DRAG = `
  const done = arguments[arguments.length - 1]
  const slider = document.querySelector('input[type=range][aria-label="Stitch width"]')
  const tasks = []
  new PerformanceObserver(list => tasks.push(...list.getEntries().map(e => e.duration))).observe({ type: 'longtask' })
  const start = performance.now()
  let frames = 0, lag = 0, last = start, worst = 0, wanted = null
  const step = () => {
    const now = performance.now()
    worst = Math.max(worst, frames ? now - last : 0)
    last = now
    if (wanted !== null) {
      const dial = document.querySelector('input.big').value
      const span = document.querySelector('svg.plate').textContent.match(/blades span ([\\d.]+)/)[1]
      if (Number(dial) !== wanted || Math.abs(Number(span) - wanted - 2.8) > 0.051) lag++
    }
    if (now - start > 5000) return setTimeout(() => done({ frames, lag, worst, longest: Math.max(0, ...tasks) }), 300)
    wanted = Math.round(10 * (2.5 + 2 * Math.sin(frames / 12))) / 10
    slider.value = wanted
    slider.dispatchEvent(new Event('input', { bubbles: true }))
    frames++
    requestAnimationFrame(step)
  }
  requestAnimationFrame(step)`
const SEED = `
  const done = arguments[arguments.length - 1]
  const opening = indexedDB.open('lacy-spool')
  opening.onsuccess = () => {
    const change = opening.result.transaction('plans', 'readwrite')
    const plans = change.objectStore('plans')
    plans.get('demo-plan-collar').onsuccess = ({ target }) => {
      for (let i = 0; i < 5000; i++) plans.put({ ...target.result, id: 'bench-' + i, name: 'Plan ' + i, keptAt: new Date(1.7e12 + i * 6e4).toISOString() })
    }
    change.oncomplete = () => done()
  }`
const OPEN_LIST = `
  const done = arguments[arguments.length - 1]
  const start = performance.now()
  document.querySelector('a[href="/plans"]').click()
  const look = () => document.querySelector('li.plan') ? requestAnimationFrame(() => done(performance.now() - start)) : requestAnimationFrame(look)
  look()`

let scripts, showMs, drag, listMs
try {
  // The first visit loads the demo and fills the cache; what counts is a visit with data, nothing cached.
  await driver.get(address)
  await shown('svg.plate')
  await driver.sendDevToolsCommand('Network.setCacheDisabled', { cacheDisabled: true })
  await driver.get(address)
  showMs = await driver.executeAsyncScript(SHOWN_AT)
  scripts = new Map(await driver.executeScript(SCRIPTS, showMs))
  drag = await driver.executeAsyncScript(DRAG)
  await driver.executeAsyncScript(SEED)
  await driver.sendDevToolsCommand('Network.setCacheDisabled', { cacheDisabled: false })
  await driver.get(address)
  await shown('svg.plate')
  listMs = await driver.executeAsyncScript(OPEN_LIST)
}
finally {
  await driver.quit()
  child.kill()
}

const scriptKB = [...scripts.values()].reduce((sum, kB) => sum + kB, 0)

const us = value => `${(1000 * value).toFixed(1)} µs`
const ms = value => `${value.toFixed(1)} ms`
const row = (what, measured, budget, ratio) => `| ${what} | ${measured} | ${budget} | ${ratio} |`
const ratio = (value, budget) => `${(value / budget).toFixed(2)} of it`
const verdict = mean('verdict with safe width')
const brute = mean('brute force, strike only')
const sewn = mean('right side, under side and build-up')
const text = `# Benchmarks

Written by \`npm run bench\` on ${machineLine()}; Chromium headless, production server on the same machine.

| what | measured | budget | ratio |
|---|---|---|---|
${row('Verdict with safe width, 200 drops (mean)', us(verdict), '0.2 ms', `${ratio(verdict, 0.2)}; ${(brute / verdict).toFixed(1)}× faster than brute force over blade rims (${us(brute)}), which has no safe width`)}
${row('Clearance at every drop, 200 drops (mean)', us(mean('clearance at every drop')), 'none', 'none')}
${row('Right side, under side and build-up, 100 mm satin, two needles, raster 0.1 mm (mean)', ms(sewn), '50 ms', ratio(sewn, 50))}
${row('Length that cures muddy satin (mean)', ms(mean('the length that cures it')), 'none', 'none')}
${row('Dragging the width for 5 s: longest main-thread task', drag.longest === 0 ? 'none over 50 ms' : ms(drag.longest), '50 ms', drag.longest === 0 ? 'under it' : ratio(drag.longest, 50))}
${row(`Dragging: frames in which dial or plate view lagged, of ${drag.frames}`, String(drag.lag), '0', 'none')}
${row('Script for the first screen, gzip', `${scriptKB.toFixed(0)} kB in ${scripts.size} files`, '250 kB', ratio(scriptKB, 250))}
${row('First screen shown, nothing cached', ms(showMs), '1500 ms', ratio(showMs, 1500))}
${row('List of 5,000 kept plans opens', ms(listMs), '200 ms', ratio(listMs, 200))}

The satin is measured in Node.js on the code that runs in the worker; handing the result over is not in it.
`
writeFileSync(join(root, 'docs/benchmarks.md'), text)
say(`Wrote docs/benchmarks.md\n\n${text}`)
