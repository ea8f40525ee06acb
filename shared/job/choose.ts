import { dequal as equal } from 'dequal/lite'
import { leadingColour } from '#core/colour'
import { JOBS, type Job, type JobId, trialGoalOf } from '#core/job'
import { needleNameAndType } from '#core/needle'
import {
  bobbinAdvice,
  decidingThread,
  isThickBelow,
  type ForetoldShare,
  rankBobbins,
  rankNeedles,
  startSettings,
  workLength,
} from '#core/pairing'
import { findStitch, libraryAlike, STITCHES } from '#core/stitch'
import type { SwatchFeatures } from '#core/swatch'
import type { Goal } from '#core/terms'
import { formatShort } from '#core/units'
import {
  bobbinInputOf,
  setupPartsOf,
  candidateOf,
  clothFactsOf,
  featuresOf,
  frozenOf,
  startInputOf,
  stitchFactsOf,
  threadedBlades,
} from '../inputs'
import type { NeedleRecord } from '../records'
import { type SetupContent, tensionFromOf } from '../setup'
import {
  dialledIn,
  type Setting,
  type Settled,
  type StartSize,
  withStartSize,
  type Workplace,
} from './settings'

/** What own swatches say before a row was sewn; null: too few like it. */
export type Foretell = (wanted: SwatchFeatures, ruleShare: number) => ForetoldShare | null

/**
 * A setup for a job: stitch, needle where the job needs several, bobbin, and every start value, in one.
 * Threads and cloth are the sewist's own choice and stay.
 */
export function setUpFor(id: JobId, setup: SetupContent, place: Workplace, foretell: Foretell): Settled {
  const job = JOBS[id]
  const goal = goalFor(id, place)
  const named: Settled = {
    setup: { ...setup, job: id, goal },
    settings: [
      told('Job', JOBS[setup.job].name, job.name, job.about),
      told('Goal', setup.goal, goal, 'usual for this job'),
    ],
  }
  const steps = [needleStep, stitchStep, bobbinStep]
  const fitted = steps.reduce((so, step) => add(so, step(so.setup, job, place)), named)
  const start = startFor(fitted.setup, place, foretell)
  if (!start) return add(fitted, sizeWithoutThread(fitted.setup, job, place))
  // What was found for another job or goal is not what is looked for now.
  const isSameWork = setup.job === id && setup.goal === goal
  const from = isSameWork || start.tension.value === null ? fitted.setup.tensionFrom : null
  const dialled = dialledIn({ ...fitted.setup, tensionFrom: from }, start, place)
  return { setup: dialled.setup, settings: [...fitted.settings, ...dialled.settings] }
}

/**
 * A changed setup with what a rule had set for it before: length and width of its stitch for other threads,
 * and the tension for whatever it was for. What a person set otherwise is held.
 *
 * @param before - the setup before its change.
 * @param next - the setup after it.
 */
export function withStartValues(
  before: SetupContent,
  next: SetupContent,
  place: Workplace,
  foretell: Foretell,
): SetupContent {
  return withStartTension(before, withStartStitch(before, next, place, foretell), place, foretell)
}

/** Other threads in the same stitch: a length or width that was the rule’s for those is set for these. */
function withStartStitch(
  before: SetupContent,
  next: SetupContent,
  place: Workplace,
  foretell: Foretell,
): SetupContent {
  const isOnlyThread = equal({ ...next, threadIds: before.threadIds }, before)
  if (!isOnlyThread || equal(next.threadIds, before.threadIds)) return next
  const [was, is] = [startFor(before, place, foretell), startFor(next, place, foretell)]
  if (!was || !is) return next
  const [byRule, now] = [
    withStartSize(before, was, place).setup.stitch,
    withStartSize(next, is, place).setup.stitch,
  ]
  const { lengthMm, widthMm } = before.stitch
  const stitch = {
    ...next.stitch,
    lengthMm: byRule.lengthMm === lengthMm ? now.lengthMm : lengthMm,
    widthMm: byRule.widthMm === widthMm ? now.widthMm : widthMm,
  }
  return equal(stitch, next.stitch) ? next : { ...next, stitch }
}

/** A tension that was sewn or typed is held, and the verdict questions it. */
function withStartTension(
  before: SetupContent,
  next: SetupContent,
  place: Workplace,
  foretell: Foretell,
): SetupContent {
  const isByRule = before.tensionFrom?.how === 'start' && next.tensionFrom?.how === 'start'
  if (!isByRule) return next
  // The same rule for what is on now.
  if (equal(startAskedOf(before, place), startAskedOf(next, place)))
    return { ...next, tensionFrom: tensionFromOf(next, 'start') }
  const start = startFor(next, place, foretell)
  const { value = null } = start?.tension ?? {}
  const set = { ...next, tension: value }
  return { ...set, tensionFrom: tensionFromOf(set, 'start') }
}
/** What the start value of the tension follows from. */
function startAskedOf(setup: SetupContent, { tables, settings }: Workplace) {
  const { needle } = setupPartsOf(setup, tables)
  return {
    machineId: setup.machineId,
    asked: startInputOf(setup, needle?.construction ?? 'single', tables, settings),
  }
}

