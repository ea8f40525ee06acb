import { fitted } from './fitted'
import type { Mark, PathStep, Stroke } from './marks'
import type { Sheet } from './sheet'

/** Letters are about this wide for their size; what an SVG is read with is not known here. */
const LETTER_SHARE = { normal: 0.52, bold: 0.57 } as const

/**
 * A sheet as an SVG at true size.
 *
 * @param title - plain text; escaped here.
 * @returns the file's text; one unit is one millimetre.
 *
 * @example
 * sheetSvg({ wideMm: 210, tallMm: 297, marks: checkLine(12, 280, 'a4') }, 'Check line')
 */
export function sheetSvg({ wideMm, tallMm, marks }: Sheet, title: string): string {
  const size = `width="${mm(wideMm)}mm" height="${mm(tallMm)}mm" viewBox="0 0 ${mm(wideMm)} ${mm(tallMm)}"`
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" ${size}>
<title>${escapeXml(title)}</title>
<g fill="none" stroke="#000000" font-family="Helvetica, Arial, sans-serif">
${drawnAll(marks, 'w')}
</g>
</svg>
`
}

/** @param path - names the window these lie in: ids must differ within a file. */
function drawnAll(marks: readonly Mark[], path: string): string {
  return marks.map((mark, i) => drawn(mark, `${path}${i}`)).join('\n')
}

function drawn(mark: Mark, id: string): string {
  switch (mark.kind) {
    case 'line':
      return `<path d="M${mm(mark.x1)} ${mm(mark.y1)}L${mm(mark.x2)} ${mm(mark.y2)}"${penOf(mark)}/>`
    case 'rect':
      return `<rect ${boxOf(mark)}${fillOf(mark.fill)}${penOf(mark)}/>`
    case 'circle': {
      const { x, y, radiusMm, fill } = mark
      return `<circle cx="${mm(x)}" cy="${mm(y)}" r="${mm(radiusMm)}"${fillOf(fill)}${penOf(mark)}/>`
    }
    case 'path':
      return `<path d="${mark.steps.map(stepOf).join('')}"${fillOf(mark.fill)}${penOf(mark)}/>`
    case 'text':
      return textOf(mark)
    case 'window':
      return `<clipPath id="${id}"><rect ${boxOf(mark)}/></clipPath>
<g clip-path="url(#${id})">
${drawnAll(mark.marks, `${id}-`)}
</g>`
  }
}

function boxOf({ x, y, wideMm, tallMm }: Extract<Mark, { kind: 'rect' | 'window' }>): string {
  return `x="${mm(x)}" y="${mm(y)}" width="${mm(wideMm)}" height="${mm(tallMm)}"`
}

const fillOf = (fill: string | null) => (fill === null ? '' : ` fill="${colour(fill)}"`)

/** Nothing but a colour may stand where a colour stands. */
const colour = (hex: string) => (/^#[0-9a-f]{6}$/i.test(hex) ? hex : '#000000')

function penOf({ lineMm, dashMm, ink, opacity, ends }: Stroke): string {
  if (lineMm === 0) return ' stroke="none"'
  const pen = [
    ` stroke-width="${mm(lineMm)}"`,
    ink === '#000000' ? '' : ` stroke="${colour(ink)}"`,
    ends === 'round' ? ' stroke-linecap="round"' : '',
    opacity === 1 ? '' : ` stroke-opacity="${opacity}"`,
    dashMm ? ` stroke-dasharray="${dashMm.map(mm).join(' ')}"` : '',
  ]
  return pen.join('')
}

function stepOf(step: PathStep): string {
  const [letter, ...numbers] = step
  return letter + numbers.map(mm).join(' ')
}

function textOf({ x, y, text, sizeMm, bold, anchor, mostMm }: Extract<Mark, { kind: 'text' }>): string {
  const share = LETTER_SHARE[bold ? 'bold' : 'normal']
  const set = fitted(text, sizeMm, mostMm, (words, size) => words.length * size * share)
  return (
    `<text x="${mm(x)}" y="${mm(y)}" font-size="${mm(set.sizeMm)}" font-weight="${bold ? 700 : 400}" `
    + `text-anchor="${anchor}" fill="#000000" stroke="none">${escapeXml(set.words)}</text>`
  )
}

/** A length as written where the unit is a millimetre, to a thousandth. */
function mm(value: number): string {
  return String(Math.round(value * 1000) / 1000)
}

/** Plain text made safe for an SVG's text and titles. */
function escapeXml(text: string): string {
  return text.replace(/[&<>"']/g, c => `&#${c.charCodeAt(0)};`)
}
