import opentype from 'opentype.js'
import { CoreError, requireInRange } from '#core/errors'
import { type Region, regionOf } from './clip'
import { MOST_LETTERS } from './limits'
import { outlinesOfPath } from './pathData'

/** A font that was read. */
export type Font = opentype.Font

/**
 * Reads a font file (OpenType, TrueType or WOFF).
 *
 * @throws {CoreError} `bad-font`.
 *
 * @example
 * readFont(bytes)
 */
export function readFont(bytes: ArrayBuffer): Font {
  try {
    return opentype.parse(bytes)
  } catch (error) {
    throw new CoreError('bad-font', `This is no font that can be read: ${String(error)}`)
  }
}

/** A word as it is to be cut. */
export interface Word {
  readonly text: string
  /** Height of its capitals, in mm. */
  readonly tallMm: number
  /** Put between letters, in mm; negative: closer. */
  readonly spacingMm: number
}

/**
 * The outlines of a word, letter by letter, from its left end, y up from the line it stands on. Letters that
 * overlap each other are joined.
 *
 * @param word - 1 to 40 letters, 3 to 1000 mm tall, spaced −50 to 200 mm.
 * @throws {CoreError} `no-letter` with `details.letter`; `too-many`; `out-of-range`; `bad-outline` for a word
 *   without anything to sew.
 *
 * @example
 * wordRegion(font, { text: 'Ahoi', tallMm: 60, spacingMm: 2 })
 */
export function wordRegion(font: Font, { text, tallMm, spacingMm }: Word): Region {
  requireInRange(tallMm, 'tallMm', 3, 1000)
  requireInRange(spacingMm, 'spacingMm', -50, 200)
  const letters = [...text]
  if (letters.length > MOST_LETTERS)
    throw new CoreError('too-many', `A word has at most ${MOST_LETTERS} letters, not ${letters.length}`, {
      field: 'text',
      most: MOST_LETTERS,
    })
  const scale = tallMm / capHeightOf(font)
  let penMm = 0
  let before: opentype.Glyph | null = null
  const rings = letters.flatMap(letter => {
    const glyph = font.charToGlyph(letter)
    if (glyph.index === 0)
      throw new CoreError('no-letter', `This font has no “${letter}”`, { letter, field: 'text' })
    penMm += before ? font.getKerningValue(before, glyph) * scale : 0
    const data = glyph.getPath(0, 0, font.unitsPerEm).toPathData(4)
    const outlines = data ? outlinesOfPath(data, scale) : []
    const moved = outlines.map(({ pointsMm }) => pointsMm.map(({ x, y }) => ({ x: x + penMm, y: -y })))
    penMm += (glyph.advanceWidth ?? 0) * scale + spacingMm
    before = glyph
    return moved
  })
  if (rings.length === 0) throw new CoreError('bad-outline', 'text has no letter to sew', { field: 'text' })
  return regionOf(rings, 'nonzero')
}

/** Fonts that do not say how tall their capitals are show it by their H. */
function capHeightOf(font: Font): number {
  const said = (font.tables.os2 as { readonly sCapHeight?: number } | undefined)?.sCapHeight
  return said && said > 0 ? said : font.charToGlyph('H').getBoundingBox().y2 || 0.7 * font.unitsPerEm
}
