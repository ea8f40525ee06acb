import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { bench, describe } from 'vitest'
import { edgeWays, planEdge } from '#core/edge'
import { lengthMarks, UNKNOWN_LENGTH_DIAL } from '#core/fit'
import { sewRuns } from '#core/lines'
import { CORNER_DEG, formRegion, placed, readFont, seenEdges } from '#core/shape'
import { findStitch } from '#core/stitch'
import { demoBackup } from '#shared/demo'
import { answerForEdge } from '#shared/inputs'
import type { EdgePiece } from '#shared/records'

const file = createRequire(import.meta.url).resolve(
  '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-800-normal.woff',
)
const bytes = readFileSync(file)
const font = readFont(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.length) as ArrayBuffer)
const rules = {
  marks: lengthMarks(UNKNOWN_LENGTH_DIAL),
  pointDeg: CORNER_DEG,
  clearanceMm: 0.5,
  mostMissMm: 0.25,
}
const stitch = { widthMm: 4, lengthMm: 3, bites: 'at' } as const
/** A wavy round of 2,000 points. */
const pointsMm = Array.from({ length: 2000 }, (_, i) => {
  const angle = (2 * Math.PI * i) / 2000
  const radius = 80 + 10 * Math.sin(9 * angle)
  return { x: radius * Math.cos(angle), y: radius * Math.sin(angle) }
})
const wave = { pointsMm, closed: true, clothOn: 'left' } as const
const leaf = {
  pointsMm: formRegion({ form: 'leaf', wideMm: 40, tallMm: 80, count: 5 })[0]!,
  closed: true,
  clothOn: 'left',
} as const
const lantern = demoBackup.records.pieces.find(({ id }) => id === 'demo-piece-lantern')!.plan as EdgePiece
const word: EdgePiece = {
  ...lantern,
  parts: [
    {
      ...lantern.parts[0]!,
      cut: { kind: 'letters', text: 'Hafenmusiken', font: 'plain', tallMm: 60, spacingMm: 4 },
    },
  ],
}
/** A stem with seven fronds: where they leave it, their tips, and its top are the fourteen odd places. */
const comb = Array.from({ length: 7 }, (_, i) => [
  { a: i, b: i + 1, lengthMm: 20 },
  { a: i, b: 8 + i, lengthMm: 11 + i },
]).flat()
const stack = Array.from({ length: 30 }, (_, i) =>
  placed(formRegion({ form: i % 2 ? 'heart' : 'star', wideMm: 60, tallMm: 60, count: 7 }), {
    x: 14 * (i % 6),
    y: 17 * Math.floor(i / 6),
    turnDeg: 13 * i,
    flipped: false,
  }),
)

const BLANKET = { kind: 'blanket', stitchId: 'blanket', widthMm: 4, lengthMm: 3 } as const

describe('edges and lines', () => {
  bench('an outline of 2,000 points', () => {
    planEdge([wave], stitch, rules)
  })
  bench('the best ways round 2,000 points', () => {
    edgeWays([wave], stitch, rules)
  })
  bench('the best ways round a leaf', () => {
    edgeWays([leaf], stitch, rules)
  })
  bench('a word of twelve letters', () => {
    answerForEdge(
      {
        plan: word,
        sewn: BLANKET,
        dial: UNKNOWN_LENGTH_DIAL,
        feedFactor: 1,
        stitch: findStitch('blanket')!,
        threadMm: 0.3,
      },
      () => font,
    )
  })
  bench('fourteen odd places', () => {
    sewRuns(15, comb, true)
  })
  bench('thirty shapes on each other', () => {
    stack.forEach((region, i) => seenEdges(region, stack.slice(i + 1)))
  })
})
