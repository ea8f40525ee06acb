import { FRESH_USE, needleAdvice, needleLife, type NeedleUse } from '#core/care'
import { requireInRange } from '#core/errors'
import { type Construction, type Needle, needleSizeLabel } from '#core/needle'
import { judgeSwing, type SwingInput, type Verdict } from '#core/swing'
import { asSentence, formatNumber } from '#core/units'
import type { ClothFacts } from '#core/terms'
import { ASSORTMENT, type TypedNeedle } from './assortment'
import { clothReasons } from './cloth'
import type { Fit } from './eye'
import { fitThread, type PearlSchools, type ThreadFit } from './fit'
import { isInPractice, PRACTICE } from './practice'
import { threadClassOf, type ThreadClass, type ThreadFacts } from './threadClass'

export interface Candidate extends TypedNeedle {
  readonly id: string
  /** What is not known counts as fresh. */
  readonly wear: NeedleUse
}

export interface PairingInput {
  /** One a blade, left to right; a blade without a thread of its own shares the last. */
  readonly threads: readonly ThreadFacts[]
  readonly cloth: ClothFacts
  readonly construction: Construction
  /** Only this gap, in mm; null: any. */
  readonly gapMm: number | null
  /** About pearl cotton. @defaultValue as the eye allows, and No. 8 on the bobbin */
  readonly schools?: PearlSchools
  /** The seam they are to sew, judged with each needle; left out: it is not judged. */
  readonly seam?: Omit<SwingInput, 'needle'> | null
}

export interface RankedNeedle {
  readonly needle: Candidate
  readonly verdict: Fit
  /** How the seam swings with it; null: not judged. */
  readonly swing: Verdict | null
  /** The cloth or its own wear speaks against it: the reasons say what. */
  readonly isWarned: boolean
  /** 0 to 100; 0 when refused. */
  readonly score: number
  /** The fit of the thread that decides: the one that sits worst. */
  readonly fit: ThreadFit
  /** Each thread's own fit, left to right. */
  readonly fits: readonly ThreadFit[]
  readonly reasons: readonly string[]
}

const SAME_GAP_MM = 0.05
const WORST_FIRST: readonly Fit[] = ['refuse', 'tight', 'loose', 'good']
const BASE_SCORE: Readonly<Record<Fit, number>> = { good: 70, tight: 45, loose: 40, refuse: 0 }
const RANK_BONUS = [0, 8, 15] as const
const MIDDLE_FILL = 0.5
const FILL_WEIGHT = 30
const WORN_COST = 15

/**
 * Needles of the wanted construction and gap, best first: by swing, by verdict, then by score. With two
 * different threads the one that sits worse decides; a bent needle is refused whatever its eye.
 *
 * @param input - at least one thread.
 * @param needles - what to choose from.
 * @returns All that have the construction and gap; refused ones after those that fit, ones that hit last.
 * @throws {CoreError} as `fitThread`; `out-of-range` without a thread.
 *
 * @example
 * rankNeedles({ threads: [metallic], cloth, construction: 'twin', gapMm: 2 }, owned)[0].needle
 */
export function rankNeedles(input: PairingInput, needles: readonly Candidate[]): RankedNeedle[] {
  requireInRange(input.threads.length, 'threads', 1, 3)
  const eyes = new EyeReader(input)
  return needles
    .filter(
      ({ construction, gapMm }) =>
        construction === input.construction
        && (input.gapMm === null || Math.abs(gapMm - input.gapMm) < SAME_GAP_MM),
    )
    .map(needle => rankOne(needle, eyes.read(needle), swingWith(needle, input.seam)))
    .sort(
      (a, b) =>
        standing(a) - standing(b)
        || b.score - a.score
        || Math.abs(a.fit.fill - MIDDLE_FILL) - Math.abs(b.fit.fill - MIDDLE_FILL)
        || a.needle.gapMm - b.needle.gapMm,
    )
}

/** What type and size say of a needle, whatever its wear. */
interface EyeReading {
  /** Of the thread that sits worst. */
  readonly fit: ThreadFit
  readonly fits: readonly ThreadFit[]
  readonly reasons: readonly string[]
  /** Off the score, for the cloth. */
  readonly cost: number
}

/** Reads each kind of eye once: a case holds many needles of few types and sizes. */
class EyeReader {
  private readonly threads: readonly ThreadFacts[]
  private readonly known = new Map<string, EyeReading>()
  constructor(private readonly input: Pick<PairingInput, 'threads' | 'cloth' | 'schools'>) {
    this.threads = [...new Set(input.threads)]
  }

  read(needle: TypedNeedle): EyeReading {
    const kind = `${needle.type} ${needle.sizeNm} ${needle.construction}`
    const reading = this.known.get(kind) ?? this.readNew(needle)
    this.known.set(kind, reading)
    return reading
  }

  private readNew(needle: TypedNeedle): EyeReading {
    const { threads, input } = this
    const { type, sizeNm } = needle
    const fitOf = new Map(threads.map(thread => [thread, fitThread(thread, type, sizeNm, input.schools)]))
    const worst = threads.reduce((least, next) =>
      badness(fitOf.get(next)!) > badness(fitOf.get(least)!) ? next : least,
    )
    const fit = fitOf.get(worst)!
    const onCloth = clothReasons(needle, input.cloth)
    return {
      fit,
      fits: input.threads.map(thread => fitOf.get(thread)!),
      reasons: [...fitReasons(fit, worst, needle, threads.length > 1), ...onCloth.reasons],
      cost: onCloth.cost,
    }
  }
}

