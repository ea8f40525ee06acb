import type { Part, SwingInput } from './types'

/** What a verdict rests on: `measured` only where every opening was. */
export interface Evidence {
  readonly evidence: 'measured' | 'rule'
  /** The openings nobody measured. */
  readonly unmeasured: readonly Exclude<Part, 'machine'>[]
}

/**
 * Whether a verdict rests on measured openings or on the rule for the widest stitch.
 *
 * @example
 * evidenceOf({ …attic7, foot: { slotMm: null, singleHole: false } }).unmeasured // ['foot']
 */
export function evidenceOf({ machine, foot }: SwingInput): Evidence {
  const openings = [
    ['foot', foot.slotMm],
    ['plate', machine.plateSlotMm],
  ] as const
  const unmeasured = openings.filter(([, slotMm]) => slotMm === null).map(([part]) => part)
  return { evidence: unmeasured.length === 0 ? 'measured' : 'rule', unmeasured }
}

/**
 * The same in words: what was measured, or what was not.
 *
 * @example
 * evidenceWords({ evidence: 'rule', unmeasured: ['foot'] }) // 'By rule: the foot is not measured'
 */
export function evidenceWords({ evidence, unmeasured }: Evidence): string {
  if (evidence === 'measured') return 'Measured: foot and plate'
  const parts = unmeasured.map(part => `the ${part}`).join(' and ')
  return `By rule: ${parts} ${unmeasured.length === 1 ? 'is' : 'are'} not measured`
}
