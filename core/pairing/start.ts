import { formatShort } from '#core/units'
import { markAt, shareOf } from '#core/dial'
import type { Construction } from '#core/needle'
import type { PearlTensionSchool } from '#core/schools'
import type { Goal, Technique, TensionDial } from '#core/terms'
import { PRACTICE } from './practice'
import { threadClassOf, type ThreadClass, type ThreadFacts } from './threadClass'

/** Where a start value comes from. */
export type StartSource = 'rule' | 'own plan' | 'guess'

export interface StartInput {
  /** The thread that decides: see `leadingThread`. */
  readonly thread: ThreadFacts
  readonly construction: Construction
  readonly technique: Technique
  readonly goal: Goal
  /** Whether the stitch swings. */
  readonly swings: boolean
  /** This machine's own dial; null: not known, and then only the offset is said. */
  readonly dial: TensionDial | null
  /** Washed and tumbled: what is behind the stitch must stay. */
  readonly washed: boolean
  readonly pearlTension: PearlTensionSchool
  /** A kept plan with the same machine, kind of thread and needle type; null: none. */
  readonly own: { readonly name: string; readonly tension: number | null; readonly lengthMm: number } | null
}

/** One start value. `text` is what to do; `source` where it comes from; `why` in a few words. */
export interface StartValue {
  readonly text: string
  readonly source: StartSource
  readonly why: string
}

export interface StartSettings {
  /** Offset from home as a share of the way to the end stop it goes towards, −1 to 1. */
  readonly tensionShare: number
  /** The number on this dial; null when the dial is not known. */
  readonly tensionNumber: number | null
  readonly tension: StartValue
  readonly lengthMm: number | null
  readonly widthMm: number | null
  readonly length: StartValue
  readonly width: StartValue
  readonly speed: StartValue
  readonly stabilizer: StartValue
  readonly foot: StartValue
  readonly plate: StartValue
}

/** Dial numbers are said in halves: finer is what the trial strip is for. */
const DIAL_STEP = 0.5

/**
 * Settings to begin a trial with. A delicate thread's needs beat the goal, because it breaks before it is
 * judged.
 *
 * Tension numbers of the trade are given on dials of 0 to 9 with home at 4 to 5, so each is kept as a share
 * of the way from home to the end stop and turned into a number of this dial.
 *
 * Source: common practice, except a value from an own plan.
 *
 * @example
 * startSettings(input).tension // { text: '2.8', source: 'own plan', … }
 */
export function startSettings(input: StartInput): StartSettings {
  const threadClass = threadClassOf(input.thread)
  const rule = tensionRule(input, threadClass)
  const ruleDial = input.dial && onDial(rule.share, input.dial)
  const own = input.own
  const fromOwn = own?.tension != null && input.dial !== null
  const tensionNumber = fromOwn ? own.tension : ruleDial
  const share = fromOwn ? shareOf(own.tension!, input.dial!) : rule.share
  const length = lengthRule(input, threadClass)
  return {
    tensionShare: share,
    tensionNumber,
    tension: fromOwn
      ? {
          text: formatShort(own.tension),
          source: 'own plan',
          why: `as kept in “${own.name}”; the rule would say ${ruleDial}`,
        }
      : {
          text: tensionNumber === null ? offsetWords(rule.share) : formatShort(tensionNumber),
          source: rule.source,
          why: rule.why,
        },
    lengthMm: length?.mm ?? null,
    widthMm: length?.widthMm ?? null,
    length: lengthSetting(length, own),
    width:
      length?.widthMm != null
        ? { text: `${formatShort(length.widthMm)} mm`, source: 'rule', why: length.why }
        : {
            text: input.swings ? 'the safe width or less' : 'straight',
            source: 'rule',
            why: 'see Width and swing',
          },
    speed: speedRule(threadClass, input.construction),
    stabilizer: stabilizerRule(input),
    foot: footRule(input),
    plate: plateRule(input, threadClass),
  }
}

function lengthSetting(
  rule: { readonly mm: number; readonly why: string } | null,
  own: StartInput['own'],
): StartValue {
  if (rule) return { text: `${rule.mm} mm`, source: 'rule', why: rule.why }
  if (own)
    return { text: `${formatShort(own.lengthMm)} mm`, source: 'own plan', why: `as kept in “${own.name}”` }
  return { text: 'the stitch’s own', source: 'rule', why: 'nothing speaks against it' }
}

function plateRule({ construction, swings }: StartInput, threadClass: ThreadClass): StartValue {
  const zigzag = (why: string): StartValue => ({ text: 'zigzag plate', source: 'rule', why })
  if (construction !== 'single') return zigzag('a twin strikes a single hole')
  if (swings) return zigzag('the needle swings')
  if (threadClass === 'fine') {
    return { text: 'single-hole plate', source: 'rule', why: 'fine thread is pushed into a wide opening' }
  }
  return { text: 'either plate', source: 'rule', why: 'one needle, straight' }
}

/**
 * The number on a dial that lies this share of the way from home to the end stop, in halves.
 *
 * @example
 * onDial(-0.5, { min: 0, home: 4, max: 9 }) // 2
 */
export function onDial(share: number, dial: TensionDial): number {
  return Math.min(dial.max, Math.max(dial.min, Math.round(markAt(share, dial) / DIAL_STEP) * DIAL_STEP))
}

interface TensionRule {
  readonly share: number
  readonly source: StartSource
  readonly why: string
}
const rule = (share: number, why: string): TensionRule => ({ share, source: 'rule', why })

