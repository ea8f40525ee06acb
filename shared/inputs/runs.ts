import { needleHours } from '#core/care'
import type { NeedleRecord, Settings, Thread } from '../records'
import type { SetupContent } from '../setup'
import { needlesSewMetallic } from './care'
import { stockOf, type ThreadNeed } from './needs'
import { type PieceWork, pieceNeedsOf } from './pieces'

/** Work that is done with one setup: a piece is one, a band of several needles and threads is more. */
export interface PieceRun {
  readonly work: PieceWork
  readonly setup: SetupContent
}

/** Bobbins of one thread. */
export interface BobbinNeed {
  readonly thread: Thread | null
  readonly metres: number
  /** What one holds, in m, and how many are to be wound; null: not known. */
  readonly holdsM: number | null
  readonly count: number | null
}

/** What a needle sews in them, and how long it lasts: less where it sews or has sewn metallic. */
export interface NeedleWear {
  readonly needle: NeedleRecord
  readonly hours: number
  readonly sewsMetallic: boolean
  readonly limitHours: number
}

/** What several runs ask for together. */
export interface RunsNeeds {
  /** One for each thread and place. */
  readonly threads: readonly ThreadNeed[]
  readonly bobbins: readonly BobbinNeed[]
  readonly stitches: number
  readonly seamM: number
  readonly minutes: number
  /** By needle, in the order they come. */
  readonly needles: readonly NeedleWear[]
  /** Some cloth was not measured: the metres are a least. */
  readonly atLeast: boolean
}

type Tables = Parameters<typeof pieceNeedsOf>[2]

/**
 * Thread, bobbins, minutes and needle hours of several runs; null while one of their setups is not complete.
 *
 * @throws {CoreError} as `seamUsage`.
 */
export function runsNeedsOf(runs: readonly PieceRun[], tables: Tables, settings: Settings): RunsNeeds | null {
  const found = runs.map(({ work, setup }) => pieceNeedsOf(work, setup, tables, settings))
  if (found.length === 0 || found.some(one => one === null)) return null
  const all = found.map(one => one!)
  const places = summed(
    all.flatMap(({ needs }) => needs.threads),
    ({ place, thread }) => `${place}/${thread?.id ?? ''}`,
  )
  const needles = runs.map(({ setup }, i) => ({
    needle: tables.needles.get(setup.needleId ?? '')!,
    hours: all[i]!.needleHours,
    sewsMetallic: needlesSewMetallic(setup, tables),
  }))
  return {
    threads: places.map(place => ({ ...place, ...stockOf(place.thread, places) })),
    bobbins: bobbinsOf(
      all.map(({ needs }, i) => ({ needs, id: runs[i]!.setup.bobbinId })),
      tables,
    ),
    stitches: runs.reduce((sum, { work }) => sum + work.stitches, 0),
    seamM: runs.reduce((sum, { work }) => sum + work.seamM, 0),
    minutes: all.reduce((sum, { minutes }) => sum + minutes, 0),
    needles: needles.reduce<readonly NeedleWear[]>((kept, one) => {
      const before = kept.find(({ needle }) => needle.id === one.needle.id)
      const others = kept.filter(other => other !== before)
      return [...others, wearOf(one, before)]
    }, []),
    atLeast: all.some(({ needs }) => needs.atLeast),
  }
}

function wearOf(one: Omit<NeedleWear, 'limitHours'>, before: NeedleWear | undefined): NeedleWear {
  const sewsMetallic = one.needle.seen.metallic || one.sewsMetallic || (before?.sewsMetallic ?? false)
  const hours = one.hours + (before?.hours ?? 0)
  return { needle: one.needle, hours, sewsMetallic, limitHours: needleHours(sewsMetallic) }
}

/** Needs of the same thread in the same place as one. */
function summed(needs: readonly ThreadNeed[], keyOf: (need: ThreadNeed) => string): ThreadNeed[] {
  const sums = new Map<string, ThreadNeed>()
  for (const need of needs) {
    const before = sums.get(keyOf(need))
    sums.set(keyOf(need), { ...need, metres: need.metres + (before?.metres ?? 0) })
  }
  return [...sums.values()]
}

function bobbinsOf(
  all: readonly {
    readonly id: string | null
    readonly needs: NonNullable<ReturnType<typeof pieceNeedsOf>>['needs']
  }[],
  tables: Tables,
): BobbinNeed[] {
  const ids = [...new Set(all.map(({ id }) => id ?? ''))]
  return ids.map(id => {
    const its = all.filter(one => (one.id ?? '') === id)
    const metres = its.reduce((sum, { needs }) => sum + needs.bobbinM, 0)
    const holdsM = its[0]!.needs.bobbin?.holdsM ?? null
    const count = holdsM === null ? null : Math.max(1, Math.ceil(metres / holdsM))
    return { thread: tables.threads.get(id) ?? null, metres, holdsM, count }
  })
}

/** Laid so far beyond the stitches on each side, in mm. A guess. */
export const STABILIZER_BESIDE_MM = 10

/**
 * Stabilizer under a piece, in mm²: its rows side by side along the longest of them, with a margin on both
 * sides. 0: none is used.
 */
export function stabilizerMm2(runs: readonly PieceRun[]): number {
  const under = runs.filter(({ setup }) => setup.stabilizerId !== null)
  if (under.length === 0) return 0
  const sewnMm2 = under.reduce((sum, { work, setup }) => sum + 1000 * work.seamM * setup.stitch.widthMm, 0)
  const longestMm = 1000 * Math.max(...under.map(({ work }) => work.seamM))
  return sewnMm2 + 2 * STABILIZER_BESIDE_MM * longestMm
}
