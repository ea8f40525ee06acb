import type { Needle, NeedleType } from '#core/needle'

export type TypedNeedle = Needle & { readonly type: NeedleType }

const several = (
  construction: Needle['construction'],
  type: NeedleType,
  gapSizes: readonly (readonly [gapMm: number, sizeNm: number])[],
): TypedNeedle[] => gapSizes.map(([gapMm, sizeNm]) => ({ construction, type, gapMm, sizeNm }))
const singles = (type: NeedleType, sizes: readonly number[]) =>
  several(
    'single',
    type,
    sizes.map(sizeNm => [0, sizeNm]),
  )

/**
 * What needles come in; not every gap exists in every type. Twins and triples: from memory. Singles: common
 * practice.
 */
export const ASSORTMENT: readonly TypedNeedle[] = [
  ...several('twin', 'universal', [
    [1.6, 70],
    [1.6, 80],
    [2, 80],
    [2.5, 80],
    [3, 90],
    [4, 80],
    [4, 90],
    [4, 100],
    [6, 100],
    [8, 100],
  ]),
  ...several('twin', 'stretch', [
    [2.5, 75],
    [4, 75],
  ]),
  ...several('twin', 'embroidery', [
    [2, 75],
    [3, 75],
  ]),
  ...several('twin', 'metallic', [
    [2.5, 80],
    [3, 90],
  ]),
  ...several('twin', 'jeans', [[4, 100]]),
  ...several('triple', 'universal', [
    [2.5, 80],
    [3, 80],
  ]),
  ...singles('universal', [60, 65, 70, 75, 80, 90, 100, 110]),
  ...singles('stretch', [75, 90]),
  ...singles('ballpoint', [70, 80, 90, 100]),
  ...singles('embroidery', [75, 90]),
  ...singles('metallic', [80, 90]),
  ...singles('topstitch', [80, 90, 100, 110]),
  ...singles('jeans', [90, 100, 110]),
  ...singles('sharp', [60, 70, 80, 90]),
  ...singles('quilting', [75, 90]),
  ...singles('leather', [80, 90, 100]),
]