/** Where to begin with a setup that is in no piece yet; null without a thread. */
function startFor(setup: SetupContent, { tables, settings }: Workplace, foretell: Foretell) {
  const { needle } = setupPartsOf(setup, tables)
  const construction = needle?.construction ?? 'single'
  const input = startInputOf(setup, construction, tables, settings)
  if (!input) return null
  const kinds = threadedBlades(setup, construction, tables.threads).map(({ thread }) => thread.kind)
  const wanted = featuresOf(trialGoalOf(setup.job, setup.goal, kinds), frozenOf(setup, tables))
  return startSettings({ ...input, foretold: foretell(wanted, startSettings(input).ruleShare) })
}

/** Without a thread nothing is known but what the work itself asks of its stitch. */
const sizeWithoutThread: Step = (setup, { technique }, place) => {
  const swings = stitchFactsOf(setup, setupPartsOf(setup, place.tables))?.swings ?? false
  const asked = workLength({ technique, swings })
  const said = { source: 'rule', why: asked?.why ?? 'as the stitch is usually sewn' } as const
  const valueOf = (mm: number | null) => ({ ...said, value: mm, text: mm === null ? '' : formatShort(mm) })
  const size: StartSize = { length: valueOf(asked?.mm ?? null), width: valueOf(asked?.widthMm ?? null) }
  const { setup: sized, settings } = withStartSize(setup, size, place)
  return { change: { stitch: sized.stitch }, settings }
}

/** With pearl the school decides whether a hair of bobbin comes up. */
function goalFor(id: JobId, { settings }: Workplace): Goal {
  const isHair = id === 'pearl-line' && settings.schools.pearlTension === 'plus-one'
  return isHair ? 'bobbin hair' : JOBS[id].goal
}

interface StepResult {
  readonly change: Partial<SetupContent>
  readonly settings: readonly Setting[]
}
type Step = (setup: SetupContent, job: Job, place: Workplace) => StepResult
const NOTHING: StepResult = { change: {}, settings: [] }
const add = ({ setup, settings }: Settled, step: StepResult): Settled => ({
  setup: { ...setup, ...step.change },
  settings: [...settings, ...step.settings],
})
const told = (
  name: string,
  from: string,
  to: string,
  why: string,
  missing: string | null = null,
): Setting => ({
  name,
  from,
  to,
  source: 'rule',
  why,
  missing,
})

const GAP_ROUNDING_MM = 0.05
const gapText = ([least, most]: readonly [number, number]) => `a twin of ${least} to ${most}`

/** Where several needles make the job: the best owned of that gap, and a thread on its right. */
const needleStep: Step = (setup, { twinGapMm, isTurned }, { tables, settings }) => {
  if (isTurned) return singleNeedle(setup, { tables, settings })
  if (!twinGapMm) return NOTHING
  const { needle } = setupPartsOf(setup, tables)
  const from = needle ? needleNameAndType(needle) : 'none'
  const why = 'the tuck rises between two needles'
  const suits = ({ construction, gapMm }: Pick<NeedleRecord, 'construction' | 'gapMm'>) =>
    construction === 'twin'
    && gapMm >= twinGapMm[0] - GAP_ROUNDING_MM
    && gapMm <= twinGapMm[1] + GAP_ROUNDING_MM
  if (needle && suits(needle)) return { change: {}, settings: [told('Needle', from, from, why)] }
  const found = bestOf([...tables.needles.values()].filter(suits), 'twin', setup, { tables, settings })
  if (!found) {
    const missing = `you own no needle like that: ${gapText(twinGapMm)}`
    return { change: {}, settings: [told('Needle', from, from, why, missing)] }
  }
  const { left, right } = setup.threadIds
  const second = right === null && left !== null ? { threadIds: { ...setup.threadIds, right: left } } : {}
  const name = (id: string | null) => tables.threads.get(id ?? '')?.name ?? 'none'
  const secondRow = second.threadIds ? [told('Right thread', 'none', name(left), 'as the left')] : []
  return {
    change: { needleId: found.id, ...second },
    settings: [told('Needle', from, needleNameAndType(found), why), ...secondRow],
  }
}

function singleNeedle(setup: SetupContent, place: Pick<Workplace, 'tables' | 'settings'>): StepResult {
  const named = (id: string | null) => {
    const needle = place.tables.needles.get(id ?? '')
    return needle ? needleNameAndType(needle) : 'none'
  }
  const { needleId } = withOneNeedle(setup, place)
  const from = named(setup.needleId)
  const isSingle = place.tables.needles.get(needleId ?? '')?.construction === 'single'
  const missing = isSingle ? null : 'you own no single needle'
  const why = 'turned at points with the needle down'
  return { change: { needleId }, settings: [told('Needle', from, named(needleId), why, missing)] }
}

/**
 * A setup that turns corners: with a single needle, the best one owned, where several are on. What is owned
 * decides: without a single needle it stays as it is.
 */
