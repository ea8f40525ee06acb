import { DIP_OPACITY, dipsOf, SEGMENT_NUMBERS, type SewnPicture, strokesOf } from '#core/sewn'

export interface View {
  readonly pxPerMm: number
  /** Canvas x of the needle bar's middle, in px. */
  readonly middlePx: number
}

/** Draws a sewn picture: segments in sewing order, so that later thread lies on top. */
export function drawSewn(
  context: CanvasRenderingContext2D,
  picture: SewnPicture,
  { pxPerMm, middlePx }: View,
  clothHex: string,
): void {
  const { segments, styles } = picture
  const layers = styles.map(style => strokesOf(style, clothHex))
  context.save()
  context.translate(middlePx, 0)
  context.scale(pxPerMm, pxPerMm)
  context.lineCap = 'round'
  for (let i = 0; i < segments.length; i += SEGMENT_NUMBERS) {
    for (const { colour, opacity, widthMm, asideMm, dashMm } of layers[segments[i + 4]!]!) {
      context.strokeStyle = colour
      context.globalAlpha = opacity
      context.lineWidth = widthMm
      context.setLineDash(dashMm ?? [])
      context.beginPath()
      context.moveTo(segments[i]! + asideMm, segments[i + 1]! + asideMm)
      context.lineTo(segments[i + 2]! + asideMm, segments[i + 3]! + asideMm)
      context.stroke()
    }
  }
  drawDips(context, picture)
  context.restore()
}

/** All in one path: there are hundreds. */
function drawDips(context: CanvasRenderingContext2D, picture: SewnPicture): void {
  context.globalAlpha = DIP_OPACITY
  context.fillStyle = '#000000'
  context.beginPath()
  for (const { xMm, yMm, radiusMm } of dipsOf(picture)) {
    context.moveTo(xMm + radiusMm, yMm)
    context.arc(xMm, yMm, radiusMm, 0, 2 * Math.PI)
  }
  context.fill()
}

/** The needle holes on top, in the inks of the needles: which thread went down where. */
export function drawHoles(
  context: CanvasRenderingContext2D,
  { holes }: SewnPicture,
  inks: readonly string[],
  { pxPerMm, middlePx }: View,
): void {
  const radius = Math.min(3.2, 0.17 * pxPerMm)
  for (let i = 0; i < holes.length; i += 3) {
    context.fillStyle = inks[holes[i + 2]!] ?? inks[0]!
    context.beginPath()
    context.arc(middlePx + holes[i]! * pxPerMm, holes[i + 1]! * pxPerMm, radius, 0, 2 * Math.PI)
    context.fill()
  }
}

/** Plain weave: fine lines both ways over the cloth's colour. */
export function drawCloth(
  context: CanvasRenderingContext2D,
  colour: string,
  width: number,
  height: number,
): void {
  context.fillStyle = colour
  context.fillRect(0, 0, width, height)
  for (const [ink, across] of [
    ['rgba(0,0,0,0.07)', true],
    ['rgba(255,255,255,0.14)', false],
  ] as const) {
    context.fillStyle = ink
    for (let place = 0; place < (across ? height : width); place += 3) {
      if (across) context.fillRect(0, place, width, 0.8)
      else context.fillRect(place, 0, 0.8, height)
    }
  }
}
