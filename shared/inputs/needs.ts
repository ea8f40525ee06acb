import { threadedBladesOf } from '#core/needle'
import { type Seam, seamUsage } from '#core/seam'
import { drawnDiameter } from '#core/thread'
import { bobbinCapacityM, USUAL_WASTE } from '#core/usage'
import type { Bobbin, Thread } from '../records'
import type { SetupContent } from '../setup'

interface NeedsTables {
  readonly threads: ReadonlyMap<string, Thread>
  readonly bobbins: ReadonlyMap<string, Bobbin>
}

/** One thread of a seam: what it takes, and what is there. */
export interface ThreadNeed {
  /** The blade it runs through, or the bobbin. */
  readonly place: 'needle' | 'left' | 'middle' | 'right' | 'bobbin'
  readonly thread: Thread | null
  readonly metres: number
  /** On the spool, in m; null: not measured. */
  readonly leftM: number | null
  /** Missing for all places this spool feeds, in m; null: enough, or not known. */
  readonly shortM: number | null
}

export interface ThreadNeeds {
  readonly threads: readonly ThreadNeed[]
  readonly bobbinM: number
  readonly stitches: number
  /** The cloth was not measured: the metres are a least. */
  readonly atLeast: boolean
  /** What one bobbin holds of its thread; null: not measured. */
  readonly bobbin: { readonly holdsM: number; readonly source: string; readonly count: number } | null
}

/**
 * Thread a seam takes, held against what is left, and the bobbins to wind.
 *
 * @param seam - whatever it comes from.
 * @param from - the threads it is sewn with, its length in m, and the tails of each thread in m.
 * @throws {CoreError} as `seamUsage`.
 */
export function threadNeedsOf(
  seam: Seam,
  from: Pick<SetupContent, 'threadIds' | 'bobbinId' | 'seamM'> & { readonly tailsM?: number },
  tables: NeedsTables,
): ThreadNeeds {
  const { tailsM = 0 } = from
  const used = seamUsage(seam, from.seamM, USUAL_WASTE)
  const { needleThreads, stitches, atLeast } = used
  const bobbinM = used.bobbinM + tailsM
  const thread = (id: string | null) => tables.threads.get(id ?? '') ?? null
  const { construction } = seam.swing.needle
  const above = threadedBladesOf(construction).map((blade, i) => ({
    place: construction === 'single' ? ('needle' as const) : blade,
    thread: thread(from.threadIds[blade]),
    metres: needleThreads[i]!.metres + tailsM,
  }))
  const places = [...above, { place: 'bobbin' as const, thread: thread(from.bobbinId), metres: bobbinM }]
  return {
    threads: places.map(place => ({ ...place, ...stockOf(place.thread, places) })),
    bobbinM,
    stitches,
    atLeast,
    bobbin: bobbinsToWind(from.bobbinId, bobbinM, tables),
  }
}

/** One spool may feed several places: what is left must do for all of them. */
export function stockOf(
  thread: Thread | null,
  places: readonly { readonly thread: Thread | null; readonly metres: number }[],
): Pick<ThreadNeed, 'leftM' | 'shortM'> {
  const leftM = thread?.metresLeft ?? null
  if (thread === null || leftM === null) return { leftM, shortM: null }
  const wantedM = places
    .filter(place => place.thread?.id === thread.id)
    .reduce((sum, { metres }) => sum + metres, 0)
  return { leftM, shortM: wantedM > leftM ? wantedM - leftM : null }
}

/** Known or weighed, else from the winding space of a bobbin measured. */
function bobbinsToWind(bobbinId: string | null, bobbinM: number, tables: NeedsTables): ThreadNeeds['bobbin'] {
  const bobbins = [...tables.bobbins.values()]
  const known = bobbins.find(({ threadId, holdsM }) => threadId === bobbinId && holdsM !== null)?.holdsM
  const counted = (holdsM: number, source: string) => ({
    holdsM,
    source,
    count: Math.max(1, Math.ceil(bobbinM / holdsM)),
  })
  if (known) return counted(known, 'known')
  for (const { outerMm, coreMm, wideMm } of bobbins) {
    if (outerMm === null || coreMm === null || wideMm === null || outerMm <= coreMm) continue
    const { mm } = drawnDiameter(tables.threads.get(bobbinId ?? '') ?? null)
    return counted(bobbinCapacityM(outerMm, coreMm, wideMm, mm), 'from its winding space, a guess')
  }
  return null
}
