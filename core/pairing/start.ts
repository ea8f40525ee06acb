import { formatShort } from '#core/units'
import { markAt, shareOf } from '#core/dial'
import type { Construction } from '#core/needle'
import type { Schools } from '#core/schools'
import type { FootKind, Goal, Sole, Speed, StabilizerKind, Technique, TensionDial } from '#core/terms'
import { PRACTICE } from './practice'
import { threadClassOf, type ThreadClass, type ThreadFacts } from './threadClass'

/** Where a start value comes from. */
export type StartSource = 'own swatches' | 'own plan' | 'rule' | 'guess'

/** What own swatches say of a goal that was not sewn yet. */
export interface ForetoldShare {
  /** Of the way from normal tension to the end stop, −1 to 1. */
  readonly share: number
  /** How many swatches it comes from. */
  readonly of: number
}

export interface StartInput {
  /** The thread that decides: see `leadingThread`. */
  readonly thread: ThreadFacts
  /** It lies on the bobbin and is sewn from below. @defaultValue false */
  readonly isBelow?: boolean
  readonly construction: Construction
  readonly technique: Technique
  readonly goal: Goal
  /** Whether the stitch swings. */
  readonly swings: boolean
  /** This machine's own dial; null: not known, and then only the offset is said. */
  readonly dial: TensionDial | null
  /** What that dial can be set by; null: not known. */
  readonly dialStep: number | null
  /** Washed and tumbled: what is behind the stitch must stay. */
  readonly washed: boolean
  readonly schools: Pick<Schools, 'pearlTension' | 'filmSpeed'>
  /** null: too few of them, or not asked. */
  readonly foretold: ForetoldShare | null
  /** A kept plan with the same machine, stitch, kind of thread and construction of needle; null: none. */
  readonly own: { readonly name: string; readonly tension: number | null; readonly lengthMm: number } | null
  /**
   * A swatch of one's own with the same machine, kind of needle, thread and cloth; null: none.
   *
   * @defaultValue null
   */
  readonly ownSwatch?: OwnSwatch | null
}

/** A swatch that comes nearest to what is asked for. */
export interface OwnSwatch {
  readonly name: string
  readonly tension: number
  /** What is not the same, in words: job, length, stitch. */
  readonly differs: readonly string[]
}

/** What a start value comes from, in one line. */
export interface StartReason {
  readonly text: string
  readonly source: StartSource
  readonly why: string
}
/** One start value. `text` is what to do, `value` what to set; null: nothing there is to set. */
export interface StartValue<T> extends StartReason {
  readonly value: T | null
}

/** What a foot must be; `sole` null: any. */
export interface FootWish {
  readonly kind: FootKind
  readonly sole: Sole | null
}

export interface StartSettings {
  /** Offset from normal tension as a share of the way to the end stop it goes towards, −1 to 1. */
  readonly tensionShare: number
  /** What the rule alone says, as a share. */
  readonly ruleShare: number
  /** The number on this dial. `others` is what else speaks of it, and was not taken. */
  readonly tension: StartValue<number> & { readonly others: readonly StartReason[] }
  readonly length: StartValue<number>
  readonly width: StartValue<number>
  readonly speed: StartValue<Speed>
  readonly stabilizer: StartValue<StabilizerKind | 'none'>
  /** In the order of preference. */
  readonly foot: StartValue<readonly FootWish[]>
  readonly plate: StartValue<'zigzag' | 'single-hole'>
}

/** Dial numbers are said in halves: finer is what the trial strip is for. */
const DIAL_STEP = 0.5

/**
 * Settings to begin a trial with, one number each with all that speaks for it. A delicate thread's needs beat
 * the goal, because it breaks before it is judged. Own swatches come before an own plan, and that before the
 * rule.
 *
 * Tension numbers of the trade are given on dials of 0 to 9, normal at 4 to 5, so each is kept as a share
 * of the way from normal tension to the end stop and turned into a number of this dial.
 *
 * Source: common practice, except a value from own swatches or an own plan.
 *
 * @example
 * startSettings(input).tension // { value: 2.5, text: '2.5', source: 'rule', … }
 */
