import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs'

const MM_PER_PT = 25.4 / 72

/** How many numbers a path operator takes, where it is not one point. */
const NUMBERS_TAKEN = new Map<number, number>([
  [OPS.rectangle, 4],
  [OPS.closePath, 0],
])

export interface MeasuredPage {
  readonly wideMm: number
  readonly tallMm: number
  readonly texts: readonly string[]
  /** How opaque each line, frame or outline is drawn, 0 to 1, in order. */
  readonly opacities: readonly number[]
  /** Straight lines, as they come out on paper. */
  readonly lines: readonly { readonly lengthMm: number }[]
  /** Frames, as they come out on paper. */
  readonly frames: readonly { readonly wideMm: number; readonly tallMm: number }[]
  /** All that is inked, cut off where a window cuts it, from the page's lower left corner. */
  readonly ink: Box
  /** What is written, whether a window cuts into it, and how large. */
  readonly written: readonly { readonly text: string; readonly isCut: boolean; readonly sizePt: number }[]
}
/** In mm. */
export interface Box {
  readonly left: number
  readonly bottom: number
  readonly right: number
  readonly top: number
}

const ANYWHERE: Box = { left: -Infinity, bottom: -Infinity, right: Infinity, top: Infinity }
const NOWHERE: Box = { left: Infinity, bottom: Infinity, right: -Infinity, top: -Infinity }
const isSomewhere = ({ left, bottom, right, top }: Box) => left <= right && bottom <= top
const within = (a: Box, b: Box): Box => ({
  left: Math.max(a.left, b.left),
  bottom: Math.max(a.bottom, b.bottom),
  right: Math.min(a.right, b.right),
  top: Math.min(a.top, b.top),
})
const around = (a: Box, b: Box): Box => ({
  left: Math.min(a.left, b.left),
  bottom: Math.min(a.bottom, b.bottom),
  right: Math.max(a.right, b.right),
  top: Math.max(a.top, b.top),
})
const grown = ({ left, bottom, right, top }: Box, by: number): Box => ({
  left: left - by,
  bottom: bottom - by,
  right: right + by,
  top: top + by,
})
const inMm = ({ left, bottom, right, top }: Box): Box => ({
  left: MM_PER_PT * left,
  bottom: MM_PER_PT * bottom,
  right: MM_PER_PT * right,
  top: MM_PER_PT * top,
})

const STROKES: readonly number[] = [OPS.stroke, OPS.closeStroke, OPS.fillStroke, OPS.eoFillStroke]
const PAINTS: readonly number[] = [...STROKES, OPS.fill, OPS.eoFill, OPS.closeFillStroke]
/** How far letters of the built-in font reach below and above their line, in their own size. */
const LETTERS = { below: 0.22, above: 0.75 }

/** Goes through a page as a printer does, and keeps where ink falls. */
function inkOf(
  fnArray: readonly number[],
  argsArray: readonly unknown[],
): Pick<MeasuredPage, 'ink' | 'written'> {
  const written: MeasuredPage['written'][number][] = []
  let ink = NOWHERE
  let now = { clip: ANYWHERE, penPt: 1 }
  const saved: (typeof now)[] = []
  let [path, clips, sizePt, x, y] = [NOWHERE, false, 0, 0, 0]
  fnArray.forEach((operator, at) => {
    const args = argsArray[at] as number[]
    if (operator === OPS.save) saved.push(now)
    if (operator === OPS.restore) now = saved.pop() ?? now
    if (operator === OPS.setLineWidth) now = { ...now, penPt: args[0]! }
    if (operator === OPS.constructPath) {
      const [left, bottom, right, top] = (argsArray[at] as [unknown, unknown, number[]])[2] as [
        number,
        number,
        number,
        number,
      ]
      path = { left, bottom, right, top }
    }
    if (operator === OPS.clip || operator === OPS.eoClip) clips = true
    if (PAINTS.includes(operator)) {
      const drawn = within(STROKES.includes(operator) ? grown(path, now.penPt / 2) : path, now.clip)
      if (isSomewhere(drawn)) ink = around(ink, drawn)
    }
    if (operator === OPS.endPath && clips) {
      now = { ...now, clip: within(now.clip, path) }
      clips = false
    }
    if (operator === OPS.beginText) [x, y] = [0, 0]
    if (operator === OPS.setFont) sizePt = args[1]!
    if (operator === OPS.moveText) [x, y] = [x + args[0]!, y + args[1]!]
    if (operator === OPS.showText) {
      const glyphs = (argsArray[at] as [readonly (number | { unicode: string; width: number })[]])[0]
      const letters = glyphs.filter(glyph => typeof glyph === 'object')
      const wide = letters.reduce((sum, { width }) => sum + (width * sizePt) / 1000, 0)
      const box = {
        left: x,
        right: x + wide,
        bottom: y - LETTERS.below * sizePt,
        top: y + LETTERS.above * sizePt,
      }
      const shown = within(box, now.clip)
      if (!isSomewhere(shown)) return
      ink = around(ink, shown)
      const text = letters.map(({ unicode }) => unicode).join('')
      const isCut = (['left', 'bottom', 'right', 'top'] as const).some(
        side => Math.abs(shown[side] - box[side]) > 0.5,
      )
      written.push({ text, isCut, sizePt })
    }
  })
  return { ink: inMm(ink), written }
}

/** Reads a PDF back and measures what is on it. */
export async function measurePdf(bytes: Uint8Array): Promise<MeasuredPage[]> {
  const pdf = await getDocument({ data: new Uint8Array(bytes), useSystemFonts: false, verbosity: 0 }).promise
  const pages = await Promise.all(Array.from({ length: pdf.numPages }, (_, i) => pdf.getPage(i + 1)))
  return Promise.all(
    pages.map(async page => {
      const [x1, y1, x2, y2] = page.view as [number, number, number, number]
      const { fnArray, argsArray } = await page.getOperatorList()
      const lines: MeasuredPage['lines'][number][] = []
      const frames: MeasuredPage['frames'][number][] = []
      const opacities: number[] = []
      const saved: number[] = []
      let opacity = 1
      fnArray.forEach((operator, at) => {
        if (operator === OPS.save) saved.push(opacity)
        if (operator === OPS.restore) opacity = saved.pop() ?? 1
        if (operator === OPS.setGState)
          for (const [name, value] of argsArray[at][0] as [string, number][])
            if (name === 'CA') opacity = value
        if (operator === OPS.stroke) opacities.push(opacity)
        if (operator !== OPS.constructPath) return
        const [operators, numbers] = argsArray[at] as [number[], number[]]
        let [read, x, y] = [0, 0, 0]
        for (const one of operators) {
          const [a, b, c, d] = numbers.slice(read, read + 4) as [number, number, number, number]
          read += NUMBERS_TAKEN.get(one) ?? 2
          if (one === OPS.lineTo) lines.push({ lengthMm: MM_PER_PT * Math.hypot(a - x, b - y) })
          if (one === OPS.rectangle)
            frames.push({ wideMm: MM_PER_PT * Math.abs(c), tallMm: MM_PER_PT * Math.abs(d) })
          ;[x, y] = [a, b]
        }
      })
      const texts = (await page.getTextContent()).items.flatMap(item =>
        'str' in item && item.str.trim() ? [item.str] : [],
      )
      const size = { wideMm: MM_PER_PT * (x2 - x1), tallMm: MM_PER_PT * (y2 - y1) }
      return { ...size, texts, lines, frames, opacities, ...inkOf(fnArray, argsArray) }
    }),
  )
}
