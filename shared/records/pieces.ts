import * as z from 'zod/mini'
import { findStitch } from '#core/stitch'
import { MOST_POINTS } from '#core/topstitch'
import { idField, measured, momentField, MOST_NOTE, nameField, wholeWithin, within } from '../fields'
import { type Reference, setupReferences, setupSchema, setupWithout } from '../setup'
import { feedSchema } from './feed'
import { table } from './manifest'
import { type BandPiece, type BandPieceRow, bandSchema } from './pieceBand'
import { type EdgePiece, edgeSchema } from './pieceEdge'
import { linesSchema } from './pieceLines'
import { photoFields } from './reading'
import { takeUpSchema } from './swatches'

/** Nothing but its setup: one seam, a line, a row. */
const seamSchema = z.strictObject({ kind: z.literal('seam') })

const MOST_HEIGHTS = 12
const MOST_HUMPS = 20
const MOST_ROWS = 12
const MOST_SIDES = 40

const pintucksSchema = z.strictObject({
  kind: z.literal('pintucks'),
  wanted: z.discriminatedUnion('by', [
    z.strictObject({ by: z.literal('count'), count: wholeWithin('tucks') }),
    z.strictObject({ by: z.literal('fill'), fillMm: within('edgeMm') }),
  ]),
  spacingMm: within('spacingMm'),
  group: z.nullable(z.strictObject({ of: wholeWithin('tucks'), gapMm: within('spacingMm') })),
  /** null: as wide as the tucks. */
  pieceMm: measured('pieceMm'),
  /** From the left edge to the first tuck; null: centred. */
  edgeMm: measured('edgeMm'),
  tallMm: within('pieceMm'),
  reserveMm: within('reserveMm'),
  takeUp: z.nullable(takeUpSchema),
  cordMm: measured('cordMm'),
  /** How well the blank should be known, either way. */
  toleranceMm: within('toleranceMm'),
  /** Kept free of tucks at the left and at the right: a fold, fasteners. */
  freeLeftMm: within('edgeMm'),
  freeRightMm: within('edgeMm'),
  /** The pattern piece's width at heights from its lower edge. */
  widths: z
    .array(z.strictObject({ atMm: within('edgeMm'), widthMm: within('pieceMm') }))
    .check(z.maxLength(MOST_HEIGHTS, `has at most ${MOST_HEIGHTS} heights`)),
  /** Tucks in a second direction; null: none. */
  second: z.nullable(z.strictObject({ angleDeg: within('latticeDeg'), spacingMm: within('spacingMm') })),
  /** Tucks that do not run from edge to edge, by their number from the left. */
  runs: z
    .array(z.strictObject({ tuck: wholeWithin('tucks'), fromMm: within('edgeMm'), toMm: within('edgeMm') }))
    .check(z.maxLength(500)),
})

const pointSchema = z.strictObject({ x: within('outlineMm'), y: within('outlineMm') })
const shapeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('rectangle'), wideMm: within('shapeMm'), tallMm: within('shapeMm') }),
  z.strictObject({
    kind: z.literal('pocket'),
    wideMm: within('shapeMm'),
    tallMm: within('shapeMm'),
    corners: z.enum(['square', 'cut', 'round']),
    cornerMm: within('shapeMm'),
  }),
  z.strictObject({
    kind: z.literal('collar'),
    wideMm: within('shapeMm'),
    tallMm: within('shapeMm'),
    spreadMm: within('guideMm'),
  }),
  z.strictObject({ kind: z.literal('strip'), lengthMm: within('shapeMm') }),
  z.strictObject({ kind: z.literal('circle'), diameterMm: within('shapeMm') }),
  z.strictObject({
    kind: z.literal('typed'),
    sides: z
      .array(z.strictObject({ lengthMm: within('sideMm'), turnDeg: within('angleDeg') }))
      .check(
        z.minLength(1, 'needs at least one side'),
        z.maxLength(MOST_SIDES, `has at most ${MOST_SIDES} sides`),
      ),
    closed: z.boolean(),
  }),
  z.strictObject({
    kind: z.literal('drawn'),
    pointsMm: z
      .array(pointSchema)
      .check(
        z.minLength(2, 'needs at least two points'),
        z.maxLength(MOST_POINTS, `has at most ${MOST_POINTS}`),
      ),
    closed: z.boolean(),
  }),
])

