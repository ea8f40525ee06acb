// npm test: installs what is missing, then every check in turn; fails at the end if any failed.
import { existsSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { bin, ensureBrowser, ensureBuild, ensurePackages, root, run, runQuietly, say } from './steps.mjs'

ensurePackages()
ensureBrowser()

const LAYERS = ['app', 'core', 'db', 'server', 'shared', 'workers']
const failed = []
const secondsSince = started => ((Date.now() - started) / 1000).toFixed(0)
function check(name, command, args) {
  say(name)
  const started = Date.now()
  if (run(command, args) !== 0) failed.push(name)
  console.log(`  ${name}: ${secondsSince(started)} s`)
}
/** Checks one after the other, each printed when it is done: another row of them runs beside. */
async function checkRow(row) {
  for (const [name, command, args] of row) {
    const started = Date.now()
    const { status, output } = await runQuietly(command, args)
    if (status !== 0) failed.push(name)
    say(`${name}\n${output.trimEnd()}\n  ${name}: ${secondsSince(started)} s`)
  }
}
const report = name => join(root, '.cache', `${name}.json`)
/** What a check of ours is: its name, and the tests' results in a file of their own. */
function vitest(name, file, ...args) {
  rmSync(report(file), { force: true })
  const reporters = ['--reporter=default', '--reporter=json', `--outputFile.json=${report(file)}`]
  return [name, bin('vitest'), ['run', ...reporters, ...args]]
}

// Two rows: the types take one core all of that time.
await Promise.all([
  checkRow([
    ['Layout', process.execPath, ['scripts/format.mjs', '--check']],
    ['Lint', bin('eslint'), ['.']],
    ['Words', process.execPath, ['scripts/words.mjs']],
    ['Exported names', process.execPath, ['scripts/exports.mjs']],
    ['Layer fences', bin('depcruise'), [...LAYERS, '--config', '.dependency-cruiser.cjs']],
    ['Types of the core, without browser or Node.js', bin('tsc'), ['-p', 'core']],
    vitest('Unit tests', 'unit'),
  ]),
  checkRow([['Types', bin('nuxt'), ['typecheck']]]),
])
say('Production build')
ensureBuild()
check(...vitest('Browser tests', 'browser', '--config', 'vitest.browser.config.ts'))

let passed = 0,
  broken = 0,
  skipped = 0
for (const name of ['unit', 'browser']) {
  if (!existsSync(report(name))) continue
  const { numPassedTests, numFailedTests, numPendingTests } = JSON.parse(readFileSync(report(name), 'utf8'))
  passed += numPassedTests
  broken += numFailedTests
  skipped += numPendingTests
}
if (failed.length > 0) console.error(`\n✗ Failed: ${failed.join(', ')}`)
console.log(`\n${passed} passed, ${broken} failed, ${skipped} skipped`)
process.exit(failed.length > 0 || passed === 0 ? 1 : 0)
