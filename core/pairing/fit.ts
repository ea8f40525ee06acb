import type { NeedleType } from '#core/needle'
import { eyeWidthMm, type Fit, fitOfFill } from './eye'
import type { Schools } from '#core/schools'
import { PEARL_12_AS_SEWN, PEARL_8_IN_NEEDLE, PEARL_8_TEX, practiceFor, type PracticeRule } from './practice'
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
  /** Thickness over the eye's clear width; of a flat metallic its width, which folds. */
  readonly fill: number
  readonly eyeMm: number
  readonly thickness: Thickness
}

/** Schools about pearl cotton in needles. */
export type PearlSchools = Pick<Schools, 'thickPearl' | 'pearlEye'>
const USUAL_PEARL: PearlSchools = { thickPearl: 'bobbin', pearlEye: 'eye' }

/**
 * Whether a thread suits a needle's eye. Where the practice table names the needle it decides, because it has
 * been sewn; the eye model, which is from memory, fills the gaps.
 *
 * @param schools - about pearl No. 8 and No. 12.
 * @throws {CoreError} as `eyeWidthMm`, `threadDiameterMm`.
 *
 * @example
 * fitThread({ kind: 'metallic', tex: 25, diameterMm: null }, 'metallic', 90).fit // 'good'
 */
export function fitThread(
  thread: ThreadFacts,
  type: NeedleType,
  sizeNm: number,
  schools: PearlSchools = USUAL_PEARL,
): ThreadFit {
  const thickness = thicknessOf(thread)
  const eyeMm = eyeWidthMm(type, sizeNm)
  const fill = thickness.mm / eyeMm
  const eyeFit = fitOfFill(fill)
  const practice = practiceFor(threadClassOf(thread), type, sizeNm, thickness.mm)
  const rule = schoolRule(thread, type, sizeNm, schools, practice?.fit ?? eyeFit) ?? practice
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

/** What a school says in place of a refusal; null: nothing. */
function schoolRule(
  thread: ThreadFacts,
  type: NeedleType,
  sizeNm: number,
  { thickPearl, pearlEye }: PearlSchools,
  fit: Fit,
): PracticeRule | null {
  if (fit !== 'refuse' || thread.kind !== 'pearl-cotton') return null
  const threadClass = threadClassOf(thread)
  const isPearl8 = threadClass === 'thick' && thread.tex! <= PEARL_8_TEX
  if (isPearl8 && thickPearl === 'needle') return allowing(PEARL_8_IN_NEEDLE, type, sizeNm)
  return threadClass === 'pearl' && pearlEye === 'as-sewn' ? allowing(PEARL_12_AS_SEWN, type, sizeNm) : null
}
function allowing(rule: PracticeRule, type: NeedleType, sizeNm: number): PracticeRule | null {
  const [least, most] = rule.sizesNm
  return (rule.types?.includes(type) ?? true) && sizeNm >= least && sizeNm <= most ? rule : null
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
