import svgpath from 'svgpath'
import type { Refusal, Result } from '#core/errors'

/** Millimetres in the units an SVG's width may be given in. A CSS pixel is 1/96 inch. */
const MM_PER = { 'mm': 1, 'cm': 10, 'in': 25.4, 'px': 25.4 / 96, '': 25.4 / 96 } as const

export type SvgReading = Result<{ readonly element: Element; readonly mmPerUnit: number }, Refusal>

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
  const opened = openSvg(text)
  if (!opened.ok) return opened
  const { root } = opened
  const element = root.querySelector(wanted)
  if (!element) return { ok: false, message: words.missing }
  for (let node: Element | null = element; node; node = node.parentElement)
    if (node.hasAttribute('transform'))
      return {
        ok: false,
        message: `The ${words.name} is moved by a “transform”: flatten the drawing and save it again.`,
      }
  return { ok: true, element, mmPerUnit: mmPerUnit(root) }
}

/** An SVG’s root, or why it is not read. */
function openSvg(text: string): Result<{ readonly root: Element }, Refusal> {
  const document = new DOMParser().parseFromString(text, 'image/svg+xml')
  const root = document.documentElement
  if (document.querySelector('parsererror') || root.localName !== 'svg')
    return { ok: false, message: 'The file is not a readable SVG drawing.' }
  if (document.querySelector('script'))
    return { ok: false, message: 'The drawing holds a script: save it without.' }
  return { ok: true, root }
}

export type PathReading = Result<{ readonly path: string; readonly mmPerUnit: number }, Refusal>

/** Elements that draw a line, and their path data. */
const PATH_OF: Readonly<Record<string, (of: (name: string) => number, element: Element) => string>> = {
  path: (_, element) => element.getAttribute('d') ?? '',
  polygon: (_, element) => pointsPath(element, 'Z'),
  polyline: (_, element) => pointsPath(element, ''),
  line: of => `M${of('x1')} ${of('y1')}L${of('x2')} ${of('y2')}`,
  rect: of => `M${of('x')} ${of('y')}h${of('width')}v${of('height')}h${-of('width')}Z`,
  circle: of => roundPath(of('cx'), of('cy'), of('r'), of('r')),
  ellipse: of => roundPath(of('cx'), of('cy'), of('rx'), of('ry')),
}
const pointsPath = (element: Element, end: string) => `M${element.getAttribute('points') ?? ''}${end}`
const roundPath = (x: number, y: number, rx: number, ry: number) =>
  `M${x - rx} ${y}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0Z`
/** Larger files are refused before they are read, in characters. */
const MOST_SVG_CHARS = 5_000_000

/**
 * Everything an SVG draws as one piece of path data, holes and all, with its true size; what is moved by a
 * “transform” is where it is seen.
 */
export function readSvgPath(text: string): PathReading {
  if (text.length > MOST_SVG_CHARS)
    return { ok: false, message: 'The file is too large: save the outlines alone.' }
  const opened = openSvg(text)
  if (!opened.ok) return opened
  const { root } = opened
  const drawn = [...root.querySelectorAll(Object.keys(PATH_OF).join(','))].filter(
    element => !element.closest('defs, clipPath, mask, symbol, pattern, marker'),
  )
  const path = drawn.map(placedPath).join('').trim()
  if (path === '')
    return {
      ok: false,
      message: 'The drawing holds no line. Draw the outlines as paths and save them as plain SVG.',
    }
  return { ok: true, path, mmPerUnit: mmPerUnit(root) }
}

function placedPath(element: Element): string {
  const number = (name: string) => Number.parseFloat(element.getAttribute(name) ?? '0') || 0
  let path = svgpath(PATH_OF[element.localName]!(number, element))
  for (let node: Element | null = element; node; node = node.parentElement) {
    const moved = node.getAttribute('transform')
    if (moved) path = path.transform(moved)
  }
  return path.toString()
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