/** From nothing against it down to a hit. */
function standing({ swing, verdict, isWarned }: RankedNeedle): number {
  if (swing === 'strikes') return 4
  if (verdict === 'refuse') return 3
  if (verdict !== 'good') return 2
  return isWarned ? 1 : 0
}

/**
 * Whether a needle is good for the threads and nothing else speaks against it.
 *
 * @example
 * ranked.some(isFlawless) // false: then one may want to buy
 */
export const isFlawless = (one: RankedNeedle): boolean => standing(one) === 0

function swingWith(needle: Needle, seam: PairingInput['seam']): Verdict | null {
  return seam ? judgeSwing({ ...seam, needle }).verdict : null
}

function rankOne(
  needle: Candidate,
  { fit, fits, reasons, cost }: EyeReading,
  swing: Verdict | null,
): RankedNeedle {
  if (needle.wear.state === 'bent') {
    const bent = ['It is bent: into the tin with it.', ...reasons]
    return { needle, verdict: 'refuse', swing, isWarned: true, score: 0, fit, fits, reasons: bent }
  }
  const worn = needleAdvice(needle.wear) === 'now'
  return {
    needle,
    verdict: fit.fit,
    swing,
    isWarned: worn || cost > 0,
    score: fit.fit === 'refuse' ? 0 : scoreOf(fit.fit, fit, cost + (worn ? WORN_COST : 0)),
    fit,
    fits,
    reasons: worn ? [...reasons, `Change it first: ${needleLife(needle.wear).why}.`] : reasons,
  }
}

/** 1 to 100: by verdict, by the practice table's order, by how near to the middle the eye is filled. */
function scoreOf(verdict: Exclude<Fit, 'refuse'>, { practiceRank, fill }: ThreadFit, cost: number): number {
  const offMiddle = Math.min(1, Math.abs(fill - MIDDLE_FILL))
  const score = BASE_SCORE[verdict] + RANK_BONUS[practiceRank ?? 0] + 10 - FILL_WEIGHT * offMiddle - cost
  return Math.max(1, Math.min(100, Math.round(score)))
}

function badness({ fit, fill }: ThreadFit): number {
  return 10 * (3 - WORST_FIRST.indexOf(fit)) + Math.min(5, Math.abs(fill - MIDDLE_FILL))
}

const FIT_WORDS: Readonly<Record<Fit, string>> = {
  good: 'runs freely in the eye',
  loose: 'lies loose in the eye: it wanders and the hole shows',
  tight: 'is tight in the eye: hard to thread, it may fray',
  refuse: 'does not run through this eye',
}

function fitReasons(
  fit: ThreadFit,
  thread: ThreadFacts,
  { type, sizeNm }: TypedNeedle,
  several: boolean,
): string[] {
  const share = `${Math.round(100 * fit.fill)} %`
  const name = several ? `The ${PRACTICE[threadClassOf(thread)].name}` : 'The thread'
  const source = fit.thickness.source === 'guess' ? ', thickness a guess: weigh a length' : ''
  const measured = `fills ${share} of the ${type} ${needleSizeLabel(sizeNm)} eye${source}`
  if (fit.practiceWhy === null) {
    const model = `${name} ${measured}: it ${FIT_WORDS[fit.fit]} (eye model).`
    return [model, ...beyondReasons(threadClassOf(thread), fit.thickness.mm)]
  }
  const table = asSentence(`${fit.practiceWhy} (practice)`)
  if (fit.practiceFit === fit.eyeFit) return [table, `${name} ${measured}.`]
  return [table, `${name} ${measured}: the eye model alone would say ${fit.eyeFit}; practice decides.`]
}

/** Where the practice table does not reach, it is said how far it does. */
function beyondReasons(threadClass: ThreadClass, thickMm: number): string[] {
  if (isInPractice(threadClass, thickMm)) return []
  const [least, most] = PRACTICE[threadClass].thickMm.map(mm => formatNumber(mm, 2))
  return [`The practice table speaks of ${PRACTICE[threadClass].name} of ${least} to ${most} mm only.`]
}

/**
 * The needle to buy when nothing owned is good: the best of the assortment, at the wanted gap or the nearest
 * one that exists.
 *
 * @returns null when no needle of this construction is good for the thread.
 *
 * @example
 * needleToBuy({ threads: [metallic], cloth, construction: 'twin', gapMm: 2 })?.needle.type // 'metallic'
 */
export function needleToBuy(input: PairingInput): RankedNeedle | null {
  const fresh = ASSORTMENT.map((needle, index) => ({ ...needle, id: `assortment-${index}`, wear: FRESH_USE }))
  const good = rankNeedles({ ...input, gapMm: null }, fresh).filter(isFlawless)
  const { gapMm } = input
  if (gapMm === null) return good[0] ?? null
  const away = ({ needle }: RankedNeedle) => Math.abs(needle.gapMm - gapMm)
  return good.reduce<RankedNeedle | null>(
    (nearest, next) => (nearest && away(nearest) <= away(next) + SAME_GAP_MM ? nearest : next),
    null,
  )
}
