import { type ConflictInput, stitchFacts, type ThreadedBlade } from '#core/conflicts'
import { JOBS } from '#core/job'
import { type Construction, threadedBladesOf } from '#core/needle'
import type { Candidate } from '#core/pairing'
import type { ClothFacts } from '#core/terms'
import { type SetupParts, setupPartsOf, type SetupTables, plateOn } from './swing'
import type { Cloth, HandWalk, NeedleRecord, Piece, Settings, Stabilizer, Swatch, Thread } from '../records'
import { carriedOver, type SetupContent } from '../setup'

/** The tables pairing looks things up in. */
export interface PairingTables extends SetupTables {
  readonly threads: ReadonlyMap<string, Thread>
  readonly cloths: ReadonlyMap<string, Cloth>
  readonly stabilizers: ReadonlyMap<string, Stabilizer>
  readonly pieces: ReadonlyMap<string, Piece>
  /** Left out: none is known. */
  readonly swatches?: ReadonlyMap<string, Swatch>
  /** Left out: none is known. */
  readonly handWalks?: ReadonlyMap<string, HandWalk>
}

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
export function stitchFactsOf(setup: SetupContent, { stitch }: SetupParts): ConflictInput['stitch'] {
  if (!stitch) return null
  return stitchFacts(stitch, setup.stitch)
}

/**
 * The whole setup as the conflict rules see it.
 *
 * @param ownStart - where own swatches or plans say the tension begins; null: the rule speaks.
 */
export function conflictInputOf(
  setup: SetupContent,
  tables: PairingTables,
  settings: Settings,
  ownStart: number | null = null,
): ConflictInput {
  const parts = setupPartsOf(setup, tables)
  const { needle, foot, plate, machine } = parts
  return {
    needle: needle && candidateOf(needle),
    hook: machine?.hook ?? null,
    foot,
    plate: { singleHole: plateOn(setup, plate).singleHole },
    stitch: stitchFactsOf(setup, parts),
    threads: threadedBlades(setup, needle?.construction ?? 'single', tables.threads),
    bobbin: tables.threads.get(setup.bobbinId ?? '') ?? null,
    cloth: clothFactsOf(setup, tables.cloths),
    technique: JOBS[setup.job].technique,
    isBobbinWork: JOBS[setup.job].isBobbinWork,
    goal: setup.goal,
    washed: setup.washed,
    stabilizer: tables.stabilizers.get(setup.stabilizerId ?? '')?.kind ?? 'none',
    tension: setup.tension,
    dial: machine?.tensionDial ?? null,
    dialStep: machine?.dialStep ?? null,
    ownStart,
    carriedOver: carriedOver(setup, tables),
    threader: setup.threader,
    cutter: setup.cutter,
    sharedDiscs: setup.sharedDiscs,
    schools: settings.schools,
  }
}
