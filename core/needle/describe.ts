import { NEEDLE_SIZES, type Needle, type NeedleType } from './needle'

const WORDS = { single: 'Single', twin: 'Twin', triple: 'Triple' } as const

/** `80/12`; a size without a partner on the other scale stands alone. */
export function needleSizeLabel(sizeNm: number): string {
  const pair = NEEDLE_SIZES.find(([nm]) => nm === sizeNm)
  return pair ? `${pair[0]}/${pair[1]}` : String(sizeNm)
}

/** As a packet prints it: `2.5/80`, or `80/12` for a single needle. */
export function needleLabel({ construction, gapMm, sizeNm }: Needle): string {
  return construction === 'single' ? needleSizeLabel(sizeNm) : `${gapMm.toFixed(1)}/${sizeNm}`
}

/**
 * Said back in full, so that a misread label is noticed.
 *
 * @example
 * describeNeedle({ construction: 'twin', gapMm: 2.5, sizeNm: 80, type: 'jeans' })
 * // 'Twin, 2.5 mm apart, size 80/12, jeans'
 */
export function describeNeedle(needle: Needle & { readonly type: NeedleType }): string {
  const apart = needle.construction === 'single' ? '' : `, ${needle.gapMm.toFixed(1)} mm apart`
  return `${WORDS[needle.construction]}${apart}, size ${needleSizeLabel(needle.sizeNm)}, ${needle.type}`
}
