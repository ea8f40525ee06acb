import type { SewnSince } from '#core/care'
import type { Cloth, MachineStateRecord, NeedleTime, Stabilizer, Thread, WalkRecord } from '../records'
import type { SetupContent } from '../setup'

interface CareTables {
  readonly threads: ReadonlyMap<string, Thread>
  readonly cloths: ReadonlyMap<string, Cloth>
  readonly stabilizers: ReadonlyMap<string, Stabilizer>
}

/** Whether a needle sews what wears it out sooner: metallic or flat metallic through its eye. */
export const needlesSewMetallic = (
  { threadIds }: Pick<SetupContent, 'threadIds'>,
  { threads }: Pick<CareTables, 'threads'>,
): boolean =>
  Object.values(threadIds).some(id => {
    const kind = threads.get(id ?? '')?.kind
    return kind === 'metallic' || kind === 'film'
  })

/** What of a setup leaves lint, flakes or glue behind. */
export function sewnKinds(
  setup: SetupContent,
  { threads, cloths, stabilizers }: CareTables,
): NeedleTime['sewn'] {
  const kinds = [...Object.values(setup.threadIds), setup.bobbinId].flatMap(
    id => threads.get(id ?? '')?.kind ?? [],
  )
  return {
    pearl: kinds.includes('pearl-cotton'),
    metallic: kinds.includes('metallic') || kinds.includes('film'),
    felt: cloths.get(setup.clothId ?? '')?.structure === 'felt',
    fusible: stabilizers.get(setup.stabilizerId ?? '')?.kind === 'fusible',
  }
}

/**
 * What has been sewn on a machine since a moment: by its times, and by the walks finished on it.
 *
 * @param since - null: never. A moment later than now was noted by a clock that was ahead, and says nothing.
 */
export function sewnSince(
  machineId: string,
  since: MachineStateRecord['cleanedAt'],
  now: Date,
  times: Iterable<NeedleTime>,
  walks: Iterable<WalkRecord>,
  tables: CareTables,
): SewnSince {
  const noted = since === null ? -Infinity : Date.parse(since)
  const start = noted > now.getTime() ? -Infinity : noted
  const timed = [...times].filter(time => time.machineId === machineId && Date.parse(time.at) > start)
  const walked = [...walks].filter(
    walk => walk.machineId === machineId && walk.finishedAt !== null && Date.parse(walk.finishedAt) > start,
  )
  const kinds = [
    ...timed.map(({ sewn }) => sewn),
    ...walked.flatMap(({ setup }) => (setup ? [sewnKinds(setup, tables)] : [])),
  ]
  const any = (kind: keyof NeedleTime['sewn']) => kinds.some(one => one[kind])
  return {
    pearl: any('pearl'),
    felt: any('felt'),
    metallic: any('metallic'),
    fusible: any('fusible'),
    hours: timed.reduce((sum, { hours }) => sum + hours, 0),
  }
}