export function withOneNeedle(
  setup: SetupContent,
  place: Pick<Workplace, 'tables' | 'settings'>,
): SetupContent {
  const { needle } = setupPartsOf(setup, place.tables)
  if (needle?.construction === 'single') return setup
  const owned = [...place.tables.needles.values()].filter(({ construction }) => construction === 'single')
  const found = bestOf(owned, 'single', setup, place)
  return found ? { ...setup, needleId: found.id } : setup
}

function bestOf(
  owned: readonly NeedleRecord[],
  construction: 'single' | 'twin',
  setup: SetupContent,
  { tables }: Pick<Workplace, 'tables' | 'settings'>,
): NeedleRecord | null {
  const there = owned.filter(({ count, state }) => count > 0 && state !== 'bent')
  const threads = threadedBlades(setup, construction, tables.threads).map(({ thread }) => thread)
  if (threads.length === 0) return there[0] ?? null
  const cloth = clothFactsOf(setup, tables.cloths)
  const [best] = rankNeedles({ threads, cloth, construction, gapMm: null }, there.map(candidateOf))
  return best ? tables.needles.get(best.needle.id)! : null
}

/** The stitch that is on stays where the job can be sewn with it, mirrored and moved as it was. */
const stitchStep: Step = (setup, { stitchIds, takesOwnStitches }, { tables }) => {
  const { stitch } = setupPartsOf(setup, tables)
  const isOwn = stitch !== null && findStitch(stitch.id) === null
  const from = stitch?.name ?? 'none'
  const alike = stitch && libraryAlike(stitch)
  if (stitch && ((alike && stitchIds.includes(alike.id)) || (isOwn && takesOwnStitches)))
    return { change: {}, settings: [told('Stitch', from, from, 'goes with this job')] }
  const taken = STITCHES.find(({ id }) => id === stitchIds[0])!
  return {
    change: {
      stitch: {
        stitchId: taken.id,
        widthMm: taken.defaultWidthMm,
        lengthMm: taken.defaultLengthMm,
        mirror: false,
        positionMm: 0,
      },
    },
    settings: [told('Stitch', from, taken.name, taken.use)],
  }
}

/** What goes on the bobbin, by kind of thread and school, and past which tension it runs. */
const bobbinStep: Step = (setup, job, place) =>
  (job.isBobbinWork ? thickBelow : usualBelow)(setup, job, place)

const thickBelow: Step = (setup, _job, { tables }) => {
  const thread = (id: string | null) => tables.threads.get(id ?? '') ?? null
  const isThick = (id: string | null) => {
    const found = thread(id)
    return found !== null && isThickBelow(found)
  }
  const { left, middle, right } = setup.threadIds
  const thickId = [setup.bobbinId, left, middle, right].find(isThick) ?? null
  const from = thread(setup.bobbinId)?.name ?? 'none'
  const spring = told(
    'Bobbin tension',
    setup.bobbinTension,
    'bypassed',
    'a thick thread runs past the spring',
  )
  const change = { bobbinTension: 'bypassed' } as const
  if (thickId === null) {
    const missing = 'wind the thick thread: pearl 8, crochet or floss'
    return { change, settings: [told('Bobbin', from, from, 'the thick thread', missing), spring] }
  }
  const off = (id: string | null) => (isThick(id) ? null : id)
  const threadIds = { left: off(left), middle: off(middle), right: off(right) }
  const isBare = Object.values(threadIds).every(id => id === null)
  const above = isBare
    ? [told('Thread', 'none', 'none', 'it holds the thick one', 'choose a fine one in the same colour')]
    : []
  const wound = told('Bobbin', from, thread(thickId)!.name, 'too bulky for a needle')
  return { change: { ...change, bobbinId: thickId, threadIds }, settings: [wound, spring, ...above] }
}

const usualBelow: Step = (setup, _job, { tables, settings }) => {
  const spring = told('Bobbin tension', setup.bobbinTension, 'home', 'nothing asks for more or less')
  const change = { bobbinTension: 'home' } as const
  const parts = setupPartsOf(setup, tables)
  const above = threadedBlades(setup, parts.needle?.construction ?? 'single', tables.threads)
  const top = decidingThread(
    above.map(({ thread }) => thread),
    null,
  )
  if (!top) return { change, settings: [spring] }
  const input = bobbinInputOf(top, setup, tables, settings)
  const ranked = rankBobbins(
    input,
    top.id,
    [...tables.threads.values()]
      .filter(({ metresLeft }) => metresLeft !== 0)
      .map(thread => ({ ...thread, hex: leadingColour(thread.colours) })),
  )
  const from = tables.threads.get(setup.bobbinId ?? '')?.name ?? 'none'
  const found = ranked.find(({ id }) => id === setup.bobbinId) ?? ranked[0]
  if (!found) {
    const missing = `you own no ${bobbinAdvice(input).choices[0]!.what}`
    return { change, settings: [told('Bobbin', from, from, 'goes with the thread', missing), spring] }
  }
  const wound = told('Bobbin', from, tables.threads.get(found.id)!.name, found.why)
  return { change: { ...change, bobbinId: found.id }, settings: [wound, spring] }
}
