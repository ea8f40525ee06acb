import { requireInRange } from '#core/errors'

/** What a tension setting depends on, as far as records can be compared by it. */
export interface SwatchFeatures {
  /** Kind of the leading thread, type of needle, how the stitch moves, the goal and how the cloth is made. */
  readonly thread: string
  readonly needle: string
  /** How many blades it has. */
  readonly construction: string
  readonly stitch: string
  readonly goal: string
  readonly cloth: string
  /** Between neighbouring needles, in mm; 0 for one needle. */
  readonly gap: number
}

/** A record to learn from. Shares are of the way from normal tension to the end stop, −1 to 1. */
export interface LearntFrom {
  readonly id: string
  readonly features: SwatchFeatures
  readonly share: number
  /** What the rule would have said for it; left out: normal tension. */
  readonly ruleShare?: number
}

export interface Prediction {
  readonly share: number
  /** One standard deviation of where a new machine's goal will lie, as a share. */
  readonly spread: number
  /** The records it leans on, the most alike first, with how alike, 0 to 1. */
  readonly leansOn: readonly { readonly id: string; readonly alike: number }[]
}

/**
 * How much of a record still counts where one thing differs. Another construction of needle, or a straight
 * seam instead of a swing, is another matter altogether; the rest are our own guesses.
 */
const OTHER = {
  construction: 0,
  stitch: 0,
  thread: 0.1,
  needle: 0.7,
  goal: 0.3,
  cloth: 0.8,
} as const satisfies Partial<Record<keyof SwatchFeatures, number>>
const OTHERS = Object.entries(OTHER) as [keyof typeof OTHER, number][]
/** A gap this much different halves what a record counts. */
const HALVING_GAP_MM = 1.5
/** Less alike than this is not relevant. */
const RELEVANT = 0.3
/** Fewer relevant records make no claim. */
export const LEAST_RECORDS = 3
/** What the rule is off by: one mark of a dial 0 to 9 with normal 4.5, as a share. */
const RULE_SPREAD = 1 / 4.5
/** How far records of one combination scatter while none says it, and how many records that counts. */
const USUAL_SCATTER = 0.4 / 4.5
const USUAL_COUNTS = 0.3
/** With few records their scatter is itself uncertain: so much wider, over the records that speak of it. */
const FEW_WIDEN = 0.45
/** Nobody sets a dial finer: a quarter mark. */
const LEAST_SPREAD = 0.05

/**
 * How alike two combinations are, 0 to 1.
 *
 * @example
 * alike(features, features) // 1
 */
export function alike(a: SwatchFeatures, b: SwatchFeatures): number {
  let same = 1
  for (const [what, share] of OTHERS) if (a[what] !== b[what]) same *= share
  return same * 2 ** (-Math.abs(a.gap - b.gap) / HALVING_GAP_MM)
}

/**
 * Where the goal of a new combination is expected, from own records. What the records were off from their
 * rule is averaged by how alike they are and shrunk toward the rule of the new one: with few records the rule
 * speaks, with many the records. How far they scatter
 * is learned from them.
 *
 * @param records - own swatches; a rule quoted or a guess is none.
 * @param wanted - the new combination.
 * @param ruleShare - what the rule says for it.
 * @returns null under three relevant records.
 * @throws {CoreError} `non-finite` or `out-of-range` when a share is no share.
 *
 * @example
 * predictOffset(lessons, wanted, -0.3) // null: too few alike
 */
export function predictOffset(
  records: readonly LearntFrom[],
  wanted: SwatchFeatures,
  ruleShare: number,
): Prediction | null {
  requireInRange(ruleShare, 'ruleShare', -1, 1)
  const all = new Offs()
  const leansOn: { id: string; alike: number }[] = []
  for (const { id, features, share, ruleShare: its = 0 } of records) {
    requireInRange(share, 'share', -3, 3)
    const weight = alike(features, wanted)
    if (weight < RELEVANT) continue
    all.add(share - its, weight)
    leansOn.push({ id, alike: weight })
  }
  if (leansOn.length < LEAST_RECORDS) return null
  return { ...all.foretell(ruleShare), leansOn: leansOn.sort((a, b) => b.alike - a.alike) }
}

/** What records were off from their rule, summed up by how alike they are. */
class Offs {
  private weights = 0
  private squaredWeights = 0
  private sum = 0
  private squares = 0

  add(off: number, weight: number): void {
    this.addAll({ count: 1, sum: off, squares: off ** 2 }, weight)
  }
  addAll(offs: { count: number; sum: number; squares: number }, weight: number): void {
    this.weights += offs.count * weight
    this.squaredWeights += offs.count * weight ** 2
    this.sum += weight * offs.sum
    this.squares += weight * offs.squares
  }
  /** The same without one record of the combination itself. */
  without(off: number): Offs {
    const rest = new Offs()
    rest.weights = this.weights - 1
    rest.squaredWeights = this.squaredWeights - 1
    rest.sum = this.sum - off
    rest.squares = this.squares - off ** 2
    return rest
  }
  foretell(ruleShare: number): { share: number; spread: number } {
    const { weights, squaredWeights, sum, squares } = this
    // So many records of one combination would say as much.
    const worth = weights ** 2 / squaredWeights
    const freedom = USUAL_COUNTS + Math.max(0, worth - 1)
    const around = (worth / weights) * Math.max(0, squares - sum ** 2 / weights)
    const scatterSquare = (USUAL_COUNTS * USUAL_SCATTER ** 2 + around) / freedom
    const precision = 1 / RULE_SPREAD ** 2 + weights / scatterSquare
    const spread = (1 + FEW_WIDEN / freedom) * Math.sqrt(scatterSquare + 1 / precision)
    return {
      share: Math.max(-1, Math.min(1, ruleShare + sum / scatterSquare / precision)),
      spread: Math.max(LEAST_SPREAD, spread),
    }
  }
}

/**
 * How far off the book and the rule are, each record foretold from all others; root mean square, as a share.
 * null: too few.
 *
 * @example
 * leaveOneOut(lessons) // null: too few
 */
export function leaveOneOut(
  records: readonly LearntFrom[],
): { readonly book: number; readonly rule: number; readonly of: number } | null {
  // Records of one combination are foretold alike but for themselves: a thick book has few combinations.
  const groups = new Map<string, Group>()
  for (const { features, share, ruleShare = 0 } of records) {
    const { thread, needle, construction, stitch, goal, cloth, gap } = features
    const key = [thread, needle, construction, stitch, goal, cloth, gap].join('|')
    const group = groups.get(key) ?? { features, records: [], count: 0, sum: 0, squares: 0 }
    const off = share - ruleShare
    group.records.push({ off, share, ruleShare })
    group.count += 1
    group.sum += off
    group.squares += off ** 2
    groups.set(key, group)
  }
  let [book, rule, of] = [0, 0, 0]
  for (const group of groups.values()) {
    const all = new Offs()
    let relevant = 0
    for (const other of groups.values()) {
      const weight = alike(other.features, group.features)
      if (weight < RELEVANT) continue
      all.addAll(other, weight)
      relevant += other.count
    }
    if (relevant - 1 < LEAST_RECORDS) continue
    for (const { off, share, ruleShare } of group.records) {
      book += (all.without(off).foretell(ruleShare).share - share) ** 2
      rule += off ** 2
      of += 1
    }
  }
  return of === 0 ? null : { book: Math.sqrt(book / of), rule: Math.sqrt(rule / of), of }
}

interface Group {
  readonly features: SwatchFeatures
  readonly records: { readonly off: number; readonly share: number; readonly ruleShare: number }[]
  count: number
  sum: number
  squares: number
}
