// A Bayesian search that knows the study's machines exactly: written apart from the core, on a finer grid, to
// hold it against.
const NOISE = 0.3
const GOAL_POINTS = 161
const SLOPE_POINTS = 15
const REACH = 1.2
const PAST = 3.5

/** Error function by its series and continued fraction, to double precision. */
function below(z) {
  if (z < -8) return 0
  if (z > 8) return 1
  let [sum, term] = [z, z]
  for (let i = 3; Math.abs(term) > 1e-16; i += 2) sum += term *= (z * z) / i
  return 0.5 + (sum * Math.exp((-z * z) / 2)) / Math.sqrt(2 * Math.PI)
}
const STEP = 0.02
const LOW = -8
const TABLES = [-3, -2, -1, 0, 1, 2, 3].map(reading =>
  Float64Array.from({ length: 801 }, (_, i) => {
    const truth = LOW + i * STEP
    return Math.max(
      1e-12,
      (reading === 3 ? 1 : below((reading + 0.5 - truth) / NOISE))
        - (reading === -3 ? 0 : below((reading - 0.5 - truth) / NOISE)),
    )
  }),
)
const place = truth => Math.max(0, Math.min(800, Math.round((truth - LOW) / STEP)))

const mark = []
const slope = []
const prior = []
for (let i = 0; i < GOAL_POINTS; i++) {
  const z = -PAST + (2 * PAST * i) / (GOAL_POINTS - 1)
  for (let k = 0; k < SLOPE_POINTS; k++) {
    const s = -2.8 + (5.6 * k) / (SLOPE_POINTS - 1)
    mark.push(4.5 + z)
    slope.push(1.3 * Math.exp(0.4 * s))
    prior.push(Math.exp((-z * z) / 2 - (s * s) / 2))
  }
}

const total = weights => weights.reduce((sum, w) => sum + w, 0)
const mean = (weights, sum) => weights.reduce((found, w, i) => found + w * mark[i], 0) / sum
const right = (weights, at) =>
  weights.reduce((sum, w, i) => (Math.abs(slope[i] * (at - mark[i])) <= 0.5 ? sum + w : sum), 0)

/** The chance of being right that is enough is given, so that both searches are equally often right. */
export function idealSearch(marks, sew, enough, most = 12) {
  let weights = prior.map(w => w / total(prior))
  const nearest = at => marks.reduce((best, m) => (Math.abs(m - at) < Math.abs(best - at) ? m : best))
  let at = nearest(4.5)
  for (let rows = 1; ; rows++) {
    const table = TABLES[sew(at) + 3]
    weights = weights.map((w, i) => w * table[place(slope[i] * (at - mark[i]))])
    const sum = total(weights)
    weights = weights.map(w => w / sum)
    const middle = mean(weights, 1)
    const near = marks.filter(m => Math.abs(m - middle) <= REACH)
    const candidates = near.length > 0 ? near : [nearest(middle)]
    const chances = candidates.map(m => right(weights, m))
    const best = candidates[chances.indexOf(Math.max(...chances))]
    if (Math.max(...chances) >= enough || rows === most) return { rows, best }
    const kept = weights.flatMap((w, i) => (w > 1e-6 ? [i] : []))
    const worth = candidates.map(m =>
      TABLES.reduce((all, one) => {
        const after = kept.map(i => weights[i] * one[place(slope[i] * (m - mark[i]))])
        const chance = total(after)
        if (chance < 1e-4) return all
        const then = nearest(kept.reduce((found, i, k) => found + after[k] * mark[i], 0) / chance)
        return (
          all
          + kept.reduce(
            (found, i, k) => (Math.abs(slope[i] * (then - mark[i])) <= 0.5 ? found + after[k] : found),
            0,
          )
        )
      }, 0),
    )
    at = candidates[worth.indexOf(Math.max(...worth))]
  }
}
