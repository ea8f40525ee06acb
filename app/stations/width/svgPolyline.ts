import { type DropsReading, parsePolylinePoints } from '#core/stitch'
import { readSvg } from '~/utils/svgFile'

/** Reads the first polyline of an SVG as needle drops, at the drawing's true size. */
export function readSvgPolyline(text: string): DropsReading {
  const reading = readSvg(text, 'polyline, polygon', {
    name: 'polyline',
    missing:
      'The drawing holds no polyline. Draw the stitch as one polyline, needle position by needle position.',
  })
  if (!reading.ok) return reading
  return parsePolylinePoints(reading.element.getAttribute('points') ?? '', reading.mmPerUnit)
}
