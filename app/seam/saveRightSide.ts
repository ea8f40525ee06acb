import type { Seam } from '#core/seam'
import { type SewnPicture, sewnSvg } from '#core/sewn'
import { formatShort } from '#core/units'
import { download } from '~/utils/download'

/** Offers the right side of a seam as an SVG file. A file of its own: only who asks for it loads it. */
export function saveRightSide(right: SewnPicture, { swing, clothHex }: Seam, stitchName: string): void {
  const [widthMm, gapMm] = [formatShort(swing.stitch.widthMm), formatShort(swing.needle.gapMm)]
  const title = `${stitchName}, width ${widthMm} mm, gap ${gapMm} mm`
  download('right-side.svg', 'image/svg+xml', sewnSvg(right, title, clothHex))
}
