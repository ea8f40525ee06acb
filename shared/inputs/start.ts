import { shareOf } from '#core/dial'
import type { Construction } from '#core/needle'
import { leadingThread, type StartInput, type ThreadFacts } from '#core/pairing'
import type { TensionDial } from '#core/terms'
import { newestFirst } from '../fields'
import type { Settings } from '../records'
import type { SetupContent } from '../setup'
import { type PairingTables, stitchFactsOf, threadedBlades } from './pairing'
import { type Bench, benchOf } from './swing'

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
