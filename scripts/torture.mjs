// npm run torture: kills, upgrades, files, tabs, a full disk, bad bodies, at length; writes docs/torture.md.
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
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
const results = join(root, '.cache/torture')
rmSync(results, { recursive: true, force: true })
const env = { ...process.env, TORTURE: 'full' }
const wanted = process.argv.slice(2)
const files = wanted.length > 0 ? wanted.map(name => `tests/torture/${name}`) : ['tests/torture']
const broken = [[], ['--config', 'vitest.browser.config.ts']].filter(
  config => run(bin('vitest'), ['run', '--passWithNoTests', ...config, ...files], { env }) !== 0,
)

const ORDER = ['kills', 'upgrades', 'files', 'tabs', 'full', 'api']
const told = Object.fromEntries(
  readdirSync(results).map(file => {
    const { name, words } = JSON.parse(readFileSync(join(results, file), 'utf8'))
    return [name, words]
  }),
)
if (wanted.length === 0) {
  writeFileSync(
    join(root, 'docs/torture.md'),
    `# Torture

Written by \`npm run torture\` on ${machineLine()}. Chance is seeded, times are not: a kill comes when it comes.

${ORDER.map(name => `- **${name}**: ${told[name] ?? 'failed: see what the run printed'}.`).join('\n')}

What is tested is what the app calls stored: what \`commit\` answers, which the words “… kept” and “Everything is
saved” follow. A kill is \`kill -9\` of the whole browser; it is no cut of the machine's power. That scripts in
files never run was looked at in a simulated document, not in a browser. A short form of each runs in \`npm test\`.
`,
  )
  say('Wrote docs/torture.md')
}
if (broken.length > 0) stop('Something was lost: see above.')
