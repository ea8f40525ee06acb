import type { NeedleType } from '#core/needle'
import type { Fit } from './eye'
import type { ThreadClass } from './threadClass'

/** What the trade says of some needles for a class of thread. */
export interface PracticeRule {
  /** null: any type. */
  readonly types: readonly NeedleType[] | null
  readonly sizesNm: readonly [min: number, max: number]
  readonly fit: Fit
  /** How readily it is reached for: 2 first, 1 also usual, 0 makeshift. */
  readonly rank: 0 | 1 | 2
  readonly why: string
}

/** Pearl No. 8 is nominally 125 tex; No. 5 is well above. */
export const PEARL_8_TEX = 150
/** What the other school says of pearl No. 8. Common practice. */
export const PEARL_8_IN_NEEDLE: PracticeRule = {
  types: ['topstitch', 'jeans'],
  sizesNm: [110, 150],
  fit: 'tight',
  rank: 0,
  why: 'your school: pearl 8 has been sewn through 110/18, bulky',
}

/** What the other school says of pearl No. 12 in needles the eye model refuses. Common practice. */
export const PEARL_12_AS_SEWN: PracticeRule = {
  types: null,
  sizesNm: [90, 110],
  fit: 'tight',
  rank: 0,
  why: 'your school: pearl 12 has been sewn through a 90/14 and a universal 100/16',
}

export interface PracticeRow {
  readonly name: string
  /**
   * Of threads this thick the row speaks; of a flat metallic it is the width. Beyond it nobody has said a
   * thing.
   */
  readonly thickMm: readonly [least: number, most: number]
  readonly rules: readonly PracticeRule[]
  /** Said beside the pairing, whatever the needle. */
  readonly cautions: readonly string[]
}

const ANY_SIZE = [50, 150] as const

/**
 * The practice table: the first rule that names a needle holds; where none does, the table is silent. Source:
 * common practice.
 */
