/** Millimetres in the units an SVG's width may be given in. A CSS pixel is 1/96 inch. */
const MM_PER = { 'mm': 1, 'cm': 10, 'in': 25.4, 'px': 25.4 / 96, '': 25.4 / 96 } as const

export type SvgReading =
  | { readonly ok: true; readonly element: Element; readonly mmPerUnit: number }
  | { readonly ok: false; readonly message: string }

/**
 * The first element of an SVG that is asked for, with the drawing's true size. The file is parsed as a
 * document that is never shown, so nothing in it runs. A drawing without a width and a viewBox has no true
 * size: its unit is then taken as one millimetre.
 *
 * @param wanted - as a selector: `polyline, polygon`.
 * @param words - what it is called where it is missing or moved, and the mend: `a polyline`.
 */
export function readSvg(
  text: string,
  wanted: string,
  words: { readonly missing: string; readonly name: string },
): SvgReading {
  const document = new DOMParser().parseFromString(text, 'image/svg+xml')
  const root = document.documentElement
  if (document.querySelector('parsererror') || root.localName !== 'svg')
    return { ok: false, message: 'The file is not a readable SVG drawing.' }
  if (document.querySelector('script'))
    return { ok: false, message: 'The drawing holds a script: save it without.' }
  const element = document.querySelector(wanted)
  if (!element) return { ok: false, message: words.missing }
  for (let node: Element | null = element; node; node = node.parentElement)
    if (node.hasAttribute('transform'))
      return {
        ok: false,
        message: `The ${words.name} is moved by a “transform”: flatten the drawing and save it again.`,
      }
  return { ok: true, element, mmPerUnit: mmPerUnit(root) }
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
