import { type DropsReading, parsePolylinePoints } from '#core/stitch'

/** Millimetres in the units an SVG's width may be given in. A CSS pixel is 1/96 inch. */
const MM_PER = { 'mm': 1, 'cm': 10, 'in': 25.4, 'px': 25.4 / 96, '': 25.4 / 96 } as const

/**
 * Reads the first polyline of an SVG as needle drops, at the drawing's true size.
 *
 * The file is parsed as a document that is never shown, so scripts in it never run. A drawing without a
 * width and a viewBox has no true size: its unit is then taken as one millimetre.
 */
export function readSvgPolyline(text: string): DropsReading {
  const document = new DOMParser().parseFromString(text, 'image/svg+xml')
  const root = document.documentElement
  if (document.querySelector('parsererror') || root.localName !== 'svg')
    return { ok: false, message: 'The file is not a readable SVG drawing.' }
  const line = document.querySelector('polyline, polygon')
  if (!line)
    return {
      ok: false,
      message: 'The drawing holds no polyline: draw the stitch as one polyline, needle drop by needle drop.',
    }
  for (let node: Element | null = line; node; node = node.parentElement) {
    if (node.hasAttribute('transform'))
      return {
        ok: false,
        message: 'The polyline is moved by a “transform”: flatten the drawing and save it again.',
      }
  }
  return parsePolylinePoints(line.getAttribute('points') ?? '', mmPerUnit(root))
}

function mmPerUnit(root: Element): number {
  const size = /^([\d.]+)(mm|cm|in|px|)$/.exec(root.getAttribute('width')?.trim() ?? '')
  const box = (root.getAttribute('viewBox') ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number)
  if (!size || !(box[2]! > 0)) return 1
  return (Number(size[1]) * MM_PER[size[2] as keyof typeof MM_PER]) / box[2]!
}