const topstitchingSchema = z.strictObject({
  kind: z.literal('topstitching'),
  shape: shapeSchema,
  rowsMm: z
    .array(within('rowMm'))
    .check(z.minLength(1, 'needs at least one row'), z.maxLength(MOST_ROWS, `has at most ${MOST_ROWS} rows`)),
  mostMissMm: within('missMm'),
  /** As many stitches in every row of a side. */
  alike: z.boolean(),
  /** The least stitch one would have in the inner row of a curve. */
  leastMm: within('dialLengthMm'),
  corner: z.enum(['steps', 'crossed', 'passes']),
  feed: z.nullable(feedSchema),
  humps: z
    .array(z.strictObject({ atMm: within('edgeMm'), wideMm: within('edgeMm'), stepMm: within('humpMm') }))
    .check(z.maxLength(MOST_HUMPS, `has at most ${MOST_HUMPS} humps`)),
  /** Rows over an area instead of along an edge; null: along the edge. */
  area: z.nullable(
    z.strictObject({
      acrossMm: within('pieceMm'),
      alongMm: within('pieceMm'),
      distanceMm: within('rowMm'),
      marginMm: within('edgeMm'),
      sagMm: within('edgeMm'),
    }),
  ),
})

export const planSchema = z.discriminatedUnion('kind', [
  seamSchema,
  pintucksSchema,
  topstitchingSchema,
  edgeSchema,
  linesSchema,
  bandSchema,
])

/** One bit of sewing: what it is sewn with, and its plan where its kind has one. */
const pieceSchema = z.strictObject({
  id: idField,
  /** Empty: nobody named it, and it is called after its job and day. */
  name: z.union([z.literal(''), nameField]),
  plan: planSchema,
  setup: setupSchema,
  copies: wholeWithin('copies'),
  /** How many of them are sewn. */
  sewn: wholeWithin('sewn'),
  note: z.string().check(z.maxLength(MOST_NOTE, `must be at most ${MOST_NOTE} characters`)),
  photos: photoFields,
  /** null: nobody noted it. */
  begunAt: z.nullable(momentField),
})
type PieceContent = z.output<typeof pieceSchema>
export type PintuckPiece = z.output<typeof pintucksSchema>
export type TopstitchPiece = z.output<typeof topstitchingSchema>

/** Cloths of an appliqué. */
function edgeReferences({ parts }: EdgePiece) {
  return parts.flatMap(({ clothId }) => (clothId ? [{ table: 'cloths' as const, id: clothId }] : []))
}

/** Needles, threads and stitches of one's own that single rows are sewn with. */
function bandReferences({ rows }: BandPiece) {
  return rows.flatMap(({ stitchId, needleId, leftId, rightId }) => [
    ...(findStitch(stitchId) ? [] : [{ table: 'stitches' as const, id: stitchId }]),
    ...(needleId ? [{ table: 'needles' as const, id: needleId }] : []),
    ...[leftId, rightId].flatMap(id => (id ? [{ table: 'threads' as const, id }] : [])),
  ])
}

function referencesOf({ setup, plan }: PieceContent): Reference[] {
  return [
    ...setupReferences(setup),
    ...(plan.kind === 'edge' ? edgeReferences(plan) : []),
    ...(plan.kind === 'band' ? bandReferences(plan) : []),
  ]
}

/** The piece without one thing it points at: it opens, and what is missing is chosen anew. */
function pieceWithout(piece: PieceContent, gone: Reference): PieceContent {
  return { ...piece, setup: setupWithout(piece.setup, gone), plan: planWithout(piece.plan, gone) }
}
function planWithout(plan: PieceContent['plan'], { table: from, id }: Reference): PieceContent['plan'] {
  const kept = (value: string | null) => (value === id ? null : value)
  if (plan.kind === 'edge' && from === 'cloths')
    return { ...plan, parts: plan.parts.map(part => ({ ...part, clothId: kept(part.clothId) })) }
  if (plan.kind !== 'band') return plan
  const rowWithout = (row: BandPieceRow): BandPieceRow => ({
    ...row,
    stitchId: row.stitchId === id ? 'straight' : row.stitchId,
    needleId: kept(row.needleId),
    leftId: kept(row.leftId),
    rightId: kept(row.rightId),
  })
  return { ...plan, rows: plan.rows.map(rowWithout) }
}

export const pieces = table({
  schema: pieceSchema,
  since: 7,
  blank: null,
  holdsSetup: 'inside',
  refersTo: {
    find: referencesOf,
    whenGone: pieceWithout,
    // What a named piece needs stays as long as the piece does.
    holds: ({ name }) => name !== '',
  },
  words: { one: 'piece', many: 'pieces' },
  demo: true,
})