export function startSettings(input: StartInput): StartSettings {
  const threadClass = input.isBelow ? 'thick' : threadClassOf(input.thread)
  const rule = tensionRule(input, threadClass)
  const [taken, ...others] = tensionsOf(input, rule)
  const length = lengthRule(input, threadClass)
  const { share, value, ...said } = taken
  return {
    tensionShare: share,
    ruleShare: rule.share,
    tension: { ...said, value, others: others.map(({ text, source, why }) => ({ text, source, why })) },
    length: lengthSetting(length, input.own),
    width:
      length?.widthMm != null
        ? {
            value: length.widthMm,
            text: `${formatShort(length.widthMm)} mm`,
            source: 'rule',
            why: length.why,
          }
        : {
            value: null,
            text: input.swings ? 'the safe width or less' : 'straight',
            source: 'rule',
            why: 'see Width and swing',
          },
    speed: speedRule(threadClass, input),
    stabilizer: stabilizerRule(input),
    foot: footRule(input),
    plate: plateRule(input, threadClass),
  }
}

interface Tension extends StartValue<number> {
  readonly share: number
}
/** All that speaks of the tension, what counts most first; the rule always speaks. */
function tensionsOf(input: StartInput, rule: TensionRule): [Tension, ...Tension[]] {
  const { dial, foretold, own, ownSwatch = null } = input
  const at = (share: number, source: StartSource, why: string): Tension => {
    const value = dial && onDial(share, dial, input.dialStep)
    return { share, value, text: value === null ? offsetWords(share) : formatShort(value), source, why }
  }
  const byRule = at(rule.share, rule.source, rule.why)
  const more = []
  if (foretold)
    more.push(
      at(foretold.share, 'own swatches', `${foretold.of} own swatches like this, drawn toward the rule`),
    )
  if (ownSwatch && dial !== null) {
    const { name, tension, differs } = ownSwatch
    const said = { value: tension, text: formatShort(tension), source: 'own swatches' } as const
    const why = `sewn in “${name}”${differs.length > 0 ? `; here differ: ${differs.join(', ')}` : ''}`
    more.push({ ...said, share: shareOf(tension, dial), why })
  }
  if (own?.tension != null && dial !== null) {
    const said = { value: own.tension, text: formatShort(own.tension), source: 'own plan' } as const
    more.push({ ...said, share: shareOf(own.tension, dial), why: `as kept in “${own.name}”` })
  }
  const [first, ...rest] = [...more, byRule]
  return [first!, ...rest]
}

function lengthSetting(
  rule: { readonly mm: number; readonly why: string } | null,
  own: StartInput['own'],
): StartValue<number> {
  if (rule) return { value: rule.mm, text: `${rule.mm} mm`, source: 'rule', why: rule.why }
  if (own)
    return {
      value: own.lengthMm,
      text: `${formatShort(own.lengthMm)} mm`,
      source: 'own plan',
      why: `as kept in “${own.name}”`,
    }
  return { value: null, text: 'the stitch’s own', source: 'rule', why: 'nothing speaks against it' }
}

function plateRule(
  { construction, swings }: StartInput,
  threadClass: ThreadClass,
): StartValue<'zigzag' | 'single-hole'> {
  const zigzag = (why: string) => ({ value: 'zigzag', text: 'zigzag plate', source: 'rule', why }) as const
  if (construction !== 'single') return zigzag('a twin hits a single hole')
  if (swings) return zigzag('the needle swings')
  if (threadClass === 'fine') {
    return {
      value: 'single-hole',
      text: 'single-hole plate',
      source: 'rule',
      why: 'fine thread is pushed into a wide opening',
    }
  }
  return { value: null, text: 'either plate', source: 'rule', why: 'one needle, straight' }
}

/**
 * The number on a dial that lies this share of the way from normal tension to the end stop: in halves, and
 * where the dial goes by other steps, the nearest of those.
 *
 * @param step - what the dial can be set by; null: not known.
 *
 * @example
 * onDial(-0.5, { min: 0, home: 4, max: 9 }, 0.5) // 2
 */
