import { formatNumber } from '#core/units'
import { NEEDLE_SIZES, type Needle, type NeedleType } from './needle'

const WORDS = { single: 'Single', twin: 'Twin', triple: 'Triple' } as const

/**
 * `80/12`; a size without a partner on the other scale stands alone.
 *
 * @example
 * needleSizeLabel(90) // '90/14'
 */
export function needleSizeLabel(sizeNm: number): string {
  const pair = NEEDLE_SIZES.find(([nm]) => nm === sizeNm)
  return pair ? `${pair[0]}/${pair[1]}` : String(sizeNm)
}

/**
 * As a packet prints it: `2.5/80`, or `80/12` for a single needle.
 *
 * @example
 * needleLabel({ construction: 'twin', gapMm: 2.5, sizeNm: 80 }) // '2.5/80'
 */
export function needleLabel({ construction, gapMm, sizeNm }: Needle): string {
  return construction === 'single' ? needleSizeLabel(sizeNm) : `${formatNumber(gapMm, 1)}/${sizeNm}`
}

/**
 * Short and whole, wherever one needle among others is meant: a single needle by its size alone.
 *
 * @example
 * needleName({ construction: 'twin', gapMm: 2.5, sizeNm: 80 }) // 'twin 2.5/80'
 */
export function needleName(needle: Needle): string {
  const { construction } = needle
  return construction === 'single' ? needleLabel(needle) : `${construction} ${needleLabel(needle)}`
}

/**
 * Shorter still, where twins are the rule and only a triple must say so.
 *
 * @example
 * needleTag({ construction: 'triple', gapMm: 2.5, sizeNm: 80 }) // 'triple 2.5/80'
 */
export function needleTag(needle: Needle): string {
  return needle.construction === 'triple' ? needleName(needle) : needleLabel(needle)
}

/**
 * The name with the type: `twin 2.5/80 jeans`.
 *
 * @example
 * needleNameAndType({ construction: 'twin', gapMm: 2.5, sizeNm: 80, type: 'jeans' }) // 'twin 2.5/80 jeans'
 */
export function needleNameAndType(needle: Needle & { readonly type: NeedleType }): string {
  return `${needleName(needle)} ${needle.type}`
}

/**
 * What a search finds a needle by: its construction too, which the name of a single one leaves out.
 *
 * @example
 * needleSearchText({ construction: 'single', gapMm: 0, sizeNm: 80, type: 'jeans' }) // 'single 80/12 jeans'
 */
export function needleSearchText(needle: Needle & { readonly type: NeedleType }): string {
  return `${needle.construction} ${needleLabel(needle)} ${needle.type}`
}

/**
 * How it stands in the line-up: `Single 80/12`, `Twin 2.5/80`.
 *
 * @example
 * needleHeading({ construction: 'twin', gapMm: 2.5, sizeNm: 80 }) // 'Twin 2.5/80'
 */
export function needleHeading(needle: Needle): string {
  return `${WORDS[needle.construction]} ${needleLabel(needle)}`
}

/**
 * Said back in full, so that a misread label is noticed. The gap is the packet’s number, in mm everywhere.
 *
 * @example
 * describeNeedle({ construction: 'twin', gapMm: 2.5, sizeNm: 80, type: 'jeans' })
 * // 'Twin, gap 2.5, size 80/12, jeans'
 */
export function describeNeedle(needle: Needle & { readonly type: NeedleType }): string {
  const apart = needle.construction === 'single' ? '' : `, gap ${formatNumber(needle.gapMm, 1)}`
  return `${WORDS[needle.construction]}${apart}, size ${needleSizeLabel(needle.sizeNm)}, ${needle.type}`
}
