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
      return { wideMm: MM_PER_PT * (x2 - x1), tallMm: MM_PER_PT * (y2 - y1), texts, lines, frames, opacities }
    }),
  )
}
