import { escapeXml, mm } from '#core/svg'
import type { Mark, Sheet } from './sheet'

/** Letters are about this wide for their size; what an SVG is read with is not known here. */
const LETTER_SHARE = { normal: 0.52, bold: 0.57 } as const

/**
 * A sheet as an SVG at true size.
 *
 * @param title - plain text; escaped here.
 * @returns the file's text; one unit is one millimetre.
 */
export function sheetSvg({ wideMm, tallMm, marks }: Sheet, title: string): string {
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${mm(wideMm)}mm" height="${mm(tallMm)}mm" viewBox="0 0 ${mm(wideMm)} ${mm(tallMm)}">
<title>${escapeXml(title)}</title>
<g fill="none" stroke="#000" font-family="Helvetica, Arial, sans-serif">
${marks.map(drawn).join('\n')}
</g>
</svg>
`
}

function drawn(mark: Mark): string {
  if (mark.kind === 'line')
    return (
      `<path d="M${mm(mark.x1)} ${mm(mark.y1)}L${mm(mark.x2)} ${mm(mark.y2)}" `
      + `stroke-width="${mm(mark.lineMm)}"${mark.dashed ? ' stroke-dasharray="1.5 1.5"' : ''}/>`
    )
  if (mark.kind === 'rect')
    return (
      `<rect x="${mm(mark.x)}" y="${mm(mark.y)}" width="${mm(mark.wideMm)}" `
      + `height="${mm(mark.tallMm)}" stroke-width="${mm(mark.lineMm)}"/>`
    )
  const wide = mark.text.length * mark.sizeMm * LETTER_SHARE[mark.bold ? 'bold' : 'normal']
  const size = wide > mark.mostMm ? (mark.sizeMm * mark.mostMm) / wide : mark.sizeMm
  return (
    `<text x="${mm(mark.x)}" y="${mm(mark.y)}" font-size="${mm(size)}" `
    + `font-weight="${mark.bold ? 700 : 400}" text-anchor="${mark.anchor}" fill="#000" `
    + `stroke="none">${escapeXml(mark.text)}</text>`
  )
}
