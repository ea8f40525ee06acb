import type { LaidRow, RibbonHold, RowGuide, RowLeg } from '#core/band'
import { type DialScale, planWords } from '#core/fit'
import type { BandNote } from '#shared/inputs'

/** A length as the user reads it. */
type Length = (mm: number) => string

/** To the hundredth a ruler never shows: sums of a computer end here. */
export const hundredth = (mm: number): number => Math.round(100 * mm) / 100
const percent = (share: number) => `${share < 0 ? '−' : '+'}${Math.abs(100 * share).toFixed(1)} %`
export const rowWord = (i: number): string => `row ${i + 1}`

const SAME_MM = 0.05
function missWords({ missMm }: Pick<LaidRow, 'missMm'>, length: Length): string {
  if (Math.abs(missMm) < SAME_MM) return 'ends whole'
  const mm = length(Math.abs(hundredth(missMm)))
  return missMm > 0 ? `${mm} to draw out` : `${mm} to hold back`
}

/** “60 patterns at 2.5” */
export const patternWords = ({ repeats, dialLengthMm }: RowLeg, bare: Length, scale: DialScale): string =>
  planWords({ parts: [{ count: repeats, lengthMm: dialLengthMm }] }, bare, scale)

/** How a leg ends: “ends whole”, “1.2 mm to draw out”, “2.0 mm bare”. */
export const endWords = (leg: RowLeg, length: Length): string =>
  leg.bareMm > 0 ? `${length(hundredth(leg.bareMm))} bare` : missWords(leg, length)

/** Where the row before lies under the foot. */
export function guideWords({ edgeMm, insideRimMm }: RowGuide, length: Length): string {
  const side = edgeMm <= 0 ? 'left' : 'right'
  const place = `The row before: its edge ${length(Math.abs(hundredth(edgeMm)))} ${side} of the foot’s middle`
  if (insideRimMm === null) return `${place}; its opening is not measured.`
  return insideRimMm >= 0
    ? `${place}, ${length(hundredth(insideRimMm))} inside its opening.`
    : `${place}, ${length(hundredth(-insideRimMm))} under the foot.`
}

/** What is to be minded, as a sentence. */
export function noteWords(note: BandNote, length: Length): string {
  switch (note.code) {
    case 'mirror': {
      const rows = note.rows.map(rowWord).join(' and ')
      return `Unlike the row across the middle, as the stitch leans to one side: ${rows}.`
    }
    case 'long-repeat': {
      const mm = length(hundredth(note.repeatMm))
      return `One pattern of ${rowWord(note.row)} is ${mm}, longer than the way: squeezed to go in once.`
    }
    case 'stretched':
      return `Dial and whole patterns change ${rowWord(note.row)} by ${percent(note.stretch)}: it shows.`
    case 'falls-beside':
      return `Both needles of ${rowWord(note.row)} fall beside it: a smaller gap, or something wider.`
    case 'dense-on-sheer': {
      const mend = 'lengthen it, or lay stabilizer under (common practice)'
      return `Closed stitches on a sheer ribbon curl it: ${rowWord(note.row)}; ${mend}.`
    }
    case 'needles':
      return `${note.count} needles: sew all rows of one needle first.`
    case 'hidden-edge': {
      const mm = length(hundredth(note.underMm))
      return `For ${rowWord(note.row)} the row before is ${mm} under the foot: draw a line, or open toe.`
    }
  }
}

const HOLDS: Readonly<Record<RibbonHold, string>> = {
  holds: 'both edges are held',
  inside: 'the edges stand up: a wider band holds them',
  edge: 'on the very edge, where it may miss',
  over: 'over both edges, down to the cloth beside it',
}

/** How a band lies on its ribbon; over a cord it must reach the cloth. */
export function holdWords(hold: RibbonHold, isCord: boolean): string {
  if (!isCord) return HOLDS[hold]
  return hold === 'over'
    ? 'over the cord, held on both sides'
    : 'not over the cord: a wider band, or a thinner cord'
}
