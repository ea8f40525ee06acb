// npm run bench: measures the core and the app in the browser, and writes docs/benchmarks.md.
import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import {
  bin,
  ensureBrowser,
  ensureBuild,
  ensurePackages,
  machineLine,
  root,
  run,
  say,
  stop,
} from './steps.mjs'

ensurePackages()
ensureBrowser()
ensureBuild()

say('Core …')
const coreFile = join(root, '.cache/bench.json')
if (run(bin('vitest'), ['bench', '--run', `--outputJson=${coreFile}`]) !== 0)
  stop('The core benchmark failed.')
const groups = JSON.parse(readFileSync(coreFile, 'utf8')).files.flatMap(file => file.groups)
// The median: the machines this runs on pause now and then, and a mean would measure the pauses.
const median = name => groups.flatMap(group => group.benchmarks).find(bench => bench.name === name).median

const { browserRows, coreRows } = await import('./bench/report.mjs')
const rows = coreRows(median)

say('Browser …')
const { measureInBrowser, measureSlowly } = await import('./bench/inBrowser.mjs')
const { slowPage } = await import('./bench/slowReport.mjs')
const [browser, stolen] = await besideOthers(measureInBrowser)
say('The same on a slow processor …')
rows.push(...browserRows(browser))
const [slow, stolenSlowly] = await besideOthers(measureSlowly)

/** What was measured, and how much of this machine's time the host gave to others meanwhile, in percent. */
async function besideOthers(measure) {
  const before = cpuTimes()
  const measured = await measure()
  const after = cpuTimes()
  const share = (after.stolen - before.stolen) / (after.all - before.all)
  return [measured, (100 * share).toFixed(0)]
}

/**
 * CPU time since start-up, and how much of it the host gave to others: what is measured meanwhile is that
 * much too slow.
 */
function cpuTimes() {
  const times = readFileSync('/proc/stat', 'utf8').split('\n')[0].split(/\s+/).slice(1).map(Number)
  return { all: times.reduce((sum, time) => sum + time, 0), stolen: times[7] }
}

const notes = [
  `While the browser was measured the host gave ${stolen} % of this machine's time to`,
  'others. Hands off is the same recording without dragging: what this machine itself takes away. The satin',
  'is measured in Node.js on the code that runs in the worker; handing the result over is not in it.',
].join(' ')
const text = `# Benchmarks

Written by \`npm run bench\` on ${machineLine()}; Chromium headless, production server on the same machine.

| what | measured | budget | ratio |
|---|---|---|---|
${rows.join('\n')}

${notes}

What each part of the first screen's script costs, as its share of the packed files it lies in; the build
writes it to \`.cache/first-screen.md\`.

${readFileSync(join(root, '.cache/first-screen.md'), 'utf8')}`
const slowText = slowPage(
  slow,
  `${machineLine()}; the host gave ${stolenSlowly} % of this machine's time to others meanwhile.`,
)
writeFileSync(join(root, 'docs/benchmarks.md'), text)
writeFileSync(join(root, 'docs/benchmarks-slow.md'), slowText)
say(`Wrote docs/benchmarks.md and docs/benchmarks-slow.md\n\n${text}\n${slowText}`)
