import {
  type CountedStitches,
  type DialScale,
  type FitPlan,
  partsWords,
  planParts,
  planWords,
} from '#core/fit'
import {
  brokenLine,
  circle,
  DASHED,
  type Drawing,
  keyBelow,
  keyLines,
  line,
  type Mark,
  markingStrip,
  path,
  text,
} from '#core/paper'
import type { Point } from '#core/plane'
import { boundsOf, type Region } from '#core/shape'
import type { EdgePlan } from './planEdge'
import type { SewnLeg } from './sewnOrder'

const PAD_MM = 8
const ARROW_MM = 7
const NUMBER_MM = 3
/** Beside the arrow, and within what stands free round the drawing. */
const NUMBER_OFF_MM = 5.5
const ORDER_WIDE_MM = 170
const ORDER_LINE_MM = 6
const ORDER_CHARS = 84

/** Places of the drawing on paper, y down; mirrored as fusible paper wants it. */
function onto(ways: readonly (readonly Point[])[], mirrored: boolean) {
  const { left, right, foot, top } = boundsOf(ways)
  const place = ({ x, y }: Point): Point => ({
    x: (mirrored ? right - x : x - left) + PAD_MM,
    y: top - y + PAD_MM,
  })
  return { place, wideMm: right - left + 2 * PAD_MM, tallMm: top - foot + 2 * PAD_MM }
}

function ringMark(ring: readonly Point[], closed: boolean, lineMm: number, dashed = false): Mark {
  const steps = ring.map(({ x, y }, i) => [i === 0 ? 'M' : 'L', x, y] as const)
  return path({ steps: closed ? [...steps, ['Z']] : steps, lineMm, dashMm: dashed ? DASHED : null })
}

/** An edge as it is printed with its stitches. */
export interface EdgeSheet {
  readonly title: string
  /** Every cloth, from the lowest. */
  readonly regions: readonly Region[]
  readonly plan: EdgePlan
  /** Words for each side, by stretch. */
  readonly sides: readonly (readonly string[])[]
  /** The first stitch point of each stretch, among all. */
  readonly starts: readonly (number | null)[]
  readonly backwards: boolean
}

/**
 * The shapes at true size with every stitch point and bite, where to begin and which way, points, and the
 * number of each side; below, what is counted along each.
 *
 * @example
 * tiledSheets(edgeDrawing(sheet), 'a4')
 */
export function edgeDrawing({ title, regions, plan, sides, starts, backwards }: EdgeSheet): Drawing {
  const ways = [
    ...regions.flat(),
    ...plan.stretches.flatMap(stretch => stretch.sides.map(({ pathMm }) => pathMm)),
  ]
  const { place, wideMm, tallMm } = onto(ways, false)
  const landed = plan.landings.flatMap((landing, i): Mark[] => {
    const [at, tip] = [place(landing), place(plan.tips[i]!)]
    const bite =
      at.x === tip.x && at.y === tip.y
        ? []
        : [line({ x1: at.x, y1: at.y, x2: tip.x, y2: tip.y, lineMm: 0.15 })]
    return [circle({ ...at, radiusMm: landing.isPoint ? 0.7 : 0.35, lineMm: 0.2 }), ...bite]
  })
  const key = keyBelow(keyLines(sides.flat()), PAD_MM, tallMm)
  const arrows = starts.flatMap(start => (start === null ? [] : arrowAt(plan, start, backwards, place)))
  return {
    title,
    wideMm: Math.max(wideMm, key.wideMm),
    tallMm: tallMm + key.tallMm,
    marks: [
      ...regions.flat().map(ring => ringMark(ring.map(place), true, 0.4)),
      ...landed,
      ...numbersOf(plan, place),
      ...key.marks,
      ...arrows,
    ],
  }
}