export const PRACTICE: Readonly<Record<ThreadClass, PracticeRow>> = {
  'embroidery': {
    name: '40 wt embroidery thread',
    thickMm: [0.1, 0.3],
    rules: [
      {
        types: ['embroidery'],
        sizesNm: [75, 90],
        fit: 'good',
        rank: 2,
        why: 'embroidery 75/11 to 90/14 is made for 40 wt',
      },
    ],
    cautions: ['Decorative stitches need a stabilizer.'],
  },
  'all-purpose': {
    name: '50 wt and all-purpose thread',
    thickMm: [0.1, 0.3],
    rules: [
      {
        types: ['universal'],
        sizesNm: [80, 80],
        fit: 'good',
        rank: 2,
        why: 'universal 80/12 is the usual needle for 50 wt',
      },
    ],
    cautions: [],
  },
  'fine': {
    name: 'fine thread, 60 to 100 wt',
    thickMm: [0.03, 0.2],
    rules: [
      { types: null, sizesNm: [70, 80], fit: 'good', rank: 2, why: '70/10 or 80/12 for fine thread' },
      {
        types: null,
        sizesNm: [85, 150],
        fit: 'loose',
        rank: 0,
        why: 'above 80/12 a fine thread leaves holes',
      },
    ],
    cautions: ['Wind the bobbin slowly and do not overfill it.'],
  },
  'heavy': {
    name: 'heavy topstitch thread',
    thickMm: [0.2, 0.45],
    rules: [
      {
        types: ['topstitch'],
        sizesNm: [110, 120],
        fit: 'good',
        rank: 2,
        why: 'topstitch 110/18 runs heavy thread best',
      },
      {
        types: ['topstitch'],
        sizesNm: [90, 100],
        fit: 'good',
        rank: 1,
        why: 'topstitch from 90/14 takes heavy thread',
      },
      {
        types: null,
        sizesNm: [50, 85],
        fit: 'refuse',
        rank: 0,
        why: 'below 90/14 heavy thread frays and skips',
      },
    ],
    cautions: ['In a twin only with jeans or topstitch sizes.'],
  },
  'metallic': {
    name: 'wrapped metallic thread',
    thickMm: [0.1, 0.4],
    rules: [
      {
        types: ['metallic'],
        sizesNm: [80, 80],
        fit: 'good',
        rank: 2,
        why: 'metallic 80/12: its long polished eye spares the wrapping',
      },
      {
        types: ['metallic'],
        sizesNm: [85, 100],
        fit: 'good',
        rank: 1,
        why: 'a bigger metallic needle has the same long eye',
      },
      {
        types: ['topstitch'],
        sizesNm: [90, 90],
        fit: 'good',
        rank: 1,
        why: 'topstitch 90/14 has the long eye too',
      },
      {
        types: null,
        sizesNm: ANY_SIZE,
        fit: 'tight',
        rank: 0,
        why: 'without a long polished eye the wrapping strips',
      },
    ],
    cautions: ['Long eye, slow, and a flat feed; test again when the stitch changes.'],
  },
  'film': {
    name: 'flat metallic (film)',
    thickMm: [0.15, 1.2],
    rules: [
      {
        types: ['topstitch'],
        sizesNm: [90, 100],
        fit: 'good',
        rank: 2,
        why: 'topstitch 90/14 to 100/16 lets flat metallic lie flat',
      },
      {
        types: ['metallic'],
        sizesNm: [90, 90],
        fit: 'good',
        rank: 2,
        why: 'metallic 90/14 lets flat metallic lie flat',
      },
    ],
    cautions: [
      'It must roll off sideways and stay flat, never drawn over the spool’s end. Freezing it does nothing.',
    ],
  },
  'pearl': {
    name: 'pearl cotton No. 12',
    thickMm: [0.2, 0.5],
    rules: [
      {
        types: ['topstitch', 'jeans'],
        sizesNm: [100, 100],
        fit: 'good',
        rank: 2,
        why: 'topstitch or jeans 100/16 takes pearl 12',
      },
      {
        types: ['topstitch', 'jeans'],
        sizesNm: [90, 90],
        fit: 'tight',
        rank: 0,
        why: '90/14 works as a makeshift and is hard to thread',
      },
    ],
    cautions: ['Ball in a cup, a wire threader, no automatic cutter; brush the lint out after.'],
  },
  'thick': {
    name: 'pearl No. 8 and thicker',
    thickMm: [0.3, 20],
    rules: [
      {
        types: null,
        sizesNm: ANY_SIZE,
        fit: 'refuse',
        rank: 0,
        why: 'pearl 8 is bulky even through 110/18: it belongs on the bobbin',
      },
    ],
    cautions: ['Bobbin work: sew wrong side up.'],
  },
  'monofilament': {
    name: 'monofilament',
    thickMm: [0.03, 0.2],
    rules: [
      { types: null, sizesNm: [60, 70], fit: 'good', rank: 2, why: '60/8 to 70/10 for monofilament' },
      {
        types: null,
        sizesNm: [85, 150],
        fit: 'loose',
        rank: 0,
        why: 'a big hole shows under a clear thread',
      },
    ],
    cautions: ['It stretches and puckers: lowest tension. Clear on light cloth, smoke on dark.'],
  },
}

/**
 * What the practice table says of a needle for a class of thread; null where it is silent.
 *
 * @param thickMm - how thick the thread is; of a flat metallic its width.
 *
 * @example
 * practiceFor('metallic', 'metallic', 90, 0.2)?.rank // 1
 */
export function practiceFor(
  threadClass: ThreadClass,
  type: NeedleType,
  sizeNm: number,
  thickMm: number,
): PracticeRule | null {
  if (!isInPractice(threadClass, thickMm)) return null
  return (
    PRACTICE[threadClass].rules.find(
      ({ types, sizesNm: [min, max] }) =>
        (types === null || types.includes(type)) && sizeNm >= min && sizeNm <= max,
    ) ?? null
  )
}

/** Whether the table's row was made for a thread this thick. */
export function isInPractice(threadClass: ThreadClass, thickMm: number): boolean {
  const [least, most] = PRACTICE[threadClass].thickMm
  return thickMm >= least && thickMm <= most
}
