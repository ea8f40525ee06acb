import type { ConflictInput, ThreadedBlade } from '#core/conflicts'
import { type Construction, threadedBladesOf } from '#core/needle'
import { shareOf } from '#core/dial'
import { type Candidate, leadingThread, type StartInput, type ThreadFacts } from '#core/pairing'
import type { ClothFacts, TensionDial } from '#core/terms'
import { hasSwing } from '#core/stitch'
import { type Bench, benchOf, type BenchTables, plateOn } from './swing'
import { newestFirst } from '../fields'
import type { Cloth, NeedleRecord, Plan, Settings, Stabilizer, Thread } from '../records'
import type { SetupContent } from '../setup'

/** The tables pairing looks things up in. */
export interface PairingTables extends BenchTables {
  readonly threads: ReadonlyMap<string, Thread>
  readonly cloths: ReadonlyMap<string, Cloth>
  readonly stabilizers: ReadonlyMap<string, Stabilizer>
  readonly plans: ReadonlyMap<string, Plan>
}

/** From here on the swing is so wide for its length that the stitch lies like satin. Common practice. */
const DENSE_RATIO = 5
const UNKNOWN_CLOTH: ClothFacts = { structure: null, weight: null }

/** The threads of a setup, one a blade, left to right; a blade without one is left out. */
export function threadedBlades(
  setup: SetupContent,
  construction: Construction,
  threads: ReadonlyMap<string, Thread>,
): (ThreadedBlade & { readonly thread: Thread })[] {
  return threadedBladesOf(construction).flatMap(blade => {
    const thread = threads.get(setup.threadIds[blade] ?? '')
    if (!thread) return []
    const { place, draw } = setup.supplies[blade]
    return [{ blade, thread, supply: { place, draw: draw ?? thread.unwinds } }]
  })
}

export function clothFactsOf(setup: SetupContent, cloths: ReadonlyMap<string, Cloth>): ClothFacts {
  return cloths.get(setup.clothId ?? '') ?? UNKNOWN_CLOTH
}

/** A needle of one's own as the ranking wants it. */
export function candidateOf(needle: NeedleRecord): Candidate {
  const { id, construction, gapMm, sizeNm, type, state, hoursSewn, blocksSewn, seen } = needle
  return { id, construction, gapMm, sizeNm, type, wear: { state, hoursSewn, blocksSewn, seen } }
}

function stitchFactsOf(setup: SetupContent, { stitch }: Bench): ConflictInput['stitch'] {
  if (!stitch) return null
  const { widthMm, lengthMm } = setup.stitch
  const swings = hasSwing(stitch) && widthMm > 0
  return { swings, dense: swings && widthMm / lengthMm >= DENSE_RATIO, lengthMm }
}

/** The whole setup as the conflict rules see it. */
export function conflictInputOf(
  setup: SetupContent,
  tables: PairingTables,
  settings: Settings,
): ConflictInput {
  const bench = benchOf(setup, tables)
  const { needle, foot, plate, machine } = bench
  return {
    needle: needle && candidateOf(needle),
    hook: machine?.hook ?? null,
    foot: foot && { singleHole: foot.singleHole, grooved: foot.sole === 'grooved' },
    plate: { singleHole: plateOn(setup, plate).singleHole },
    stitch: stitchFactsOf(setup, bench),
    threads: threadedBlades(setup, needle?.construction ?? 'single', tables.threads),
    bobbin: tables.threads.get(setup.bobbinId ?? '') ?? null,
    cloth: clothFactsOf(setup, tables.cloths),
    technique: setup.technique,
    goal: setup.goal,
    washed: setup.washed,
    stabilizer: tables.stabilizers.get(setup.stabilizerId ?? '')?.kind ?? null,
    tension: setup.tension,
    dial: machine?.tensionDial ?? null,
    threader: setup.threader,
    cutter: setup.cutter,
    sharedDiscs: setup.sharedDiscs,
    cutterSchool: settings.schools.cutter,
  }
}

/** What the start settings are asked for; null without a thread. */
export function startInputOf(
  setup: SetupContent,
  construction: Construction,
  tables: PairingTables,
  settings: Settings,
): StartInput | null {
  const [first, ...rest] = threadedBlades(setup, construction, tables.threads)
  if (!first) return null
  const bench = benchOf(setup, tables)
  const thread = leadingThread([first.thread, ...rest.map(({ thread }) => thread)])
  const dial = bench.machine?.tensionDial ?? null
  return {
    thread,
    construction,
    technique: setup.technique,
    goal: setup.goal,
    swings: stitchFactsOf(setup, bench)?.swings ?? false,
    dial,
    washed: setup.washed,
    pearlTension: settings.schools.pearlTension,
    own: ownPlan(setup, thread, dial, bench, tables),
  }
}

/**
 * The newest kept plan with this machine, the same kind of thread, technique and needle type whose tension
 * lies on the dial.
 */
function ownPlan(
  setup: SetupContent,
  thread: ThreadFacts,
  dial: TensionDial | null,
  { needle }: Bench,
  { plans, threads, needles }: PairingTables,
): StartInput['own'] {
  if (!dial || !needle) return null
  const alike = [...plans.values()].filter(
    plan =>
      plan.setup.machineId === setup.machineId
      && plan.setup.technique === setup.technique
      && plan.setup.tension !== null
      && Math.abs(shareOf(plan.setup.tension, dial)) <= 1
      && needles.get(plan.setup.needleId ?? '')?.type === needle.type
      && Object.values(plan.setup.threadIds).some(id => threads.get(id ?? '')?.kind === thread.kind),
  )
  const newest = newestFirst(alike, ({ keptAt }) => keptAt)[0]
  return newest
    ? { name: newest.name, tension: newest.setup.tension, lengthMm: newest.setup.stitch.lengthMm }
    : null
}