/** The number of each side, outside: the stitches reach inwards. */
function numbersOf({ stretches, landings }: EdgePlan, place: (p: Point) => Point): Mark[] {
  let number = 0
  return stretches.flatMap(({ from, sides }, s) => {
    const own = landings.slice(from, stretches[s + 1]?.from ?? landings.length)
    return sides.flatMap((_, side): Mark[] => {
      number += 1
      const landed = own.filter(landing => landing.side === side)
      const middle = landed[Math.floor(landed.length / 2)]
      if (!middle) return []
      const { x, y, inward } = middle
      const at = place({ x: x - NUMBER_OFF_MM * inward.x, y: y - NUMBER_OFF_MM * inward.y })
      const size = { sizeMm: NUMBER_MM, mostMm: 10 }
      const onLine = { x: at.x, y: at.y + NUMBER_MM / 3 }
      return [text({ ...onLine, text: String(number), ...size, anchor: 'middle', bold: true })]
    })
  })
}

/** An arrow along the edge where it is begun, beside it. */
function arrowAt(
  { landings }: EdgePlan,
  start: number,
  backwards: boolean,
  place: (p: Point) => Point,
): Mark[] {
  const { x, y, inward } = landings[start]!
  const way = backwards ? -1 : 1
  const from = { x: x - 2 * inward.x, y: y - 2 * inward.y }
  // Along the edge: the inward direction turned back by a right angle.
  const to = { x: from.x + way * ARROW_MM * inward.y, y: from.y - way * ARROW_MM * inward.x }
  const [a, b] = [place(from), place(to)]
  return [
    line({ x1: a.x, y1: a.y, x2: b.x, y2: b.y, lineMm: 0.6 }),
    circle({ ...a, radiusMm: 1, lineMm: 0.6 }),
  ]
}

/**
 * What is cut out: each cloth’s outline at true size, mirrored where it is drawn on fusible paper.
 *
 * @param names - of each cloth, said inside it.
 *
 * @example
 * tiledSheets(templateDrawing('Leaf', [leaf], ['felt'], true), 'a4')
 */
export function templateDrawing(
  title: string,
  regions: readonly Region[],
  names: readonly string[],
  mirrored: boolean,
): Drawing {
  const { place, wideMm, tallMm } = onto(regions.flat(), mirrored)
  const marks = regions.flatMap((region, i): Mark[] => {
    const { left, right, foot, top } = boundsOf(region)
    const middle = place({ x: (left + right) / 2, y: (foot + top) / 2 })
    return [
      ...region.map(ring => ringMark(ring.map(place), true, 0.4)),
      text({ ...middle, text: names[i] ?? '', sizeMm: 3.4, mostMm: right - left, anchor: 'middle' }),
    ]
  })
  return { title, wideMm, tallMm, marks }
}

/**
 * Where each cloth lies on the background fabric: numbered from the lowest, what is covered dashed.
 *
 * @param seen - the stretches of edge that are seen.
 *
 * @example
 * tiledSheets(placementDrawing('Lantern', regions, seen), 'a4')
 */
export function placementDrawing(
  title: string,
  regions: readonly Region[],
  seen: readonly { readonly pointsMm: readonly Point[]; readonly closed: boolean }[],
): Drawing {
  const { place, wideMm, tallMm } = onto(regions.flat(), false)
  const numbers = regions.map((region, i) => {
    const { left, right, foot, top } = boundsOf(region)
    const middle = place({ x: (left + right) / 2, y: (foot + top) / 2 })
    return text({ ...middle, text: String(i + 1), sizeMm: 6, mostMm: 20, anchor: 'middle', bold: true })
  })
  return {
    title,
    wideMm,
    tallMm,
    marks: [
      ...regions.flat().map(ring => ringMark(ring.map(place), true, 0.2, true)),
      ...seen.map(({ pointsMm, closed }) => ringMark(pointsMm.map(place), closed, 0.5)),
      ...numbers,
    ],
  }
}

/**
 * A strip to lay along a stretch as one lays a string: a tick at every stitch point, a side’s stitches at
 * its end.
 *
 * @example
 * tiledSheets(edgeStrip('Leaf', plan, 0, words), 'a4')
 */
export function edgeStrip(title: string, plan: EdgePlan, stretch: number, words: readonly string[]): Drawing {
  const { from, lengthMm } = plan.stretches[stretch]!
  const to = plan.stretches[stretch + 1]?.from ?? plan.landings.length
  const marks = plan.landings.slice(from, to).map(({ alongMm, isPoint, side }, i) => ({
    atMm: alongMm,
    words: i === 0 || isPoint ? (words[side] ?? '') : '',
  }))
  return markingStrip(title, Math.max(1, lengthMm), marks)
}

