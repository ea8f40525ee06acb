// npm test: installs what is missing, then every check in turn; fails at the end if any failed.
import { existsSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { bin, ensureBrowser, ensureBuild, ensurePackages, root, run, say } from './steps.mjs'

ensurePackages()
ensureBrowser()

const failed = []
function check(name, command, args) {
  say(name)
  const started = Date.now()
  if (run(command, args) !== 0) failed.push(name)
  console.log(`  ${name}: ${((Date.now() - started) / 1000).toFixed(0)} s`)
}
const report = name => join(root, '.cache', `${name}.json`)
function vitest(name, file, ...args) {
  rmSync(report(file), { force: true })
  check(name, bin('vitest'), [
    'run',
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${report(file)}`,
    ...args,
  ])
}

check('Layout', process.execPath, ['scripts/format.mjs', '--check'])
check('Lint', bin('eslint'), ['.'])
check('Layer fences', bin('depcruise'), [
  'app',
  'core',
  'db',
  'server',
  'shared',
  'workers',
  '--config',
  '.dependency-cruiser.cjs',
])
check('Types of the core, without browser or Node.js', bin('tsc'), ['-p', 'core'])
check('Types', bin('nuxt'), ['typecheck'])
vitest('Unit tests', 'unit')
say('Production build')
ensureBuild()
vitest('Browser tests', 'browser', '--config', 'vitest.browser.config.ts')

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