export function onDial(share: number, dial: TensionDial, step: number | null): number {
  const halves = Math.round(markAt(share, dial) / DIAL_STEP) * DIAL_STEP
  const settable = step === null ? halves : dial.min + Math.round((halves - dial.min) / step) * step
  return Math.min(dial.max, Math.max(dial.min, Math.round(settable * 1000) / 1000))
}

interface TensionRule {
  readonly share: number
  readonly source: StartSource
  readonly why: string
}
const rule = (share: number, why: string): TensionRule => ({ share, source: 'rule', why })

// As numbers of a dial 0 to 9 with normal 4.5: about 3 and about 2; nearly 0; one step; half a step.
const ZIGZAG_METALLIC = -1.5 / 4.5
const STRAIGHT_METALLIC = -2.5 / 4.5
const NEARLY_NOTHING = -4 / 4.5
const ONE_STEP = 1 / 4.5
const HALF_STEP = 0.5 / 4.5

function tensionRule(
  { technique, goal, swings, schools }: StartInput,
  threadClass: ThreadClass,
): TensionRule {
  switch (threadClass) {
    case 'monofilament':
      return rule(NEARLY_NOTHING, 'monofilament stretches and puckers: nearly nothing')
    case 'film':
      return rule(STRAIGHT_METALLIC, 'flat metallic tears: about 2 on a dial with normal 4 to 5')
    case 'metallic':
      return swings
        ? rule(ZIGZAG_METALLIC, 'well below normal for metallic: about 3 on a dial with normal 4 to 5')
        : rule(STRAIGHT_METALLIC, 'metallic sewn straight goes lower again: about 2')
    case 'pearl':
      if (goal === 'bobbin hair' || schools.pearlTension === 'plus-one')
        return rule(ONE_STEP, 'normal and one: a hair of bobbin comes up')
      return rule(0, 'pearl at normal tension')
    case 'thick':
      return rule(0, 'bobbin work: normal top tension')
    default:
  }
  if (goal === 'raised') return rule(1, 'up to raise the tuck: the top of the dial as a first try')
  if (goal === 'flat') return rule(-HALF_STEP, 'half to one step down so that the rows lie flat')
  if (goal === 'bobbin hair') return rule(ONE_STEP, 'one up brings a hair of bobbin to the right side')
  if (threadClass === 'embroidery' && (technique === 'decorative' || technique === 'appliqué edge'))
    return rule(-HALF_STEP, 'slightly below normal, so that no bobbin shows')
  return rule(0, 'normal: nothing asks for more or less')
}

/** Nearer to normal than this is less than one can turn on purpose, as a share of the way. */
const HARDLY = 0.2
/** So near the end stop a dial is turned all the way. */
const NEARLY_ALL = 0.85
/**
 * A tension on a dial nobody described, in turns: a whole dial is taken to be about one turn, with normal in
 * its middle. A guess, to begin a strip with.
 */
function offsetWords(share: number): string {
  if (share === 0) return 'normal'
  const [way, ends] = share < 0 ? ['looser', 'loose'] : ['tighter', 'tight']
  if (Math.abs(share) < HARDLY) return `a little ${way} than normal`
  if (Math.abs(share) > NEARLY_ALL) return `nearly as ${ends} as the dial goes`
  return `a quarter turn ${way} than normal`
}

/** A stitch length in mm, and where a rule says it a width. */
export interface StartLength {
  readonly mm: number
  readonly widthMm: number | null
  readonly why: string
}

/**
 * What the work alone asks of a stitch, whatever the thread. Source: common practice.
 *
 * @returns null: as the stitch is usually sewn.
 *
 * @example
 * workLength({ technique: 'appliqué edge', swings: true }) // 1.0 by 1.0
 */
export function workLength({
  technique,
  swings,
}: Pick<StartInput, 'technique' | 'swings'>): StartLength | null {
  if (technique === 'appliqué edge' && swings)
    return { mm: 1, widthMm: 1, why: '1.0 × 1.0 catches the edge and hides' }
  if (technique === 'topstitching') return { mm: 3.5, widthMm: null, why: '3.0 to 3.5 for show' }
  if (technique === 'hem') return { mm: 3, widthMm: null, why: 'longer than a seam, so that it lies flat' }
  if (technique === 'pintucks') return { mm: 2.2, widthMm: null, why: '2.0 to 2.5 for pintucks' }
  return null
}