/**
 * What is sewn in which order, line by line.
 *
 * @example
 * tiledSheets(orderDrawing('Leaf', ['1. Leaf: 14 × 5, turn']), 'a4')
 */
export function orderDrawing(title: string, said: readonly string[]): Drawing {
  const lines = said.flatMap(words => brokenLine(words, ORDER_CHARS))
  return {
    title,
    wideMm: ORDER_WIDE_MM,
    tallMm: 14 + lines.length * ORDER_LINE_MM,
    marks: [
      text({ x: 0, y: 6, text: title, sizeMm: 5.5, mostMm: ORDER_WIDE_MM, bold: true }),
      ...lines.map((words, i) =>
        text({ x: 0, y: 14 + i * ORDER_LINE_MM, text: words, sizeMm: 4, mostMm: ORDER_WIDE_MM }),
      ),
    ],
  }
}

/** What a side may miss its point by before its words say that it is helped along, in mm. */
const HELPED_MM = 0.3

/** A side's stitches as one dials them, and what is said with them: '' or “ even”, “, 0.5 held back”. */
export interface SideStitches {
  readonly parts: readonly CountedStitches[]
  readonly note: string
}

/**
 * The stitches of each side as one dials them; what an even length off the dial, or a side that is helped
 * along by hand, asks for is said with it.
 *
 * @param scale - how what lies between two stitch points stands on the dial.
 *
 * @example
 * sideStitches(plan.stretches[0], PLAIN_SCALE, formatShort)[0].parts[0].dialled // '12 × 5'
 */
export function sideStitches(
  { sides }: Pick<EdgePlan['stretches'][number], 'sides'>,
  scale: DialScale,
  length: (mm: number) => string,
): SideStitches[] {
  return sides.map(({ plan, straighter, stitches, evenMm }) => {
    const even = [{ count: stitches, lengthMm: evenMm }]
    if (!plan) return { parts: planParts({ parts: even }, length, scale), note: ' even' }
    const parts = straighter === 'first' ? plan.parts.toReversed() : plan.parts
    return { parts: planParts({ parts }, length, scale), note: helpedWords(plan, length) }
  })
}

/**
 * The same in one line a side: “14 × 5, 2 × 6”.
 *
 * @example
 * sideWords(plan.stretches[0], PLAIN_SCALE, formatShort)[0] // '12 × 5'
 */
export const sideWords = (...of: Parameters<typeof sideStitches>): string[] =>
  sideStitches(...of).map(({ parts, note }) => `${partsWords(parts)}${note}`)

function helpedWords(plan: FitPlan | null, length: (mm: number) => string): string {
  const missMm = plan?.missMm ?? 0
  if (Math.abs(missMm) <= HELPED_MM) return ''
  const mm = length(Math.round(10 * Math.abs(missMm)) / 10)
  if (plan?.eased === 'last') return `, the last ${mm} ${missMm > 0 ? 'longer' : 'shorter'}`
  return `, ${mm} ${missMm > 0 ? 'drawn out' : 'held back'}`
}

/**
 * A stretch in one line as it is sewn, from where it is begun: “6 × 5, turn; 12 × 5, turn; 6 × 5, end”. What
 * is helped along by hand stands with the last of a side.
 *
 * @param legs - from `sewnOrder`.
 * @param scale - how what lies between two stitch points stands on the dial.
 *
 * @example
 * orderWords(plan.stretches[0], sewnOrder(plan.stretches[0], 6, false), PLAIN_SCALE, formatShort)
 */
export function orderWords(
  { sides }: Pick<EdgePlan['stretches'][number], 'sides'>,
  legs: readonly SewnLeg[],
  scale: DialScale,
  length: (mm: number) => string,
): string {
  return legs
    .map(({ side, parts, then }, i) => {
      const isLastOfSide = !legs.slice(i + 1).some(leg => leg.side === side)
      const helped = isLastOfSide ? helpedWords(sides[side]!.plan, length) : ''
      return `${planWords({ parts }, length, scale)}${helped}, ${then}`
    })
    .join('; ')
}
