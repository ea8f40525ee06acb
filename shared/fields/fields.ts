import { en } from 'zod/locales'
import * as z from 'zod/mini'
import type { LengthUnit } from '#core/units'

// The small edition of Zod brings no words of its own.
z.config(en())

/** Limits of what a person may type, one place for forms, files, database and server. */
export const LIMITS = {
  maxWidthMm: [3, 12],
  openingMm: [1, 20],
  gapMm: [0.5, 10],
  sizeNm: [50, 150],
  widthMm: [0, 12],
  lengthMm: [0.1, 20],
  positionMm: [-6, 6],
  marginMm: [0, 5],
  clearanceMm: [0, 5],
  tex: [0.5, 5000],
  diameterMm: [0.02, 5],
  runMm: [1, 10_000],
  thicknessMm: [0.01, 30],
  dropMm: [-500, 500],
  seamM: [0.01, 10_000],
  stitchesPerMinute: [10, 5000],
  feedFactor: [0.2, 5],
  widthFactor: [0.5, 2],
  metres: [0, 1_000_000],
  hours: [0, 1000],
  count: [0, 999],
  bobbinMm: [1, 100],
  needlePositions: [1, 99],
  dropShare: [-0.5001, 0.5001],
  dropAlong: [-10_000, 10_000],
  repeat: [0.01, 10_000],
  sideMm: [0.1, 10_000],
  dialLengthMm: [0.05, 20],
  missMm: [0, 10],
  pieceMm: [1, 10_000],
  spacingMm: [0.1, 10_000],
  edgeMm: [0, 10_000],
  reserveMm: [0, 1000],
  readMm: [0, 10],
  pitchMm: [0.1, 20],
  grooves: [1, 99],
  tucks: [1, 500],
  copies: [1, 999],
  sewn: [0, 999],
  angleDeg: [-179, 179],
  latticeDeg: [1, 90],
  toleranceMm: [0.1, 1000],
  shapeMm: [1, 5000],
  humpMm: [0.1, 20],
  cordMm: [0.1, 20],
  rowMm: [0.1, 1000],
  guideMm: [-200, 200],
  stepMm: [0.001, 10],
  outlineMm: [-10_000, 10_000],
  biteMm: [0, 12],
  pointDeg: [1, 180],
  mmPerUnit: [1e-6, 1000],
  rowGapMm: [0, 20],
  overlapMm: [-100, 100],
  bandMm: [0.1, 1000],
  bandToleranceMm: [0, 100],
  stackWidthMm: [0.01, 100],
  changeMinutes: [0, 1000],
  jobMinutes: [0.1, 10_000],
  dayMinutes: [0, 1440],
  ribbonMm: [0.5, 500],
  px: [-100_000, 100_000],
  clickPx: [0, 100],
  formMm: [2, 2000],
  formCount: [3, 24],
  letterMm: [3, 1000],
  letterGapMm: [-50, 200],
  turnDeg: [-360, 360],
  outsideMm: [0, 5],
  allowanceMm: [0, 50],
  insetMm: [0, 50],
  overlap: [0, 12],
  stemMm: [10, 2000],
  bowMm: [-1000, 1000],
  vaneMm: [2, 1000],
  leanDeg: [5, 90],
} as const satisfies Record<string, readonly [number, number]>

export type LimitName = keyof typeof LIMITS

/** Lengths marked or cut on cloth: typed in the unit in use. All others are the machine's, in mm. */
const ON_CLOTH: ReadonlySet<LimitName> = new Set<LimitName>([
  'runMm',
  'sideMm',
  'pieceMm',
  'spacingMm',
  'edgeMm',
  'reserveMm',
  'toleranceMm',
  'shapeMm',
  'rowMm',
  'guideMm',
  'outlineMm',
  'overlapMm',
  'bandMm',
  'bandToleranceMm',
  'ribbonMm',
  'formMm',
  'letterMm',
  'letterGapMm',
  'allowanceMm',
  'insetMm',
  'stemMm',
  'bowMm',
  'vaneMm',
])

/** What a stitch length is typed within. */
const STITCH_LENGTHS: ReadonlySet<LimitName> = new Set<LimitName>(['lengthMm', 'dialLengthMm'])
export const isStitchLength = (limit: LimitName): boolean => STITCH_LENGTHS.has(limit)

/** The unit a length within this limit is typed in. */
export const unitFor = (limit: LimitName, cloth: LengthUnit): LengthUnit =>
  ON_CLOTH.has(limit) ? cloth : 'mm'

/** How long a name and a note may be, in characters; how many layers of cloth lie under the foot, and
 * how many of something else under them. */
export const MOST_NAME = 80
export const MOST_NOTE = 500
export const MOST_LAYERS = 20
export const MOST_UNDER = 6

/** A length or size in its range; the message names limit and mend. */
export function within(name: LimitName) {
  const [min, max] = LIMITS[name]
  const message = `must be a number from ${min} to ${max}`
  return z.number({ error: message }).check(z.gte(min, message), z.lte(max, message))
}

/** A whole number in its range. */
export function wholeWithin(name: LimitName) {
  const [min, max] = LIMITS[name]
  const message = `must be a whole number from ${min} to ${max}`
  return z.int({ error: message }).check(z.gte(min, message), z.lte(max, message))
}

/** A measured value, or null: not measured. */
export const measured = (name: LimitName) => z.nullable(within(name))

export const idField = z.string().check(z.regex(/^[\w-]{1,64}$/, 'must be 1 to 64 letters, digits, - or _'))

/** Names are text, never markup: shown escaped, kept as typed. */
export const nameField = z.string({ error: 'must be text' }).check(
  z.trim(),
  z.minLength(1, 'needs a name'),
  z.maxLength(MOST_NAME, `must be at most ${MOST_NAME} characters`),
  // eslint-disable-next-line no-control-regex
  z.refine(text => !/[\u0000-\u001f\u007f]/.test(text), 'must not hold control characters'),
  // What joins or directs letters shows nothing by itself.
  z.refine(
    text => text === '' || /[\p{L}\p{N}\p{P}\p{S}]/u.test(text),
    'needs a letter or a sign one can see',
  ),
)

const NO_MOMENT = 'must be a date and time such as 2026-03-01T10:00:00Z'
const FIRST_YEAR = 1970
const LAST_YEAR = 2199
/** A moment as written down, in a year anybody sews in. */
export const momentField = z.iso.datetime({ offset: true, error: NO_MOMENT }).check(
  z.refine(moment => {
    const year = new Date(moment).getUTCFullYear()
    return year >= FIRST_YEAR && year <= LAST_YEAR
  }, NO_MOMENT),
)
export const hexField = z.string().check(z.regex(/^#[0-9a-f]{6}$/i, 'must be a colour such as #2b4c7e'))