function lengthRule(input: StartInput, threadClass: ThreadClass): StartLength | null {
  const { technique, swings } = input
  if (threadClass === 'monofilament' && swings)
    return { mm: 1, widthMm: 1, why: '1.0 × 1.0 hides monofilament at an edge' }
  if (threadClass === 'pearl' && technique === 'blanket stitch')
    return { mm: 5, widthMm: 6, why: 'pearl blanket stitch shows at 5.0 × 6.0' }
  if (threadClass === 'pearl' && !swings) return { mm: 3, widthMm: null, why: 'a pearl line wants room' }
  if (threadClass === 'heavy' && !swings)
    return { mm: 3.5, widthMm: null, why: 'at least 3.0 to 3.5, or heavy thread sinks in' }
  const byWork = workLength(input)
  if (byWork) return byWork
  return threadClass === 'fine' && !swings
    ? { mm: 1.8, widthMm: null, why: 'fine thread holds at about 1.8' }
    : null
}

function speedRule(threadClass: ThreadClass, { construction, schools }: StartInput): StartValue<Speed> {
  const slow = { value: 'slow', text: 'slow', source: 'rule' } as const
  if (threadClass === 'film' && schools.filmSpeed === 'full')
    return { value: 'usual', text: 'full speed', source: 'rule', why: 'your school: once it feeds flat' }
  if (
    threadClass === 'metallic'
    || threadClass === 'film'
    || threadClass === 'pearl'
    || threadClass === 'monofilament'
  ) {
    return { ...slow, why: `${PRACTICE[threadClass].name} breaks or tangles at speed` }
  }
  if (threadClass === 'thick')
    return { value: 'medium', text: 'medium', source: 'rule', why: 'bobbin work runs evenly at medium speed' }
  if (construction !== 'single')
    return {
      value: 'medium',
      text: 'slower than with one needle',
      source: 'rule',
      why: 'two needles bend more easily',
    }
  return { value: 'usual', text: 'as usual', source: 'rule', why: 'start slowly' }
}

function stabilizerRule({ technique, washed, swings }: StartInput): StartValue<StabilizerKind | 'none'> {
  if (
    technique !== 'decorative'
    && technique !== 'appliqué edge'
    && technique !== 'blanket stitch'
    && !(technique === 'topstitching' && swings)
  ) {
    return {
      value: 'none',
      text: 'none',
      source: 'rule',
      why: 'the cloth carries this by itself; interfacing behind loose weaves',
    }
  }
  return washed
    ? {
        value: 'cut-away',
        text: 'cut-away',
        source: 'rule',
        why: 'it stays and holds when the piece is washed and tumbled',
      }
    : { value: 'tear-away', text: 'tear-away', source: 'rule', why: 'enough for an occasional wash' }
}

const foot = (text: string, why: string, ...value: FootWish[]): StartValue<readonly FootWish[]> => ({
  value,
  text,
  source: 'rule',
  why,
})
const kind = (one: FootKind, sole: Sole | null = null): FootWish => ({ kind: one, sole })

function footRule({ technique, construction, swings }: StartInput): StartValue<readonly FootWish[]> {
  if (technique === 'pintucks')
    return foot('pintuck foot with grooves', 'rows ride in the grooves and stay parallel', kind('pintuck'))
  if (technique === 'decorative' && swings)
    return foot(
      'satin or open-toe foot with a tunnel',
      'thick stitches need room under the sole',
      kind('satin'),
      kind('open toe', 'tunnel'),
    )
  if (technique === 'appliqué edge' || technique === 'blanket stitch')
    return foot('open-toe foot', 'you see the edge', kind('open toe'))
  if (technique === 'topstitching')
    return foot('edge-guide foot', 'the row keeps its distance', kind('edge guide'))
  return construction === 'single' && !swings
    ? foot('straight or zigzag foot', 'one needle, straight', kind('straight'), kind('zigzag'))
    : foot('zigzag foot', 'a wide slot for what swings or stands apart', kind('zigzag'))
}
