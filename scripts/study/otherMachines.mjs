// Machines and readers the search does not know of: what it claims of its numbers, against what is true.

const HALF = 0.5
const MOST_ROWS = 40
const SEED = 77_000

const straight = ({ slope, goal }, mark) => slope * (mark - goal)
const usualNoise = ({ noise }, normal) => noise * normal()
const usual = {
  reads: straight,
  noise: usualNoise,
  home: 4.5,
  step: 0.25,
  drift: 0,
  stick: 0,
  lag: 0,
  outliers: 0,
}

/** Each draws a machine from what is usual, and does one thing otherwise. */
const KINDS = {
  'as assumed': {},
  'logistic readings': {
    reads: ({ slope, goal }, mark) => 6 / (1 + Math.exp((-4 / 6) * slope * (mark - goal))) - 3,
  },
  'a kink at the goal': {
    reads: ({ slope, goal }, mark) => slope * (mark - goal) * (mark > goal ? 1.6 : 0.6),
  },
  'noise 0.6': { draw: one => ({ ...one, noise: 0.6 }) },
  'noise 1.0': { draw: one => ({ ...one, noise: 1 }) },
  'skewed noise': { noise: ({ noise }, _, random) => noise * (-Math.log(1 - random()) - 1) },
  'a dial that sticks, 0.35 of a mark': { stick: 0.35 },
  'a thread that lags, a third of the turn': { lag: 1 / 3 },
  '4 steps a mark': { draw: one => ({ ...one, slope: 4 }) },
  'goal 3 marks off': { draw: (one, random) => ({ ...one, goal: 4.5 + (random() < HALF ? -3 : 3) }) },
  'goal at the end': { draw: (one, random) => ({ ...one, goal: random() < HALF ? 9 : 0 }) },
  'drift of 0.15 a row': { drift: 0.15 },
  'one row in ten an outlier': { outliers: 0.1 },
  'dial step 0.1': { step: 0.1 },
  'dial step 0.5': { step: 0.5 },
  'dial step 1': { step: 1 },
  'normal at 3': { home: 3 },
}

/**
 * One line a kind: how many were found, after how many rows, and claimed against true.
 *
 * @param tools - `nextTension`, `seeded` and `normal` of the core.
 */
export function otherMachines(count, tools) {
  return Object.entries(KINDS).map(([name, over]) => lineOf(name, { ...usual, ...over }, count, tools))
}

function lineOf(name, kind, count, tools) {
  const outcomes = Array.from({ length: count }, (_, i) => trial(kind, tools.seeded(SEED + i), tools))
  const found = outcomes.filter(({ settled }) => settled)
  const claimed = mean(found.map(({ chance }) => chance))
  const right = mean(found.map(({ isRight }) => Number(isRight)))
  const rows = mean(outcomes.map(({ rows }) => rows))
  const apart = Math.round(100 * (claimed - right))
  const share = percent(found.length / count)
  return `| ${name} | ${share} | ${rows.toFixed(2)} | ${percent(claimed)} | ${percent(right)} | ${apart} |`
}

function trial(kind, random, { nextTension, normal }) {
  const { home, step, stick, lag } = kind
  const dial = { min: 0, max: 9, home, step }
  const drawn = {
    goal: home + normal(random),
    slope: 1.3 * Math.exp(0.4 * normal(random)),
    noise: 0.3,
  }
  const machine = kind.draw?.(drawn, random) ?? drawn
  const rows = []
  let felt = null
  while (rows.length < MOST_ROWS) {
    const prior = { tension: home, spread: 1 }
    const advice = nextTension({ goal: 'balanced', dial, rows, prior, care: 'careful' })
    if (advice.next === null) {
      const isRight = Math.abs(kind.reads(machine, advice.best ?? home)) <= HALF
      return { rows: rows.length, settled: advice.settled, chance: advice.chance, isRight }
    }
    felt = feltAt(advice.next, felt, { stick, lag }, random)
    rows.push(rowAt(advice.next, readingOf(kind, machine, felt, rows.length, random, normal)))
  }
  throw new Error(`${MOST_ROWS} rows and no end`)
}

/**
 * What the discs feel: of a dial that sticks nothing of a small turn, a little less of a large one; of a
 * thread that lags only a share of the turn, in the row after it.
 */
function feltAt(mark, before, { stick, lag }, random) {
  if (before === null) return mark
  const turn = mark - before
  if (stick === 0) return mark - lag * turn
  return Math.abs(turn) <= stick ? before : mark - Math.sign(turn) * stick * random()
}

function readingOf({ reads, noise, drift, outliers }, machine, felt, place, random, normal) {
  if (random() < outliers) return -3 + 6 * random()
  return reads(machine, felt) + noise(machine, () => normal(random), random) + drift * place
}

const rowAt = (tension, value) => ({
  tension,
  ridge: null,
  show: Math.max(-3, Math.min(3, Math.round(value))),
  skips: false,
  breaks: false,
})
const mean = values => values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length)
const percent = share => `${(100 * share).toFixed(1)} %`
