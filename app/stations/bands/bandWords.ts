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

/** How a side ends: “ends whole”, “1.2 mm to draw out”, “2.0 mm bare”. */
export const endWords = (leg: RowLeg, length: Length): string =>
  leg.bareMm > 0 ? `${length(hundredth(leg.bareMm))} bare` : missWords(leg, length)

/** Where the row before lies under the foot. */
export function guideWords({ edgeMm, insideRimMm }: RowGuide, length: Length): string {
  const side = edgeMm <= 0 ? 'left' : 'right'
  const place = `Keep the last row ${length(Math.abs(hundredth(edgeMm)))} ${side} of the foot’s centre`
  if (insideRimMm === null) return `${place}. The foot’s opening is not measured.`
  return insideRimMm >= 0 ? `${place}.` : `${place}, ${length(hundredth(-insideRimMm))} under the foot.`
}

/** What is to be minded, as a sentence. */
export function noteWords(note: BandNote, length: Length): string {
  switch (note.code) {
    case 'mirror': {
      const rows = note.rows.map(rowWord).join(' and ')
      return `The stitch leans to one side: mirror ${rows} to match the row opposite.`
    }
    case 'long-repeat': {
      const mm = length(hundredth(note.repeatMm))
      return `One pattern of ${rowWord(note.row)} is ${mm}, longer than the side. It is squeezed to fit once.`
    }
    case 'stretched':
      return `Whole patterns change ${rowWord(note.row)} by ${percent(note.stretch)}. That shows.`
    case 'falls-beside':
      return `Both needles of ${rowWord(note.row)} miss the ribbon. Take a smaller gap or a wider ribbon.`
    case 'dense-on-sheer': {
      const mend = 'Lengthen the stitch, or lay stabilizer under (common practice).'
      return `Closed stitches curl a sheer ribbon: ${rowWord(note.row)}. ${mend}`
    }
    case 'needles':
      return `${note.count} needles: sew all rows with one needle first.`
    case 'hidden-edge': {
      const mm = length(hundredth(note.underMm))
      return (
        `For ${rowWord(note.row)} the last row is ${mm} under the foot. Draw a line, or use an `
        + 'open-toe foot.'
      )
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
