import { requireInRange } from '#core/errors'
import { CHECK_LINE_MM, line, type Mark, moved, rect, ruledLine, sheetSvg, text } from '#core/paper'
import type { SewnPicture } from './picture'
import { SEGMENT_NUMBERS } from './rightSide'
import { DIP_OPACITY, dipsOf } from './dips'
import { strokesOf } from './strokes'

/** Cloth left bare on each side, in mm. */
const BORDER_MM = 3
/** Below the cloth, for the check line. */
const FOOT_MM = 14
const BARE_CLOTH = '#eadfcb'

/**
 * A sewn picture as an SVG at true size, with a 50 mm line to check the print against.
 *
 * @param picture - from `rightSide` or `underSide`; 1 to 10 000 mm of seam.
 * @param title - plain text; escaped here.
 * @param clothColour - `#rrggbb`; anything else is drawn as bare cloth.
 * @returns The file's text; one unit is one millimetre.
 * @throws {CoreError} `out-of-range`.
 *
 * @example
 * sewnSvg(rightSide(sewnInputOf(seam, 40)!), 'Honeycomb', '#2f5d50')
 */
export function sewnSvg(picture: SewnPicture, title: string, clothColour: string): string {
  const { leftMm, rightMm, seamMm } = picture
  requireInRange(seamMm, 'seamMm', 1, 1e4)
  const wideMm = Math.max(rightMm - leftMm, CHECK_LINE_MM) + 2 * BORDER_MM
  const middle = wideMm / 2
  const cloth = /^#[0-9a-f]{6}$/i.test(clothColour) ? clothColour : BARE_CLOTH
  const marks: Mark[] = [
    rect({ x: 0, y: 0, wideMm, tallMm: seamMm, lineMm: 0, fill: cloth }),
    {
      kind: 'window',
      x: 0,
      y: 0,
      wideMm,
      tallMm: seamMm,
      marks: moved(threadMarks(picture, cloth), middle - (leftMm + rightMm) / 2, 0),
    },
    ...ruledLine(middle - CHECK_LINE_MM / 2, seamMm + 8),
    text({
      x: middle,
      y: seamMm + 5.5,
      text: `${CHECK_LINE_MM} mm`,
      sizeMm: 3,
      mostMm: 30,
      anchor: 'middle',
    }),
  ]
  return sheetSvg({ wideMm, tallMm: seamMm + FOOT_MM, marks }, title)
}

/** The thread as it lies, in sewing order: later marks lie on top. */
function threadMarks(picture: SewnPicture, clothHex: string): Mark[] {
  const { segments, styles } = picture
  const layers = styles.map(style => strokesOf(style, clothHex))
  const marks: Mark[] = []
  for (let i = 0; i < segments.length; i += SEGMENT_NUMBERS)
    for (const { colour, opacity, widthMm, asideMm, dashMm } of layers[segments[i + 4]!]!)
      marks.push(
        line({
          x1: segments[i]! + asideMm,
          y1: segments[i + 1]! + asideMm,
          x2: segments[i + 2]! + asideMm,
          y2: segments[i + 3]! + asideMm,
          lineMm: widthMm,
          ink: colour,
          opacity,
          dashMm,
          ends: 'round',
        }),
      )
  return [...marks, ...dipMarks(picture)]
}

/** A round end on no length at all is a dot. */
function dipMarks(picture: SewnPicture): Mark[] {
  return dipsOf(picture).map(({ xMm, yMm, radiusMm }) =>
    line({
      x1: xMm,
      y1: yMm,
      x2: xMm,
      y2: yMm,
      lineMm: 2 * radiusMm,
      ink: '#000000',
      opacity: DIP_OPACITY,
      dashMm: null,
      ends: 'round',
    }),
  )
}
