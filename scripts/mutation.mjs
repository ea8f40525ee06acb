// npm run mutation [folder…]: puts single faults into folders of the core, one folder after the other, to
// see whether that folder's own tests notice. Prints the score of each and the faults nothing noticed.
// Not part of npm test. PART=0.2 judges a fifth of the functions, always the same ones; all of them take
// some two hours. docs/MUTATION.md records the results.
import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'

const FOLDERS = ['swing', 'trial', 'pairing', 'conflicts', 'thread', 'usage', 'units', 'walk', 'putback'].map(
  name => `core/${name}`,
)
const NOTICED = ['Killed', 'Timeout']
const UNNOTICED = ['Survived', 'NoCoverage']

const folders = process.argv.length > 2 ? process.argv.slice(2) : FOLDERS
for (const folder of folders) {
  mutate(folder)
  report(folder, mutantsOf(folder))
}

function mutate(folder) {
  const run = spawnSync('npx', ['stryker', 'run'], {
    env: { ...process.env, MUTATED_FOLDER: folder, MUTATED_PART: process.env.PART ?? '1' },
    // Its progress goes where messages go: what is printed is the result.
    stdio: ['ignore', process.stderr, 'inherit'],
  })
  if (run.status !== 0) process.exit(run.status ?? 1)
}

function mutantsOf(folder) {
  const { files } = JSON.parse(readFileSync(`.cache/mutation/${folder}.json`, 'utf8'))
  return Object.entries(files).flatMap(([path, { source, mutants }]) =>
    mutants.map(mutant => ({ ...mutant, path, was: textAt(source, mutant.location) })),
  )
}

/** The text a mutant replaced, on one line. */
function textAt(source, { start, end }) {
  const lines = source.split('\n').slice(start.line - 1, end.line)
  lines[lines.length - 1] = lines.at(-1).slice(0, end.column - 1)
  lines[0] = lines[0].slice(start.column - 1)
  return shortened(lines.join(' '))
}
function shortened(text) {
  const line = text.replaceAll(/\s+/g, ' ')
  return line.length > 70 ? `${line.slice(0, 69)}…` : line
}

function report(folder, mutants) {
  const noticed = mutants.filter(({ status }) => NOTICED.includes(status))
  const unnoticed = mutants.filter(({ status }) => UNNOTICED.includes(status))
  const all = noticed.length + unnoticed.length
  console.log(
    `${folder}: ${noticed.length} of ${all} noticed, ${((100 * noticed.length) / all).toFixed(1)} %`,
  )
  for (const { path, location, was, replacement, status } of unnoticed)
    console.log(
      `  ${path}:${location.start.line} ${was}  →  ${shortened(replacement)}`
        + (status === 'NoCoverage' ? '  (never run)' : ''),
    )
}
