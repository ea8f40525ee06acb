import {
  feedFrom,
  fromRuler,
  fromScale,
  layerFrom,
  perMinuteFrom,
  type Quantity,
  texFrom,
  widthFactorFrom,
  wrapFrom,
} from '#core/measure'
import type { Measurement } from '#core/measured'
import type { Limit, LimitName } from '#shared/fields'

/** One number that is counted or read. */
interface AnyCountField {
  readonly id: string
  readonly label: string
  readonly usual: number | null
}
/** A length, typed in the unit one has. */
interface LengthCount extends AnyCountField {
  readonly lengthLimit: LimitName
}
interface NumberCount extends AnyCountField {
  readonly limit: Limit
  readonly whole?: boolean
  readonly unit?: string
}
export type CountField = LengthCount | NumberCount

/** A quantity that is counted: what to do, what is asked, what follows from it. */
export interface Count {
  readonly quantity: Quantity
  readonly how: string
  readonly fields: readonly CountField[]
  /** Throws a core error where a number is none. */
  readonly of: (numbers: Readonly<Record<string, number>>) => Measurement
  /** The number that is a dial's, where there is one. */
  readonly dial?: string
}

const MANY = { limit: [1, 1000], whole: true } as const
const RULER: LengthCount = { id: 'readMm', label: 'Ruler read to', lengthLimit: 'readMm', usual: 0.5 }

/** In the order of the trade: what is sewn, what is cut, what is wound, how fast. */
export const COUNTS: readonly Count[] = [
  {
    quantity: 'feed',
    how:
      'Sew 20 stitches on this cloth, in as many layers as will be sewn. Measure from the first hole to the '
      + 'last.',
    fields: [
      { id: 'sewnMm', label: 'They measure', lengthLimit: 'pieceMm', usual: null },
      { id: 'stitches', label: 'Stitches', ...MANY, usual: 20 },
      { id: 'dialledMm', label: 'Length on the dial', lengthLimit: 'dialLengthMm', usual: 3 },
      RULER,
    ],
    of: n => feedFrom(fromRuler(n.sewnMm!, n.readMm!), n.stitches!, n.dialledMm!),
    dial: 'dialledMm',
  },
  {
    quantity: 'width-factor',
    how:
      'Sew a wide zigzag with one needle on firm cloth with a stabilizer. Measure from a left hole straight '
      + 'across to the line of the right ones.',
    fields: [
      { id: 'sewnMm', label: 'It measures across', lengthLimit: 'pieceMm', usual: null },
      { id: 'dialledMm', label: 'Width on the dial', lengthLimit: 'dialLengthMm', usual: 5 },
      { ...RULER, usual: 0.2 },
    ],
    of: n => widthFactorFrom(fromRuler(n.sewnMm!, n.readMm!), n.dialledMm!),
    dial: 'dialledMm',
  },
  {
    quantity: 'cloth-thickness',
    how: 'Stack the cloth and press it flat with a book. Measure the stack at its edge.',
    fields: [
      { id: 'stackMm', label: 'The stack measures', lengthLimit: 'pieceMm', usual: null },
      { id: 'layers', label: 'Layers', ...MANY, usual: 16 },
      RULER,
    ],
    of: n => layerFrom(fromRuler(n.stackMm!, n.readMm!), n.layers!),
  },
  {
    quantity: 'thread-thickness',
    how: 'Wind it round a ruler, turn beside turn, touching but not pressed. Count the turns over a stretch.',
    fields: [
      { id: 'wraps', label: 'Turns', ...MANY, usual: null },
      { id: 'overMm', label: 'Over', lengthLimit: 'pieceMm', usual: 10 },
      RULER,
    ],
    of: n => wrapFrom(fromRuler(n.overMm!, n.readMm!), n.wraps!),
  },
  {
    quantity: 'tex',
    how: 'Weigh a measured length, or a full ball whose label gives its length.',
    fields: [
      { id: 'grams', label: 'It weighs', unit: 'g', limit: [0.001, 100_000], usual: null },
      { id: 'metres', label: 'Length of it', unit: 'm', limit: [0.1, 1_000_000], usual: null },
      { id: 'stepG', label: 'The scales show steps of', unit: 'g', limit: [0, 1000], usual: 0.1 },
      { id: 'offM', label: 'Length known to', unit: 'm', limit: [0, 1000], usual: 0.1 },
    ],
    of: n => texFrom(fromScale(n.grams!, n.stepG!), { value: n.metres!, spread: n.offM! / 2 }),
  },
  {
    quantity: 'speed',
    how: 'Sew a long straight stretch as you usually drive, and time it.',
    fields: [
      { id: 'sewnMm', label: 'Sewn', lengthLimit: 'pieceMm', usual: 1000 },
      { id: 'seconds', label: 'It took', unit: 's', limit: [1, 3600], usual: null },
      { id: 'stitchMm', label: 'One stitch', lengthLimit: 'dialLengthMm', usual: 2.5 },
    ],
    of: n => perMinuteFrom(n.sewnMm!, { value: n.stitchMm!, spread: 0 }, n.seconds!),
  },
]
