import type { ConflictInput, ThreadedBlade } from '#core/conflicts'
import { type Construction, threadedBladesOf } from '#core/needle'
import type { Candidate } from '#core/pairing'
import type { ClothFacts } from '#core/terms'
import { hasSwing } from '#core/stitch'
import { type Bench, benchOf, type BenchTables, plateOn } from './swing'
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

/** How the stitch of a setup lies; null: none is chosen. */
export function stitchFactsOf(setup: SetupContent, { stitch }: Bench): ConflictInput['stitch'] {
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
