import { shareOf } from '#core/dial'
import { type Blade, BLADES, threadedBladesOf } from '#core/needle'
import { JOBS } from '#core/job'
import { leadingThread, startSettings, type ThreadFacts } from '#core/pairing'
import type { LearntFrom, SwatchFeatures } from '#core/swatch'
import { hasSwing } from '#core/stitch'
import type { TrialGoal } from '#core/trial'
import { setupPartsOf, type SetupTables, plateOn } from './swing'
import type { Cloth, Frozen, Settings, Stabilizer, Swatch, Thread } from '../records'
import type { SetupContent } from '../setup'
import { GOAL_SETUPS } from './trialGoals'

interface FreezeTables extends SetupTables {
  readonly threads: ReadonlyMap<string, Thread>
  readonly cloths: ReadonlyMap<string, Cloth>
  readonly stabilizers: ReadonlyMap<string, Stabilizer>
}

/** A setup's records by name and nature, as they are now. Blades that are not there have no thread. */
export function frozenOf(setup: SetupContent, tables: FreezeTables): Frozen {
  const { machine, needle, foot, plate, stitch } = setupPartsOf(setup, tables)
  const thread = (id: string | null) => {
    const found = tables.threads.get(id ?? '')
    return found ? { name: found.name, kind: found.kind, hex: found.colours[0]!.hex, tex: found.tex } : null
  }
  const cloth = tables.cloths.get(setup.clothId ?? '')
  const blades = threadedBladesOf(needle?.construction ?? 'single')
  const onBlade = (blade: Blade) => (blades.includes(blade) ? thread(setup.threadIds[blade]) : null)
  return {
    machine: machine && { name: machine.name, dial: machine.tensionDial },
    needle: needle && {
      construction: needle.construction,
      gapMm: needle.gapMm,
      sizeNm: needle.sizeNm,
      type: needle.type,
      hoursSewn: needle.hoursSewn,
    },
    threads: { left: onBlade('left'), middle: onBlade('middle'), right: onBlade('right') },
    bobbin: thread(setup.bobbinId),
    foot: foot?.name ?? null,
    plate: plateOn(setup, plate).name,
    cloth: cloth ? { name: cloth.name, structure: cloth.structure, hex: cloth.hex } : null,
    stabilizer: tables.stabilizers.get(setup.stabilizerId ?? '')?.name ?? null,
    stitch: stitch && { name: stitch.name, swings: hasSwing(stitch) },
  }
}

function leadOf({ threads }: Frozen): ThreadFacts | null {
  const [first, ...rest] = BLADES.flatMap((blade): ThreadFacts[] => {
    const thread = threads[blade]
    return thread ? [{ kind: thread.kind, tex: thread.tex, diameterMm: null }] : []
  })
  return first ? leadingThread([first, ...rest]) : null
}

function stitchFeature(stitch: Frozen['stitch']): string {
  if (stitch === null) return 'none'
  return stitch.swings ? 'swings' : 'straight'
}

/** What a combination is compared by. */
export function featuresOf(goal: TrialGoal, frozen: Frozen): SwatchFeatures {
  return {
    thread: leadOf(frozen)?.kind ?? 'none',
    needle: frozen.needle?.type ?? 'none',
    construction: frozen.needle?.construction ?? 'none',
    stitch: stitchFeature(frozen.stitch),
    goal,
    cloth: frozen.cloth?.structure ?? 'not known',
    gap: frozen.needle?.gapMm ?? 0,
  }
}

/** What the rule says for a frozen combination, as a share of the way from normal tension. */
export function ruleShareOf(
  goal: TrialGoal,
  setup: SetupContent,
  frozen: Frozen,
  settings: Settings,
): number {
  const thread = leadOf(frozen)
  if (!thread) return 0
  const aim = GOAL_SETUPS[goal]
  return startSettings({
    thread,
    construction: frozen.needle?.construction ?? 'single',
    technique: JOBS[aim.job ?? setup.job].technique,
    goal: aim.goal,
    swings: frozen.stitch?.swings ?? false,
    dial: null,
    dialStep: null,
    washed: setup.washed,
    schools: settings.schools,
    foretold: null,
    own: null,
  }).ruleShare
}

/**
 * How far a swatch's number lies from normal tension, as a share of the way to the end stop; null: number or
 * dial not known.
 */
export function offsetOf({ setup, frozen }: Swatch): number | null {
  return setup.tension === null || frozen.machine?.dial == null
    ? null
    : shareOf(setup.tension, frozen.machine.dial)
}

/** What a swatch teaches, worked out once: a record never changes, it is replaced. */
const learnt = new WeakMap<
  Swatch,
  { readonly school: Settings['schools']['pearlTension']; readonly from: LearntFrom | null }
>()

/** Only own tests that came out good teach something: the others did not sit at their goal. */
export const isLesson = ({ source, verdict }: Swatch) => source === 'own' && verdict === 'good'
const isShare = (share: number) => Math.abs(share) <= 1

/** A swatch as something to learn from; null: it teaches nothing, or its number lies on no known dial. */
export function learntFromSwatch(swatch: Swatch, settings: Settings): LearntFrom | null {
  const school = settings.schools.pearlTension
  const known = learnt.get(swatch)
  if (known?.school === school) return known.from
  const share = offsetOf(swatch)
  const from =
    share === null || !isShare(share) || !isLesson(swatch)
      ? null
      : {
          id: swatch.id,
          features: featuresOf(swatch.goal, swatch.frozen),
          share,
          ruleShare: ruleShareOf(swatch.goal, swatch.setup, swatch.frozen, settings),
        }
  learnt.set(swatch, { school, from })
  return from
}
