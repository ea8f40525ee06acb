import type { Needle } from './needle'

export type BladeName = 'only' | 'left' | 'middle' | 'right'

/** Where a thread may be led, left to right. */
export const BLADES = ['left', 'middle', 'right'] as const
export type Blade = (typeof BLADES)[number]

const THREADED = {
  single: ['left'],
  twin: ['left', 'right'],
  triple: BLADES,
} as const satisfies Record<Needle['construction'], readonly Blade[]>

/**
 * The blades that take a thread, left to right. The one thread of a single needle is kept as the left one, so
 * that it stays when a twin is put in.
 *
 * @example
 * threadedBladesOf('twin') // ['left', 'right']
 */
export function threadedBladesOf(construction: Needle['construction']): readonly Blade[] {
  return THREADED[construction]
}

const NAMES = {
  single: ['only'],
  twin: ['left', 'right'],
  triple: ['left', 'middle', 'right'],
} as const satisfies Record<Needle['construction'], readonly BladeName[]>

/**
 * The blades of a needle, left to right, seen from above with the seam running towards you.
 *
 * @example
 * bladeNames('triple') // ['left', 'middle', 'right']
 */
export function bladeNames(construction: Needle['construction']): readonly BladeName[] {
  return NAMES[construction]
}

/**
 * Where each blade stands beside the needle bar, in mm, left to right, in the order of {@link bladeNames}.
 *
 * @example
 * bladeOffsetsMm({ construction: 'twin', gapMm: 2, sizeNm: 80 }) // [-1, 1]
 */
export function bladeOffsetsMm({ construction, gapMm }: Needle): readonly number[] {
  switch (construction) {
    case 'single':
      return [0]
    case 'twin':
      return [-gapMm / 2, gapMm / 2]
    case 'triple':
      return [-gapMm, 0, gapMm]
  }
}

/**
 * Distance between the outer blade centres, in mm: 0, g or 2g.
 *
 * @example
 * outerSpanMm({ construction: 'triple', gapMm: 2.5, sizeNm: 80 }) // 5
 */
export function outerSpanMm({ construction, gapMm }: Needle): number {
  switch (construction) {
    case 'single':
      return 0
    case 'twin':
      return gapMm
    case 'triple':
      return 2 * gapMm
  }
}
