import { requireInRange } from '#core/errors'
import { escapeXml, mm } from '#core/svg'
import type { SewnPicture } from './picture'
import { SEGMENT_NUMBERS } from './rightSide'
import { strokesOf } from './strokes'

/** Cloth left bare on each side, in mm. */
const BORDER_MM = 3
const CHECK_LINE_MM = 50

/**
 * A sewn picture as an SVG at true size, with a 50 mm line to check the print against.
 *
 * @param picture - from `rightSide` or `underSide`.
 * @param title - plain text; escaped here.
 * @param clothColour - `#rrggbb`.
 * @returns The file's text; one unit is one millimetre.
 */
export function sewnSvg(picture: SewnPicture, title: string, clothColour: string): string {
  const { leftMm, rightMm, seamMm, segments, styles } = picture
  requireInRange(seamMm, 'seamMm', 1, 1e4)
  const widthMm = Math.max(rightMm - leftMm, CHECK_LINE_MM) + 2 * BORDER_MM
  const heightMm = seamMm + 14
  const left = (leftMm + rightMm - widthMm) / 2
  const lines: string[] = []
  for (let i = 0; i < segments.length; i += SEGMENT_NUMBERS) {
    const [x1, y1, x2, y2, s] = segments.subarray(i, i + SEGMENT_NUMBERS) as unknown as [
      number,
      number,
      number,
      number,
      number,
    ]
    for (const { colour, opacity, widthMm: w, asideMm: a, dashMm } of strokesOf(styles[s]!)) {
      lines.push(
        `<path d="M${mm(x1 + a)} ${mm(y1 + a)}L${mm(x2 + a)} ${mm(y2 + a)}" stroke="${colour}" `
          + `stroke-opacity="${opacity}" `
          + `stroke-width="${mm(w)}"${dashOf(dashMm)}/>`,
      )
    }
  }
  const checkY = seamMm + 8
  const middle = left + widthMm / 2
  const viewBox = [left, 0, widthMm, heightMm].map(mm).join(' ')
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${mm(widthMm)}mm" height="${mm(heightMm)}mm" viewBox="${viewBox}">
<title>${escapeXml(title)}</title>
<clipPath id="seam"><rect x="${mm(left)}" y="0" width="${mm(widthMm)}" height="${mm(seamMm)}"/></clipPath>
<rect x="${mm(left)}" y="0" width="${mm(widthMm)}" height="${mm(seamMm)}" fill="${colourOnly(clothColour)}"/>
<g clip-path="url(#seam)" fill="none" stroke-linecap="round">
${lines.join('\n')}
</g>
${checkLineSvg(middle, checkY)}
</svg>
`
}

function colourOnly(hex: string): string {
  return /^#[0-9a-f]{6}$/i.test(hex) ? hex : '#eadfcb'
}

const dashOf = (dashMm: readonly [number, number] | null) =>
  dashMm ? ` stroke-dasharray="${dashMm.map(mm).join(' ')}"` : ''

function checkLineSvg(middle: number, y: number): string {
  const d = `M${mm(middle - CHECK_LINE_MM / 2)} ${mm(y - 2)}v4m0 -2h${CHECK_LINE_MM}m0 -2v4`
  const at = `x="${mm(middle)}" y="${mm(y - 2.5)}"`
  return `<path d="${d}" fill="none" stroke="#000" stroke-width="0.25"/>
<text ${at} font-size="3" text-anchor="middle" font-family="sans-serif">50 mm</text>`
}
