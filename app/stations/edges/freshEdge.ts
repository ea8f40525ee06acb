import { DEFAULT_CLEARANCE_MM, OUTSIDE_MM } from '#core/edge'
import { DEFAULT_MISS_MM } from '#core/fit'
import { CORNER_DEG } from '#core/shape'
import type { EdgePiece } from '#shared/records'
import { UNCHOSEN_PART_HEX } from './partLooks'

/**
 * The appliqué one begins with: a few leaves.
 *
 * @param usual - a round length where mm are used, and where inches are.
 */
export function freshEdge(usual: (mm: number, inches: number) => number): EdgePiece {
  return {
    kind: 'edge',
    parts: [
      {
        name: '',
        cut: { kind: 'form', form: 'leaf', wideMm: usual(40, 1.5), tallMm: usual(80, 3), count: 5 },
        x: 0,
        y: 0,
        turnDeg: 0,
        flipped: false,
        clothId: null,
        hex: UNCHOSEN_PART_HEX,
      },
    ],
    outsideMm: OUTSIDE_MM,
    insetMm: usual(3, 1 / 8),
    pointDeg: CORNER_DEG,
    clearanceMm: DEFAULT_CLEARANCE_MM,
    mostMissMm: DEFAULT_MISS_MM,
    way: 0,
    backwards: false,
    starts: [],
    settled: [],
    corners: [],
    bites: null,
    turns: [],
    allowanceMm: 0,
    underMm: usual(6, 1 / 4),
    overlap: 3,
    feed: null,
  }
}
