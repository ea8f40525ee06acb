import * as z from 'zod/mini'
import { SATIN_TURNS } from '#core/edge'
import { FORM_IDS, MOST_LETTERS } from '#core/shape'
import { hexField, idField, MOST_NAME, wholeWithin, within } from '../fields'
import { drawnPointSchema, MOST_DRAWN, pathField } from './drawn'
import { feedSchema } from './feed'

const MOST_PARTS = 30
const MOST_STRING_SIDES = 60
const MOST_SETTLED = 2000

/** What is cut out and sewn on: the shape of one cloth. */
const cutSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('form'),
    form: z.enum(FORM_IDS),
    wideMm: within('formMm'),
    tallMm: within('formMm'),
    count: wholeWithin('formCount'),
  }),
  z.strictObject({
    kind: z.literal('letters'),
    text: z
      .string()
      .check(
        z.minLength(1, 'needs a letter'),
        z.maxLength(MOST_LETTERS, `has at most ${MOST_LETTERS} letters`),
      ),
    font: z.enum(['serif', 'plain']),
    tallMm: within('letterMm'),
    spacingMm: within('letterGapMm'),
  }),
  z.strictObject({
    kind: z.literal('drawn'),
    points: z
      .array(drawnPointSchema)
      .check(
        z.minLength(3, 'needs at least three points'),
        z.maxLength(MOST_DRAWN, `has at most ${MOST_DRAWN} points`),
      ),
  }),
  z.strictObject({ kind: z.literal('path'), path: pathField, mmPerUnit: within('mmPerUnit') }),
  /** Measured with a string: lengths from point to point, and no drawing. */
  z.strictObject({
    kind: z.literal('string'),
    sidesMm: z
      .array(within('sideMm'))
      .check(
        z.minLength(1, 'needs at least one side'),
        z.maxLength(MOST_STRING_SIDES, `has at most ${MOST_STRING_SIDES} sides`),
      ),
    closed: z.boolean(),
  }),
])

/** One cloth of an appliqué, where it lies. */
const partSchema = z.strictObject({
  name: z.string().check(z.maxLength(MOST_NAME, `must be at most ${MOST_NAME} characters`)),
  cut: cutSchema,
  x: within('outlineMm'),
  y: within('outlineMm'),
  turnDeg: within('turnDeg'),
  flipped: z.boolean(),
  clothId: z.nullable(idField),
  /** null: as its cloth is. */
  hex: z.nullable(hexField),
})

/** Stitches along the edges of an appliqué; which, how wide and how long, its setup says. */
export const edgeSchema = z.strictObject({
  kind: z.literal('edge'),
  /** From the lowest to the one on top. */
  parts: z
    .array(partSchema)
    .check(z.minLength(1, 'needs a shape'), z.maxLength(MOST_PARTS, `has at most ${MOST_PARTS} shapes`)),
  /** How far outside the edge the outer side of its stitch lies. */
  outsideMm: within('outsideMm'),
  /** How far inside the edge a straight stitch runs. */
  insetMm: within('insetMm'),
  pointDeg: within('pointDeg'),
  clearanceMm: within('clearanceMm'),
  mostMissMm: within('missMm'),
  /** Which of the best ways is sewn, the first being 0. */
  way: wholeWithin('count'),
  /** Against the clock, as it is drawn. */
  backwards: z.boolean(),
  /** Where a stretch begins, in mm along it; the others begin where it is best. */
  starts: z
    .array(z.strictObject({ stretch: wholeWithin('count'), alongMm: within('edgeMm') }))
    .check(z.maxLength(MOST_SETTLED)),
  /** Runs whose stitches a person settled. */
  settled: z
    .array(
      z.strictObject({
        stretch: wholeWithin('count'),
        side: z.int().check(z.gte(0), z.lte(10_000)),
        parts: z
          .array(
            z.strictObject({
              count: z.int().check(z.gte(1), z.lte(100_000)),
              lengthMm: within('dialLengthMm'),
            }),
          )
          .check(z.minLength(1), z.maxLength(2)),
      }),
    )
    .check(z.maxLength(MOST_SETTLED)),
  /** Places that are points, or are none, whatever the turn. */
  corners: z
    .array(z.strictObject({ x: within('outlineMm'), y: within('outlineMm'), isPoint: z.boolean() }))
    .check(z.maxLength(MOST_SETTLED)),
  /** Whether bites fall at each needle position or half-way between two; null: as its stitch does. */
  bites: z.nullable(z.enum(['at', 'between'])),
  /** How satin is turned at points of so many degrees, where not as is offered for that angle. */
  turns: z
    .array(z.strictObject({ insideDeg: z.int().check(z.gte(0), z.lte(360)), how: z.enum(SATIN_TURNS) }))
    .check(z.maxLength(MOST_SETTLED)),
  /** Round a cloth whose edge is turned under; 0: raw. */
  allowanceMm: within('allowanceMm'),
  /** How far a cloth goes on under the one that lies over it. */
  underMm: within('allowanceMm'),
  /** Stitches sewn over the beginning at the end. */
  overlap: wholeWithin('overlap'),
  feed: z.nullable(feedSchema),
})

export type EdgePiece = z.output<typeof edgeSchema>
export type EdgePart = EdgePiece['parts'][number]
