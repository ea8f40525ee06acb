/** What a measure is of: a record of the workbox, or nothing that is kept there. */
export type MeasuredThing = 'foot' | 'plate' | 'machine' | 'needle' | 'thread' | 'cloth' | 'swatch'

/** By what it was measured. */
export const MEASURE_WAYS = ['wedge', 'photo', 'counting', 'screen'] as const
export type MeasureWay = (typeof MEASURE_WAYS)[number]

export const WAY_WORDS: Readonly<Record<MeasureWay, string>> = {
  wedge: 'wedge gauge',
  photo: 'photo',
  counting: 'counting',
  screen: 'on screen',
}

/** One thing that can be measured. */
interface QuantityFact {
  readonly words: string
  readonly of: MeasuredThing | null
  readonly unit: 'mm' | 'tex' | 'factor' | 'per-minute'
  /** The best first. */
  readonly ways: readonly [MeasureWay, ...MeasureWay[]]
  /** How to lay it for a photo; empty: it is not photographed. */
  readonly laid: string
}

const FLAT = 'Lay the card flat beside it, both on the table.'
const UPSIDE_DOWN = 'Lay the foot upside down. Put the card beside it on a pad as high as the sole.'

/** Everything that is measured here, in the trade's words. */
const QUANTITIES = {
  'foot-opening': {
    words: 'Foot opening',
    of: 'foot',
    unit: 'mm',
    ways: ['wedge', 'photo'],
    laid: UPSIDE_DOWN,
  },
  'plate-opening': {
    words: 'Plate opening',
    of: 'plate',
    unit: 'mm',
    ways: ['wedge', 'photo'],
    laid: 'Lay the card on the plate, foot and needle off.',
  },
  'machine-opening': {
    words: 'Opening of the machine’s plate',
    of: 'machine',
    unit: 'mm',
    ways: ['wedge', 'photo'],
    laid: 'Lay the card on the plate, foot and needle off.',
  },
  'groove-pitch': {
    words: 'Groove to groove',
    of: 'foot',
    unit: 'mm',
    ways: ['photo'],
    laid: UPSIDE_DOWN,
  },
  'flange': { words: 'Needle to flange', of: 'foot', unit: 'mm', ways: ['photo'], laid: UPSIDE_DOWN },
  'toe-inside': {
    words: 'Needle to the toe’s inside',
    of: 'foot',
    unit: 'mm',
    ways: ['photo'],
    laid: UPSIDE_DOWN,
  },
  'toe-outside': {
    words: 'Needle to the toe’s outside',
    of: 'foot',
    unit: 'mm',
    ways: ['photo'],
    laid: UPSIDE_DOWN,
  },
  'needle-gap': {
    words: 'Gap between the needles',
    of: 'needle',
    unit: 'mm',
    ways: ['photo'],
    laid: 'Sew a straight row with it and photograph the two lines, the card beside them.',
  },
  'thread-thickness': {
    words: 'Thread thickness',
    of: 'thread',
    unit: 'mm',
    ways: ['counting', 'photo', 'screen'],
    laid: 'Wind the thread round a ruler. Lay the card beside it, as high as the ruler’s face.',
  },
  'tex': { words: 'Weight of the thread', of: 'thread', unit: 'tex', ways: ['counting'], laid: '' },
  'cloth-thickness': { words: 'One layer of cloth', of: 'cloth', unit: 'mm', ways: ['counting'], laid: '' },
  'feed': {
    words: 'Stitch length as sewn',
    of: 'cloth',
    unit: 'factor',
    ways: ['counting', 'photo'],
    laid: FLAT,
  },
  'width-factor': {
    words: 'Stitch width as sewn',
    of: 'machine',
    unit: 'factor',
    ways: ['counting', 'photo'],
    laid: FLAT,
  },
  'speed': {
    words: 'Stitches a minute',
    of: 'machine',
    unit: 'per-minute',
    ways: ['counting'],
    laid: '',
  },
  'take-up': { words: 'Take-up of tucks', of: 'swatch', unit: 'mm', ways: ['counting', 'photo'], laid: FLAT },
  'ribbon': { words: 'Ribbon or strip', of: null, unit: 'mm', ways: ['photo', 'screen'], laid: FLAT },
  'length': { words: 'Something else', of: null, unit: 'mm', ways: ['photo', 'screen'], laid: FLAT },
} as const satisfies Record<string, QuantityFact>

export type Quantity = keyof typeof QUANTITIES
export const QUANTITY_NAMES = Object.keys(QUANTITIES) as [Quantity, ...Quantity[]]

/** How a quantity is laid, by which ways it is measured, of what. */
export const quantityFact = (quantity: Quantity): QuantityFact => QUANTITIES[quantity]
