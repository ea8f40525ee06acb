import { requireInRange } from '#core/errors'
import { DASHED, line, type Mark, text } from './marks'
import type { Drawing } from './tiling'

/** A place along an edge, and what stands beside it. */
export interface StripMark {
  readonly atMm: number
  readonly words: string
}

const TALL_MM = 34
const TICK_MM = 12
/** Words closer than this go by turns above and below. */
const ROOM_MM = 14

/**
 * A narrow strip to lay along an edge: a tick at each place, counted from its left end, so that errors do not
 * add up.
 *
 * @param lengthMm - of the edge, 1 to 10 000; its end is drawn too.
 *
 * @example
 * tiledSheets(markingStrip('Front', 320, [{ atMm: 21.6, words: '1' }]), 'a4')
 */
export function markingStrip(title: string, lengthMm: number, marks: readonly StripMark[]): Drawing {
  requireInRange(lengthMm, 'lengthMm', 1, 10_000)
  let row = 0
  const ticks = marks.flatMap(({ atMm, words }, i): Mark[] => {
    const crowded = i > 0 && atMm - marks[i - 1]!.atMm < ROOM_MM
    row = crowded ? (row + 1) % 2 : 0
    return [
      line({ x1: atMm, y1: 0, x2: atMm, y2: TICK_MM }),
      text({
        x: atMm,
        y: TICK_MM + 4 + row * 5,
        text: words,
        sizeMm: 3.4,
        mostMm: ROOM_MM * 2,
        anchor: anchorAt(atMm, lengthMm),
      }),
    ]
  })
  return {
    title,
    wideMm: lengthMm,
    tallMm: TALL_MM,
    marks: [
      line({ x1: 0, y1: 0, x2: lengthMm, y2: 0, lineMm: 0.5 }),
      line({ x1: 0, y1: 0, x2: 0, y2: TALL_MM, dashMm: DASHED }),
      line({ x1: lengthMm, y1: 0, x2: lengthMm, y2: TALL_MM, dashMm: DASHED }),
      ...ticks,
    ],
  }
}

/** At an end the words stand inwards: half of them would lie off the strip. */
function anchorAt(atMm: number, lengthMm: number): 'start' | 'middle' | 'end' {
  if (atMm < ROOM_MM) return 'start'
  return atMm > lengthMm - ROOM_MM ? 'end' : 'middle'
}
