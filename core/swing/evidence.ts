import { giveOrTake } from '#core/measured'
import { machineLength } from '#core/units'
import type { Part, SwingInput } from './types'

/** A part whose opening can be measured. */
export type Opening = Exclude<Part, 'machine'>

/** What a verdict rests on: `measured` only where every opening was. */
export interface Evidence {
  readonly evidence: 'measured' | 'rule'
  /** The openings nobody measured. */
  readonly unmeasured: readonly Opening[]
  /** One standard deviation of each, in mm; null: nobody noted it, or it is not measured. */
  readonly spreadsMm: Readonly<Record<Opening, number | null>>
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
  return {
    evidence: unmeasured.length === 0 ? 'measured' : 'rule',
    unmeasured,
    spreadsMm: { foot: foot.slotSpreadMm ?? null, plate: machine.plateSpreadMm ?? null },
  }
}

/**
 * The same in words: what was measured and how well, or what was not.
 *
 * @example
 * evidenceWords({ evidence: 'rule', unmeasured: ['foot'], … }) // 'By rule: the foot is not measured'
 * evidenceWords({ …, spreadsMm: { foot: 0.1, plate: null } }) // 'Measured: foot ± 0.2 mm and plate'
 */
export function evidenceWords({ evidence, unmeasured, spreadsMm }: Evidence): string {
  if (evidence === 'measured') {
    const wellness = (['foot', 'plate'] as const).map(part => `${part}${plusMinus(spreadsMm[part])}`)
    return `Measured: ${wellness.join(' and ')}`
  }
  const parts = unmeasured.map(part => `the ${part}`).join(' and ')
  return `By rule: ${parts} ${unmeasured.length === 1 ? 'is' : 'are'} not measured`
}

function plusMinus(spread: number | null): string {
  return spread === null ? '' : ` ± ${machineLength(giveOrTake({ value: 0, spread }))}`
}