// As numbers of a dial 0 to 9 with home 4.5: about 3 and about 2; nearly 0; one step; half a step.
const ZIGZAG_METALLIC = -1.5 / 4.5
const STRAIGHT_METALLIC = -2.5 / 4.5
const NEARLY_NOTHING = -4 / 4.5
const ONE_STEP = 1 / 4.5
const HALF_STEP = 0.5 / 4.5

function tensionRule(
  { technique, goal, swings, pearlTension }: StartInput,
  threadClass: ThreadClass,
): TensionRule {
  switch (threadClass) {
    case 'monofilament':
      return rule(NEARLY_NOTHING, 'monofilament stretches and puckers: nearly nothing')
    case 'film':
      return rule(STRAIGHT_METALLIC, 'a film tears: about 2 on a dial with home 4 to 5')
    case 'metallic':
      return swings
        ? rule(ZIGZAG_METALLIC, 'well below home for metallic: about 3 on a dial with home 4 to 5')
        : rule(STRAIGHT_METALLIC, 'metallic sewn straight goes lower again: about 2')
    case 'pearl':
      if (goal === 'bobbin hair' || pearlTension === 'plus-one')
        return rule(ONE_STEP, 'home and one: a hair of bobbin comes up')
      return rule(0, 'pearl at home tension')
    case 'thick':
      return rule(0, 'bobbin work: top tension at home')
    default:
  }
  if (goal === 'raised') return rule(1, 'up for a ridge: the top of the dial as a first try')
  if (goal === 'flat') return rule(-HALF_STEP, 'half to one step down so that the rows lie flat')
  if (goal === 'bobbin hair') return rule(ONE_STEP, 'one up brings a hair of bobbin to the right side')
  if (threadClass === 'embroidery' && (technique === 'decorative' || technique === 'appliqué edge'))
    return rule(-HALF_STEP, 'slightly below home, so that no bobbin shows')
  return rule(0, 'home: nothing asks for more or less')
}

function offsetWords(share: number): string {
  if (share === 0) return 'home'
  const percent = Math.round(100 * Math.abs(share))
  return `${percent} % of the way from home to the ${share < 0 ? 'lowest' : 'highest'} mark`
}

function lengthRule(
  { technique, swings }: StartInput,
  threadClass: ThreadClass,
): { mm: number; widthMm: number | null; why: string } | null {
  if (threadClass === 'monofilament' && swings)
    return { mm: 1, widthMm: 1, why: '1.0 × 1.0 hides monofilament at an edge' }
  if (threadClass === 'pearl' && technique === 'blanket stitch')
    return { mm: 5, widthMm: 6, why: 'pearl blanket stitch shows at 5.0 × 6.0' }
  if (threadClass === 'pearl' && !swings) return { mm: 3, widthMm: null, why: 'a pearl line wants room' }
  if (threadClass === 'heavy' && !swings)
    return { mm: 3.5, widthMm: null, why: 'at least 3.0 to 3.5, or heavy thread sinks in' }
  if (technique === 'topstitching') return { mm: 3.5, widthMm: null, why: '3.0 to 3.5 for show' }
  if (technique === 'hem') return { mm: 3, widthMm: null, why: 'longer than a seam, so that it lies flat' }
  if (technique === 'pintucks') return { mm: 2.2, widthMm: null, why: '2.0 to 2.5 for pintucks' }
  if (threadClass === 'fine' && !swings)
    return { mm: 1.8, widthMm: null, why: 'fine thread holds at about 1.8' }
  return null
}

function speedRule(threadClass: ThreadClass, construction: Construction): StartValue {
  if (
    threadClass === 'metallic'
    || threadClass === 'film'
    || threadClass === 'pearl'
    || threadClass === 'monofilament'
  ) {
    return { text: 'slow', source: 'rule', why: `${PRACTICE[threadClass].name} breaks or tangles at speed` }
  }
  if (threadClass === 'thick')
    return { text: 'medium', source: 'rule', why: 'bobbin work runs evenly at medium speed' }
  if (construction !== 'single')
    return { text: 'slower than with one needle', source: 'rule', why: 'two needles bend more easily' }
  return { text: 'as usual', source: 'rule', why: 'start slowly' }
}

function stabilizerRule({ technique, washed, swings }: StartInput): StartValue {
  if (
    technique !== 'decorative'
    && technique !== 'appliqué edge'
    && technique !== 'blanket stitch'
    && !(technique === 'topstitching' && swings)
  ) {
    return {
      text: 'none',
      source: 'rule',
      why: 'the cloth carries this by itself; interfacing behind loose weaves',
    }
  }
  return washed
    ? { text: 'cut-away', source: 'rule', why: 'it stays and holds when the piece is washed and tumbled' }
    : { text: 'tear-away', source: 'rule', why: 'enough for an occasional wash' }
}

function footRule({ technique, construction, swings }: StartInput): StartValue {
  if (technique === 'pintucks')
    return {
      text: 'pintuck foot with grooves',
      source: 'rule',
      why: 'rows ride in the grooves and stay parallel',
    }
  if (technique === 'decorative' && swings)
    return {
      text: 'satin or open-toe foot with a tunnel',
      source: 'rule',
      why: 'thick stitches need room under the sole',
    }
  if (technique === 'appliqué edge' || technique === 'blanket stitch')
    return { text: 'open-toe foot', source: 'rule', why: 'you see the edge' }
  if (technique === 'topstitching')
    return { text: 'edge-guide foot', source: 'rule', why: 'the row keeps its distance' }
  return construction === 'single' && !swings
    ? { text: 'straight or zigzag foot', source: 'rule', why: 'one needle, straight' }
    : { text: 'zigzag foot', source: 'rule', why: 'a wide slot for what swings or stands apart' }
}
