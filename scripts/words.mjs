// npm run words: what the app says, against the rules of its words. `--list` names each place; `--lower`
// writes today's counts as the new limits, which only fall.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { root } from './steps.mjs'
import { faultsOf } from './words/rules.mjs'
import { saidIn } from './words/said.mjs'

const LIMITS_FILE = join(root, 'scripts/words/limits.json')
const RULES = {
  long: 'sentences over 15 words',
  colons: 'sentences with a second colon',
  retired: 'retired words',
}

const files = ['app', 'core', 'shared', 'server'].flatMap(folder =>
  readdirSync(join(root, folder), { recursive: true })
    .filter(name => /\.(vue|ts)$/.test(name) && !/(\.(test|bench|d)|app\.config)\.ts$/.test(name))
    .map(name => join(root, folder, name)),
)
const faults = files.flatMap(file =>
  saidIn(file, readFileSync(file, 'utf8')).flatMap(({ text, line }) =>
    faultsOf(text).map(fault => ({ ...fault, place: `${relative(root, file)}:${line}` })),
  ),
)
const limits = JSON.parse(readFileSync(LIMITS_FILE, 'utf8'))
const counts = Object.fromEntries(
  Object.keys(RULES).map(rule => [rule, faults.filter(fault => fault.rule === rule).length]),
)

if (process.argv.includes('--list')) {
  for (const { rule, place, text, word, instead } of faults)
    console.log(`${place}  ${rule}${instead ? ` (${word} → ${instead})` : ''}: ${text}`)
}
let isBroken = false
for (const [rule, name] of Object.entries(RULES)) {
  const [count, limit] = [counts[rule], limits[rule]]
  console.log(`${count} ${name} (limit ${limit})`)
  if (count > limit) {
    isBroken = true
    console.error(`✗ More ${name} than before: npm run words -- --list names them.`)
  } else if (count < limit && !process.argv.includes('--lower')) {
    isBroken = true
    console.error(`✗ Fewer ${name} than the limit: npm run words -- --lower takes it down.`)
  }
}
if (process.argv.includes('--lower')) {
  const lower = Object.fromEntries(
    Object.keys(RULES).map(rule => [rule, Math.min(limits[rule], counts[rule])]),
  )
  writeFileSync(LIMITS_FILE, `${JSON.stringify({ ...limits, ...lower }, null, 2)}\n`)
}
process.exit(isBroken ? 1 : 0)
