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

say('Browser …')
const { measureInBrowser } = await import('./bench/inBrowser.mjs')
const { benchRows } = await import('./bench/report.mjs')
const before = cpuTimes()
const browser = await measureInBrowser()
const after = cpuTimes()
const stolenShare = (after.stolen - before.stolen) / (after.all - before.all)

/**
 * CPU time since start-up, and how much of it the host gave to others: what is measured meanwhile is that
 * much too slow.
 */
function cpuTimes() {
  const times = readFileSync('/proc/stat', 'utf8').split('\n')[0].split(/\s+/).slice(1).map(Number)
  return { all: times.reduce((sum, time) => sum + time, 0), stolen: times[7] }
}

const notes = [
  `While the browser was measured the host gave ${(100 * stolenShare).toFixed(0)} % of this machine's time to`,
  'others. Hands off is the same recording without dragging: what this machine itself takes away. The satin',
  'is measured in Node.js on the code that runs in the worker; handing the result over is not in it.',
].join(' ')
const text = `# Benchmarks

Written by \`npm run bench\` on ${machineLine()}; Chromium headless, production server on the same machine.

| what | measured | budget | ratio |
|---|---|---|---|
${benchRows(median, browser).join('\n')}

${notes}
`
writeFileSync(join(root, 'docs/benchmarks.md'), text)
say(`Wrote docs/benchmarks.md\n\n${text}`)
