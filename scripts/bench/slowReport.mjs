import { RATE, TIMES } from './slow.mjs'

const middle = values => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]
const ms = value => `${value.toFixed(0)} ms`
const [USEFUL_MS, TASK_MS, KEY_MS, START_MS, LABELS_MS] = [500, 200, 50, 2500, 3000]
/** Drags may be this many frames behind. */
const LAG_FRAMES = 2
const against = (value, budget) => (value <= budget ? ms(value) : `**${ms(value)}**`)

/**
 * What was measured on the slowed processor, as a page of its own.
 *
 * @param slow - from `measureSlowly`.
 * @param notes - the machine, and how much of its time the host gave to others meanwhile.
 */
export function slowPage({ views, keys, starts, drags, files, loopMs }, notes) {
  const of = (runs, name) => middle(runs.map(run => run[name]))
  const viewRows = views.map(({ path, from, runs }) => {
    const [useful, task] = [of(runs, 'usefulMs'), of(runs, 'longestTaskMs')]
    const settled = ms(of(runs, 'settledMs'))
    return `| \`${path}\` from \`${from}\` | ${against(useful, USEFUL_MS)} | ${against(task, TASK_MS)} | ${settled} |`
  })
  const keyRows = keys.map(({ path, name, runs }) => {
    const of = (isDigit, pick) => pick(runs.filter(({ key }) => (key === '1') === isDigit).map(run => run.ms))
    const [digit, back] = [of(true, middle), of(false, middle)]
    const slowest = Math.max(...runs.map(run => run.ms))
    return `| ${name} on \`${path}\` | ${against(digit, KEY_MS)} | ${against(back, KEY_MS)} | ${ms(slowest)} |`
  })
  const dragRows = drags.map(
    ({ what, frames, lag, most, worst }) =>
      `| ${what} | ${lag} of ${frames} | ${most <= LAG_FRAMES ? most : `**${most}**`} | ${ms(worst)} |`,
  )
  const fileRows = files.map(({ what, runs }) => {
    const made = of(runs, 'madeMs')
    return `| ${what} | ${against(made, LABELS_MS)} | ${against(of(runs, 'longestTaskMs'), TASK_MS)} |`
  })
  return [
    '# Benchmarks on a slow processor',
    '',
    `Written by \`npm run bench\`: the browser's processor held to a ${RATE}th, demo data, median of ${TIMES}. Bold is`,
    'over its budget.',
    notes,
    `A loop of 20 million steps took ${ms(loopMs)} in that page: hold other machines' figures against it.`,
    '',
    `| change of view | useful (budget ${USEFUL_MS} ms) | longest task (${TASK_MS} ms) | settled |`,
    '|---|---|---|---|',
    ...viewRows,
    '',
    `| shown after, of five each, 150 ms between keys | a digit (budget ${KEY_MS} ms) | Backspace | slowest |`,
    '|---|---|---|---|',
    ...keyRows,
    '',
    `| dragged for 3 to 5 s | frames that lagged | most behind (budget ${LAG_FRAMES} frames) | longest frame |`,
    '|---|---|---|---|',
    ...dragRows,
    '',
    `The first screen, everything in the browser's cache: ${against(middle(starts), START_MS)} (budget`,
    `${ms(START_MS)}) until the plate stands.`,
    '',
    `| sheets for the printer | there after (budget ${ms(LABELS_MS)}) | longest task (${TASK_MS} ms) |`,
    '|---|---|---|',
    ...fileRows,
    '',
  ].join('\n')
}
