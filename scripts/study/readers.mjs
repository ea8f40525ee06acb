// Readers who were measured by practice: what is claimed of their numbers, against what is true.

const SEED = 91_000
const HALF = 0.5
const HOME = 4.5
const PAST_STEPS = 2.75
const DIAL = { min: 0, max: 9, home: HOME, step: 0.25 }
const PRIOR = { tension: HOME, spread: 1 }

/** Scatter and bias of a reader, in steps. */
const READERS = [
  [0.3, 0],
  [0.6, 0],
  [1, 0],
  [0.3, 0.5],
  [0.6, 0.5],
  [0.3, -0.5],
]
const ANSWERS = [0, 12, 20]
const NOISES = {
  normal: normal => normal(),
  // As wide, with longer tails: the search does not believe in it.
  logistic: (_, random) => {
    const u = Math.min(1 - 1e-9, Math.max(1e-9, random()))
    return (Math.sqrt(3) / Math.PI) * Math.log(u / (1 - u))
  },
}

/**
 * One line a reader: rows, claimed and true, over all strips and over those that found a number.
 *
 * @param tools - `nextTension`, `readerFrom`, `seeded` and `normal` of the core.
 */
export function readers(count, tools) {
  return Object.entries(NOISES).flatMap(([name, noise]) =>
    READERS.flatMap(([scatter, bias]) =>
      ANSWERS.map(answers => lineOf({ name, noise, scatter, bias, answers }, count, tools)),
    ),
  )
}

function lineOf(reader, count, tools) {
  const { name, scatter, bias, answers } = reader
  const strips = Array.from({ length: count }, (_, i) => strip(reader, tools.seeded(SEED + i), tools))
  const found = strips.filter(({ settled }) => settled)
  const [claimed, right] = claimedAndTrue(strips)
  const [claimedFound, rightFound] = claimedAndTrue(found)
  const apart = Math.round(100 * (claimed - right))
  return (
    `| ${scatter}, ${name} | ${bias} | ${answers === 0 ? 'none' : answers} | `
    + `${mean(strips.map(({ rows }) => rows)).toFixed(2)} | ${percent(claimed)} | ${percent(right)} | `
    + `${apart} | ${percent(found.length / count)} | ${percent(claimedFound)} | ${percent(rightFound)} |`
  )
}

const claimedAndTrue = strips => [
  mean(strips.map(({ chance }) => chance)),
  mean(strips.map(({ isRight }) => Number(isRight))),
]

function strip({ noise, scatter, bias, answers }, random, { nextTension, readerFrom, normal }) {
  const say = truth => {
    const seen = Math.round(truth + bias + scatter * noise(() => normal(random), random))
    return Math.max(-3, Math.min(3, seen)) + 0
  }
  const known = Array.from({ length: answers }, () => {
    const truth = -PAST_STEPS + 2 * PAST_STEPS * random()
    return { truth, said: say(truth) }
  })
  const reader = readerFrom({ known, repeats: [] })
  const goal = HOME + normal(random)
  const slope = 1.3 * Math.exp(0.4 * normal(random))
  const rows = []
  for (;;) {
    const advice = nextTension({ goal: 'balanced', dial: DIAL, rows, prior: PRIOR, care: 'careful', reader })
    const off = slope * ((advice.next ?? advice.best ?? HOME) - goal)
    if (advice.next === null)
      return {
        rows: rows.length,
        settled: advice.settled,
        chance: advice.chance,
        isRight: Math.abs(off) <= HALF,
      }
    rows.push({ tension: advice.next, ridge: null, show: say(off), skips: false, breaks: false })
  }
}

const mean = values => values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length)
const percent = share => `${(100 * share).toFixed(1)} %`
