// npm run torture: kills, upgrades, files, zips, tabs, undo, a full disk, bodies; writes docs/torture.md.
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
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
/** What each file of tests/torture tells of. */
const PARTS = {
  kills: ['kills', 'upgrades'],
  files: ['files'],
  tabs: ['tabs'],
  full: ['full'],
  api: ['api'],
  undo: ['undo'],
  zip: ['zip'],
}
const wanted = process.argv.length > 2 ? process.argv.slice(2) : Object.keys(PARTS)
const unknown = wanted.find(part => !(part in PARTS))
if (unknown) stop(`There is no “${unknown}”: name ${Object.keys(PARTS).join(', ')}, or nothing for all.`)

const results = join(root, '.cache/torture')
const fileOf = name => join(results, `${name}.json`)
for (const name of wanted.flatMap(part => PARTS[part])) rmSync(fileOf(name), { force: true })
const env = { ...process.env, TORTURE: 'full' }
const files = wanted.map(part => `tests/torture/${part}`)
const broken = [[], ['--config', 'vitest.browser.config.ts']].filter(
  config => run(bin('vitest'), ['run', '--passWithNoTests', ...config, ...files], { env }) !== 0,
)

function told(name) {
  if (!existsSync(fileOf(name))) return 'not run to its end'
  const { words, isFull } = JSON.parse(readFileSync(fileOf(name), 'utf8'))
  return isFull ? words : `${words} (short form)`
}
const rows = Object.values(PARTS)
  .flat()
  .map(name => `- **${name}**: ${told(name).trimEnd()}`)
writeFileSync(
  join(root, 'docs/torture.md'),
  `# Torture

Written by \`npm run torture\` on ${machineLine()}.
Chance is seeded, times are not: a kill comes when it comes.

${rows.join('\n')}

What is tested is what the app calls stored: what \`commit\` answers, which the words “… kept” and “Everything is
saved” follow. A kill is \`kill -9\` of the whole browser; it is no cut of the machine's power. That scripts in
files never run was looked at in a simulated document, not in a browser. A short form of each runs in \`npm test\`.
\`npm run torture tabs\` runs one part and leaves the other lines as they were last told.
`,
)
say('Wrote docs/torture.md')
if (broken.length > 0) stop('Something was lost: see above.')
