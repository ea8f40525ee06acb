import { shareOf } from '#core/dial'
import type { Construction } from '#core/needle'
import { JOBS } from '#core/job'
import {
  decidingThread,
  type ForetoldShare,
  isThickBelow,
  type StartInput,
  type ThreadFacts,
} from '#core/pairing'
import type { TensionDial } from '#core/terms'
import { dequal as equal } from 'dequal/lite'
import { newestFirst } from '../fields'
import { pieceName, type Settings } from '../records'
import type { SetupContent } from '../setup'
import { type PairingTables, stitchFactsOf, threadedBlades } from './pairing'
import { setupPartsOf } from './swing'

/**
 * What the start settings are asked for; null without a thread.
 *
 * @param construction - of the needle it is for: the one that is in, or one that is looked at.
 * @param foretold - what own swatches say; null: too few, or not read.
 */
export function startInputOf(
  setup: SetupContent,
  construction: Construction,
  tables: PairingTables,
  settings: Settings,
  foretold: ForetoldShare | null = null,
): StartInput | null {
  const above = threadedBlades(setup, construction, tables.threads).map(({ thread }) => thread)
  const wound = tables.threads.get(setup.bobbinId ?? '') ?? null
  const thread = decidingThread(above, wound)
  if (!thread) return null
  const parts = setupPartsOf(setup, tables)
  const dial = parts.machine?.tensionDial ?? null
  return {
    thread,
    isBelow: wound !== null && isThickBelow(wound),
    construction,
    technique: JOBS[setup.job].technique,
    goal: setup.goal,
    swings: stitchFactsOf(setup, parts)?.swings ?? false,
    dial,
    dialStep: parts.machine?.dialStep ?? null,
    washed: setup.washed,
    schools: settings.schools,
    foretold,
    own: ownPlan(setup, thread, dial, construction, tables),
  }
}

/** Set up for the same in all but its numbers: the piece itself, which says nothing of itself. */
function isSameWork(one: SetupContent, other: SetupContent): boolean {
  const [mine, its] = [one, other].map(({ tension: _, tensionFrom: __, stitch, ...setup }) => ({
    ...setup,
    stitchId: stitch.stitchId,
  }))
  return equal(mine, its)
}

/**
 * The newest piece with this machine, job, stitch, kind of thread and construction of needle whose
 * tension was found or typed and lies on the dial: of anything else the number says nothing here.
 */
function ownPlan(
  setup: SetupContent,
  thread: ThreadFacts,
  dial: TensionDial | null,
  construction: Construction,
  { pieces, threads, needles }: PairingTables,
): StartInput['own'] {
  if (!dial) return null
  const alike = [...pieces.values()].filter(
    piece =>
      !isSameWork(piece.setup, setup)
      && piece.setup.tensionFrom?.how !== 'start'
      && piece.setup.machineId === setup.machineId
      && piece.setup.job === setup.job
      && piece.setup.stitch.stitchId === setup.stitch.stitchId
      && piece.setup.tension !== null
      && Math.abs(shareOf(piece.setup.tension, dial)) <= 1
      && needles.get(piece.setup.needleId ?? '')?.construction === construction
      && Object.values(piece.setup.threadIds).some(id => threads.get(id ?? '')?.kind === thread.kind),
  )
  const newest = newestFirst(alike, ({ begunAt }) => begunAt ?? '')[0]
  return newest
    ? { name: pieceName(newest), tension: newest.setup.tension, lengthMm: newest.setup.stitch.lengthMm }
    : null
}
