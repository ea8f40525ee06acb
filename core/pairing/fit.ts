import type { NeedleType } from '#core/needle'
import { eyeWidthMm, type Fit, fitOfFill } from './eye'
import type { ThickPearlSchool } from '#core/schools'
import { PEARL_8_IN_NEEDLE, PEARL_8_TEX, practiceFor } from './practice'
import { threadClassOf, thicknessOf, type ThreadFacts, type Thickness, USUAL_THREADS } from './threadClass'

/** How one thread sits in one needle, by the model, by the table, and as decided. */
export interface ThreadFit {
  readonly fit: Fit
  readonly decidedBy: 'practice' | 'eye model'
  readonly eyeFit: Fit
  /** null where the practice table is silent. */
  readonly practiceFit: Fit | null
  readonly practiceRank: 0 | 1 | 2 | null
  readonly practiceWhy: string | null
  /** Thickness over the eye's clear width; of a film its width, which folds. */
  readonly fill: number
  readonly eyeMm: number
  readonly thickness: Thickness
}

/**
 * Whether a thread suits a needle's eye. Where the practice table names the needle it decides, because it has
 * been sewn; the eye model, which is from memory, fills the gaps.
 *
 * @param thickPearl - the school about pearl No. 8.
 * @throws {CoreError} as `eyeWidthMm`, `threadDiameterMm`.
 *
 * @example
 * fitThread({ kind: 'metallic', tex: 25, diameterMm: null }, 'metallic', 90).fit // 'good'
 */
export function fitThread(
  thread: ThreadFacts,
  type: NeedleType,
  sizeNm: number,
  thickPearl: ThickPearlSchool = 'bobbin',
): ThreadFit {
  const thickness = thicknessOf(thread)
  const eyeMm = eyeWidthMm(type, sizeNm)
  const fill = thickness.mm / eyeMm
  const eyeFit = fitOfFill(fill)
  const rule = takesPearl8(thread, type, sizeNm, thickPearl)
    ? PEARL_8_IN_NEEDLE
    : practiceFor(threadClassOf(thread), type, sizeNm, thickness.mm)
  return {
    fit: rule?.fit ?? eyeFit,
    decidedBy: rule ? 'practice' : 'eye model',
    eyeFit,
    practiceFit: rule?.fit ?? null,
    practiceRank: rule?.rank ?? null,
    practiceWhy: rule?.why ?? null,
    fill,
    eyeMm,
    thickness,
  }
}

function takesPearl8(
  { kind, tex }: ThreadFacts,
  type: NeedleType,
  sizeNm: number,
  school: ThickPearlSchool,
): boolean {
  const { types, sizesNm } = PEARL_8_IN_NEEDLE
  const isPearl8 = kind === 'pearl-cotton' && threadClassOf({ kind, tex }) === 'thick' && tex! <= PEARL_8_TEX
  return school === 'needle' && isPearl8 && types!.includes(type) && sizeNm >= sizesNm[0]
}

export interface ModelRow extends ThreadFit {
  readonly threadClass: keyof typeof USUAL_THREADS
  readonly type: NeedleType
  readonly sizeNm: number
  readonly agree: boolean
}

const TRIED: readonly (readonly [keyof typeof USUAL_THREADS, NeedleType, readonly number[]])[] = [
  ['embroidery', 'embroidery', [75, 90]],
  ['all-purpose', 'universal', [80]],
  ['fine', 'universal', [70, 80, 90, 100]],
  ['heavy', 'topstitch', [80, 90, 100, 110]],
  ['heavy', 'jeans', [80]],
  ['metallic', 'metallic', [80, 90]],
  ['metallic', 'topstitch', [90]],
  ['film', 'topstitch', [90, 100]],
  ['film', 'metallic', [90]],
  ['pearl', 'topstitch', [90, 100]],
  ['pearl', 'jeans', [90, 100]],
  ['thick', 'topstitch', [100, 110]],
  ['thick', 'jeans', [110]],
  ['monofilament', 'universal', [60, 70, 90]],
]

/**
 * The eye model held against every needle the practice table names, for a usual thread of each class.
 *
 * @example
 * compareModels().filter(({ agree }) => !agree) // where the eye model and the table differ
 */
export function compareModels(): ModelRow[] {
  return TRIED.flatMap(([threadClass, type, sizes]) =>
    sizes.map((sizeNm): ModelRow => {
      const fit = fitThread(USUAL_THREADS[threadClass], type, sizeNm)
      return { ...fit, threadClass, type, sizeNm, agree: fit.practiceFit === fit.eyeFit }
    }),
  )
}
