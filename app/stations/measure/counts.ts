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
import type { LimitName } from '#shared/fields'

/** One number that is counted or read: a length by the unit one has, or a plain number. */
export interface CountField {
  readonly id: string
  readonly label: string
  /** Of a length; left out: a plain number. */
  readonly limit?: LimitName
  readonly unit?: string
  readonly usual: number | null
}

/** A quantity that is counted: what to do, what is asked, what comes of it. */
export interface Count {
  readonly quantity: Quantity
  readonly how: string
  readonly fields: readonly CountField[]
  /** Throws a core error where a number is none. */
  readonly of: (numbers: Readonly<Record<string, number>>) => Measurement
  /** The number that is a dial's, where there is one. */
  readonly dial?: string
}

const RULER: CountField = { id: 'readMm', label: 'Ruler read to', limit: 'readMm', usual: 0.5 }

/** In the order of the trade: what is sewn, what is cut, what is wound, how fast. */
export const COUNTS: readonly Count[] = [
  {
    quantity: 'feed',
    how:
      'Sew 20 stitches on this cloth, in as many layers as will be sewn. Measure from the first hole to the '
      + 'last.',
    fields: [
      { id: 'sewnMm', label: 'They measure', limit: 'pieceMm', usual: null },
      { id: 'stitches', label: 'Stitches', usual: 20 },
      { id: 'dialledMm', label: 'Length on the dial', limit: 'dialLengthMm', usual: 3 },
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
      { id: 'sewnMm', label: 'It measures across', limit: 'pieceMm', usual: null },
      { id: 'dialledMm', label: 'Width on the dial', limit: 'dialLengthMm', usual: 5 },
      { ...RULER, usual: 0.2 },
    ],
    of: n => widthFactorFrom(fromRuler(n.sewnMm!, n.readMm!), n.dialledMm!),
    dial: 'dialledMm',
  },
  {
    quantity: 'cloth-thickness',
    how: 'Fold or stack the cloth, press it flat with a book, and measure the stack at its edge.',
    fields: [
      { id: 'stackMm', label: 'The stack measures', limit: 'pieceMm', usual: null },
      { id: 'layers', label: 'Layers', usual: 16 },
      RULER,
    ],
    of: n => layerFrom(fromRuler(n.stackMm!, n.readMm!), n.layers!),
  },
  {
    quantity: 'thread-thickness',
    how: 'Wind it round a ruler, turn beside turn, touching but not pressed. Count the turns over a stretch.',
    fields: [
      { id: 'wraps', label: 'Turns', usual: null },
      { id: 'overMm', label: 'Over', limit: 'pieceMm', usual: 10 },
      RULER,
    ],
    of: n => wrapFrom(fromRuler(n.overMm!, n.readMm!), n.wraps!),
  },
  {
    quantity: 'tex',
    how: 'Weigh a length you measured, or a full ball whose label says how long it is.',
    fields: [
      { id: 'grams', label: 'It weighs', unit: 'g', usual: null },
      { id: 'metres', label: 'Length of it', unit: 'm', usual: null },
      { id: 'stepG', label: 'The scales show steps of', unit: 'g', usual: 0.1 },
      { id: 'offM', label: 'Length known to', unit: 'm', usual: 0.1 },
    ],
    of: n => texFrom(fromScale(n.grams!, n.stepG!), { value: n.metres!, spread: n.offM! / 2 }),
  },
  {
    quantity: 'speed',
    how: 'Sew a long straight stretch as you usually drive, and time it.',
    fields: [
      { id: 'sewnMm', label: 'Sewn', limit: 'pieceMm', usual: 1000 },
      { id: 'seconds', label: 'It took', unit: 's', usual: null },
      { id: 'stitchMm', label: 'One stitch', limit: 'dialLengthMm', usual: 2.5 },
    ],
    of: n => perMinuteFrom(n.sewnMm!, { value: n.stitchMm!, spread: 0 }, n.seconds!),
  },
]
