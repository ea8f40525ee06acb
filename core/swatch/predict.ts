import { requireInRange } from '#core/errors'

/** What a tension setting depends on, as far as records can be compared by it. */
export interface SwatchFeatures {
  /** Kind of the leading thread, type of needle, how the stitch moves, the goal and how the cloth is made. */
  readonly thread: string
  readonly needle: string
  readonly stitch: string
  readonly goal: string
  readonly cloth: string
  /** Between neighbouring needles, in mm; 0 for one needle. */
  readonly gap: number
}

/** A record to learn from. Shares are of the way from home to the end stop, −1 to 1. */
export interface LearntFrom {
  readonly id: string
  readonly features: SwatchFeatures
  readonly share: number
  /** What the rule would have said for it; left out: home. */
  readonly ruleShare?: number
}

export interface Prediction {
  readonly share: number
  /** One standard deviation of where a new machine's goal will lie, as a share. */
  readonly spread: number
  /** The records it leans on, the most alike first, with how alike, 0 to 1. */
  readonly leansOn: readonly { readonly id: string; readonly alike: number }[]
}

/** How much of a record still counts where one thing differs. Our own guesses. */
const OTHER = { thread: 0.1, needle: 0.7, stitch: 0.5, goal: 0.3, cloth: 0.8 } as const
const OTHERS = Object.entries(OTHER) as [keyof typeof OTHER, number][]
/** A gap this much different halves what a record counts. */
const HALVING_GAP_MM = 1.5
/** Less alike than this is not relevant. */
const RELEVANT = 0.3
/** Fewer relevant records make no claim. */
export const LEAST_RECORDS = 3
/**
 * One mark of a dial 0 to 9 with home 4.5, as a share: what the rule is off by, and what one day is off from
 * the next.
 */
const RULE_SPREAD = 1 / 4.5
const DAY_SPREAD = 0.5 / 4.5

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
 * speaks, with many the records.
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
  let [weights, sum, relevant] = [0, 0, 0]
  const leansOn: { id: string; alike: number }[] = []
  for (const { id, features, share, ruleShare: its = 0 } of records) {
    requireInRange(share, 'share', -3, 3)
    const weight = alike(features, wanted)
    if (weight < RELEVANT) continue
    relevant += 1
    weights += weight
    sum += weight * (share - its)
    leansOn.push({ id, alike: weight })
  }
  if (relevant < LEAST_RECORDS) return null
  const precision = 1 / RULE_SPREAD ** 2 + weights / DAY_SPREAD ** 2
  return {
    share: Math.max(-1, Math.min(1, ruleShare + sum / DAY_SPREAD ** 2 / precision)),
    spread: Math.sqrt(DAY_SPREAD ** 2 + 1 / precision),
    leansOn: leansOn.sort((a, b) => b.alike - a.alike),
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
  const groups = new Map<
    string,
    { features: SwatchFeatures; offs: { off: number; share: number; ruleShare: number }[]; sum: number }
  >()
  for (const { features, share, ruleShare = 0 } of records) {
    const { thread, needle, stitch, goal, cloth, gap } = features
    const key = [thread, needle, stitch, goal, cloth, gap].join('|')
    const group = groups.get(key) ?? { features, offs: [], sum: 0 }
    group.offs.push({ off: share - ruleShare, share, ruleShare })
    group.sum += share - ruleShare
    groups.set(key, group)
  }
  let [book, rule, of] = [0, 0, 0]
  for (const group of groups.values()) {
    let [weights, sum, relevant] = [0, 0, 0]
    for (const other of groups.values()) {
      const weight = alike(other.features, group.features)
      if (weight < RELEVANT) continue
      weights += weight * other.offs.length
      sum += weight * other.sum
      relevant += other.offs.length
    }
    if (relevant - 1 < LEAST_RECORDS) continue
    for (const { off, share, ruleShare } of group.offs) {
      const precision = 1 / RULE_SPREAD ** 2 + (weights - 1) / DAY_SPREAD ** 2
      const foretold = Math.max(-1, Math.min(1, ruleShare + (sum - off) / DAY_SPREAD ** 2 / precision))
      book += (foretold - share) ** 2
      rule += off ** 2
      of += 1
    }
  }
  return of === 0 ? null : { book: Math.sqrt(book / of), rule: Math.sqrt(rule / of), of }
}
