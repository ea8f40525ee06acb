import type { NeedleType } from '#core/needle'
import type { ClothFacts } from '#core/terms'
import type { TypedNeedle } from './assortment'

/** Heavier cloth, heavier needle. Common practice. */
const SIZES_NM = { light: [60, 80], medium: [70, 100], heavy: [90, 120] } as const
const FOR_KNITS: ReadonlySet<NeedleType> = new Set(['stretch', 'ballpoint'])
const SIZE_COST = 10
/** The farther a size is from what the cloth takes, the more it speaks against it: so much a step of 10. */
const STEP_NM = 10
const WRONG_TYPE_COST = 25
const DAMAGE_COST = 40

/**
 * Whether this type of needle belongs in a knit. Common practice: stretch and ballpoint push the loops aside.
 *
 * @example
 * suitsKnit('stretch') // true
 */
export function suitsKnit(type: NeedleType): boolean {
  return FOR_KNITS.has(type)
}

/** What speaks against a needle on this cloth, and how much. Source: common practice. */
export function clothReasons(
  { type, sizeNm }: TypedNeedle,
  { structure, weight }: ClothFacts,
): { readonly cost: number; readonly reasons: readonly string[] } {
  const found: (readonly [number, string])[] = []
  if (structure === 'knit' && !suitsKnit(type))
    found.push([
      WRONG_TYPE_COST,
      `A ${type} needle may cut the loops of a knit. A stretch or ballpoint needle pushes them aside.`,
    ])
  if ((structure === 'woven' || structure === 'felt') && suitsKnit(type))
    found.push([
      SIZE_COST,
      `A ${type} needle is made for knits: on ${structure} cloth it may stitch crooked.`,
    ])
  if (type === 'leather' && structure !== 'leather' && structure !== null)
    found.push([DAMAGE_COST, 'A leather needle cuts the cloth.'])
  if (structure === 'leather' && type !== 'leather')
    found.push([WRONG_TYPE_COST, 'Leather wants a leather needle.'])
  if (type === 'wing')
    found.push([DAMAGE_COST, 'A wing needle opens holes on purpose: for hemstitching only.'])
  if (weight !== null) {
    const [min, max] = SIZES_NM[weight]
    const cost = (offNm: number) => (SIZE_COST * offNm) / STEP_NM
    if (sizeNm > max)
      found.push([cost(sizeNm - max), `Size ${sizeNm} is big for ${weight} cloth: holes show.`])
    if (sizeNm < min)
      found.push([cost(min - sizeNm), `Size ${sizeNm} is small for ${weight} cloth: it may bend and skip.`])
  }
  return { cost: found.reduce((sum, [cost]) => sum + cost, 0), reasons: found.map(([, reason]) => reason) }
}
