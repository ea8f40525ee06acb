import { checkLine, line, type Mark, type Paper, PAPERS, path, rect, type Sheet, text } from '#core/paper'
import { MM_PER_INCH } from '#core/units'
import { WEDGE_LONG_MM, type Wedge, WEDGES } from './wedge'

const MARGIN_MM = 12
const GRIP_LONG_MM = 22
const GRIP_TALL_MM = 15
/** Between two ticks. */
const TICK_STEP_MM = 0.1
const NUMBER_EVERY = 5
const FIRST_MM = 44
const APART_MM = 21

/** A frame of known size to lay beside what is photographed. */
export const FRAME = { wideMm: 120, tallMm: 80 } as const

const HOW = [
  'Print at 100 % on card. Cut along the middle of the lines. Machine off, needle out: slide a wedge into',
  'the opening, tip first and flat, until it stops by itself. Read the number at the opening’s edge.',
]

/**
 * The gauge, on one page: three wedges from 3 to 12 mm with a number at every half millimetre, a frame for
 * photos, on letter paper a scale of inches, and the line by which its printing is corrected.
 *
 * @example
 * wedgeSheets('a4').length // 1
 */
export function wedgeSheets(paper: Paper): Sheet[] {
  const { wideMm, tallMm } = PAPERS[paper]
  const frameTop = FIRST_MM + WEDGES.length * APART_MM + 16
  return [
    {
      wideMm,
      tallMm,
      marks: [
        text({ x: MARGIN_MM, y: 20, text: 'Wedge gauge', sizeMm: 7, mostMm: 120, bold: true }),
        ...HOW.map((words, i) =>
          text({ x: MARGIN_MM, y: 27 + i * 4.4, text: words, sizeMm: 3.4, mostMm: wideMm - 2 * MARGIN_MM }),
        ),
        ...WEDGES.flatMap((wedge, i) => wedgeMarks(wedge, MARGIN_MM, FIRST_MM + i * APART_MM)),
        ...frameMarks(frameTop),
        ...(paper === 'letter' ? inchScale(MARGIN_MM, frameTop + FRAME.tallMm + 12) : []),
        ...checkLine(MARGIN_MM, tallMm - MARGIN_MM, paper),
      ],
    },
  ]
}

/** Its tip at the left, its middle at `y`. */
function wedgeMarks({ number, fromMm, toMm }: Wedge, x: number, y: number): Mark[] {
  const end = x + WEDGE_LONG_MM
  const ticks = Math.round((toMm - fromMm) / TICK_STEP_MM)
  return [
    path({
      lineMm: 0.1,
      steps: [
        ['M', x, y - fromMm / 2],
        ['L', end, y - toMm / 2],
        ['L', end, y - GRIP_TALL_MM / 2],
        ['L', end + GRIP_LONG_MM, y - GRIP_TALL_MM / 2],
        ['L', end + GRIP_LONG_MM, y + GRIP_TALL_MM / 2],
        ['L', end, y + GRIP_TALL_MM / 2],
        ['L', end, y + toMm / 2],
        ['L', x, y + fromMm / 2],
        ['Z'],
      ],
    }),
    text({
      x: end + GRIP_LONG_MM / 2,
      y: y - 0.5,
      text: `Wedge ${number}`,
      sizeMm: 4,
      mostMm: GRIP_LONG_MM - 3,
      bold: true,
      anchor: 'middle',
    }),
    text({
      x: end + GRIP_LONG_MM / 2,
      y: y + 4.5,
      text: `${fromMm} to ${toMm} mm`,
      sizeMm: 3,
      mostMm: GRIP_LONG_MM - 3,
      anchor: 'middle',
    }),
    ...Array.from({ length: ticks + 1 }, (_, i) => tickMarks(fromMm, i, x, y, i === ticks)).flat(),
  ]
}

/** Where the wedge is `fromMm` and so many tenths wide; those with a number go all across. */
function tickMarks(fromMm: number, i: number, x: number, y: number, isLast: boolean): Mark[] {
  const mm = fromMm + i * TICK_STEP_MM
  const at = x + (i * TICK_STEP_MM * WEDGE_LONG_MM) / 3
  const isNumbered = i % NUMBER_EVERY === 0
  const tallMm = isNumbered ? mm / 2 : mm / 5
  const edges = [line({ x1: at, y1: y - mm / 2, x2: at, y2: y - mm / 2 + tallMm, lineMm: 0.12 })]
  if (!isNumbered) return edges
  return [
    line({ x1: at, y1: y - mm / 2, x2: at, y2: y + mm / 2, lineMm: 0.2 }),
    // Right of the last one the grip begins.
    text({
      x: isLast ? at - 0.6 : at + 0.6,
      y: y + 0.9,
      text: mm.toFixed(1),
      sizeMm: 2.5,
      mostMm: 7,
      bold: true,
      anchor: isLast ? 'end' : 'start',
    }),
  ]
}

function frameMarks(top: number): Mark[] {
  return [
    text({
      x: MARGIN_MM,
      y: top - 4,
      text: `Frame for photos, ${FRAME.wideMm} × ${FRAME.tallMm} mm outside: lay what you measure in it.`,
      sizeMm: 3.4,
      mostMm: 180,
    }),
    rect({
      x: MARGIN_MM + 0.5,
      y: top + 0.5,
      wideMm: FRAME.wideMm - 1,
      tallMm: FRAME.tallMm - 1,
      lineMm: 1,
    }),
  ]
}

const INCHES = 6
const SIXTEENTHS = 16
/** How far a tick reaches, in mm: the longer, the rounder its fraction. */
const TICKS_MM = [
  { every: 16, longMm: 6 },
  { every: 8, longMm: 4.5 },
  { every: 4, longMm: 3.4 },
  { every: 2, longMm: 2.4 },
  { every: 1, longMm: 1.6 },
] as const

/** Six inches in sixteenths, for what is measured on the same card. */
function inchScale(x: number, y: number): Mark[] {
  return Array.from({ length: INCHES * SIXTEENTHS + 1 }, (_, i) => {
    const at = x + (i * MM_PER_INCH) / SIXTEENTHS
    const { longMm } = TICKS_MM.find(({ every }) => i % every === 0)!
    const tick = line({ x1: at, y1: y, x2: at, y2: y + longMm, lineMm: 0.15 })
    if (i % SIXTEENTHS > 0) return [tick]
    const inches = i === 0 ? '0 in' : String(i / SIXTEENTHS)
    return [tick, text({ x: at + 0.8, y: y + 6, text: inches, sizeMm: 2.8, mostMm: 10 })]
  }).flat()
}
