import { shareOf } from '#core/dial'
import { BLADES, type Construction } from '#core/needle'
import { JOBS } from '#core/job'
import {
  decidingThread,
  type ForetoldShare,
  isThickBelow,
  type OwnSwatch,
  type StartInput,
  type ThreadFacts,
} from '#core/pairing'
import { stitchFamily, stitchOf } from '#core/stitch'
import type { TensionDial } from '#core/terms'
import { formatShort } from '#core/units'
import { dequal as equal } from 'dequal/lite'
import { newestFirst } from '../fields'
import { pieceName, type Settings, type Swatch } from '../records'
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
    ownSwatch: ownSwatchOf(setup, dial, tables),
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

/**
 * The own swatch that comes nearest: sewn well on this machine, with a needle of this kind, these threads and
 * this cloth, for this goal. Job, stitch of the family and length may differ: how, is said.
 */
function ownSwatchOf(
  setup: SetupContent,
  dial: TensionDial | null,
  { swatches, needles, threads, stitches }: PairingTables,
): OwnSwatch | null {
  // Of a cloth nobody named none can be said to be the same.
  if (!dial || !swatches || setup.clothId === null) return null
  const needleOf = (id: string | null) => needles.get(id ?? '') ?? null
  const family = (one: SetupContent) => {
    const stitch = stitchOf(one.stitch.stitchId, stitches)
    return stitch && stitchFamily(stitch)
  }
  const isAlike = ({ setup: sewn, source, verdict }: Swatch) => {
    const [was, is] = [needleOf(sewn.needleId), needleOf(setup.needleId)]
    return (
      source === 'own'
      && verdict !== 'failed'
      && sewn.tension !== null
      && sewn.machineId === setup.machineId
      && sewn.clothId === setup.clothId
      && sewn.goal === setup.goal
      && was !== null
      && is !== null
      && ALIKE_NEEDLES.every(field => was[field] === is[field])
      && BLADES.every(blade => isSameThread(sewn.threadIds[blade], setup.threadIds[blade], threads))
      && family(sewn) === family(setup)
      && Math.abs(shareOf(sewn.tension, dial)) <= 1
    )
  }
  const found = newestFirst([...swatches.values()].filter(isAlike), ({ keptAt }) => keptAt)
    .map(swatch => ({ swatch, differs: differsIn(swatch.setup, setup, stitches) }))
    .sort((a, b) => a.differs.length - b.differs.length)[0]
  return found
    ? { name: found.swatch.name, tension: found.swatch.setup.tension!, differs: found.differs }
    : null
}

const ALIKE_NEEDLES = ['construction', 'gapMm', 'sizeNm', 'type'] as const
/** A thread of the same kind and weight pulls alike, whatever its colour. */
function isSameThread(wasId: string | null, isId: string | null, threads: PairingTables['threads']): boolean {
  if (wasId === isId) return true
  const [was, is] = [threads.get(wasId ?? ''), threads.get(isId ?? '')]
  return was !== undefined && is !== undefined && was.kind === is.kind && was.tex === is.tex
}
function differsIn(sewn: SetupContent, setup: SetupContent, stitches: PairingTables['stitches']): string[] {
  const nameOf = (one: SetupContent) => stitchOf(one.stitch.stitchId, stitches)?.name.toLowerCase() ?? 'gone'
  const pairs = [
    ['job', JOBS[sewn.job].name.toLowerCase(), JOBS[setup.job].name.toLowerCase()],
    ['stitch', nameOf(sewn), nameOf(setup)],
    ['length', formatShort(sewn.stitch.lengthMm), formatShort(setup.stitch.lengthMm)],
  ] as const
  return pairs.flatMap(([what, was, is]) => (was === is ? [] : [`${what} ${was} there`]))
}
