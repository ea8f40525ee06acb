import { needleNameAndType } from '#core/needle'
import { type JobReasonCode, judgeJob, type JobVerdict, mendedBy, type OwnedPart } from '#core/verdict'
import type { Settings } from '../records'
import type { SetupContent } from '../setup'
import { jobInputOf } from './job'
import { type PairingTables, threadedBlades } from './pairing'
import { setupPartsOf, PLATE_NAMES } from './swing'

/** Something one owns that takes a reason of the verdict away. */
export interface Swap {
  readonly part: OwnedPart
  /** What it is called. */
  readonly name: string
  readonly change: Partial<SetupContent>
}

/** So many are tried, those most like what is on first: a workbox may hold thousands. */
const MOST_TRIED = 80

/**
 * The first owned part that takes a reason away and brings no new one to stop for or check.
 *
 * @param code - of the reason.
 * @param now - the verdict of the setup.
 * @param ownStart - see `conflictInputOf`.
 * @returns null: none owned does, or no part would.
 */
export function swapFor(
  code: JobReasonCode,
  setup: SetupContent,
  now: JobVerdict,
  tables: PairingTables,
  settings: Settings,
  ownStart: number | null = null,
): Swap | null {
  const part = mendedBy(code)
  if (!part) return null
  const known = new Set(now.reasons.filter(({ severity }) => severity !== 'note').map(reason => reason.code))
  const mends = ({ change }: Swap) => {
    const { reasons } = judgeJob(jobInputOf({ ...setup, ...change }, tables, settings, ownStart))
    return reasons.every(reason => {
      if (reason.code === code) return false
      const isQuiet = reason.severity === 'note' || reason.code === 'tension-carried'
      return isQuiet || known.has(reason.code)
    })
  }
  return candidatesFor(code, part, setup, tables).slice(0, MOST_TRIED).find(mends) ?? null
}

function candidatesFor(
  code: JobReasonCode,
  part: OwnedPart,
  setup: SetupContent,
  tables: PairingTables,
): Swap[] {
  switch (part) {
    case 'needle':
      return otherNeedles(code, setup, tables)
    case 'foot':
      return [...tables.feet.values()]
        .filter(({ id }) => id !== setup.footId)
        .map(({ id, name }) => ({ part, name, change: { footId: id } }))
    case 'plate':
      return otherPlates(setup, tables)
    case 'thread':
      return otherThreads(setup, tables)
    case 'bobbin':
      return ownedThreads(tables)
        .filter(({ id }) => id !== setup.bobbinId)
        .map(({ id, name }) => ({ part, name, change: { bobbinId: id } }))
  }
}

/** Another of as many blades; where the machine takes one alone, that. Those most like it come first. */
function otherNeedles(code: JobReasonCode, setup: SetupContent, tables: PairingTables): Swap[] {
  const { needle } = setupPartsOf(setup, tables)
  if (!needle) return []
  const construction = code === 'several-side-hook' ? 'single' : needle.construction
  const farness = (other: typeof needle) =>
    Math.abs(other.gapMm - needle.gapMm) + Math.abs(other.sizeNm - needle.sizeNm) / 100
  return [...tables.needles.values()]
    .filter(
      other =>
        other.id !== needle.id
        && other.construction === construction
        && other.count > 0
        && other.state === 'good',
    )
    .sort((a, b) => farness(a) - farness(b))
    .map(other => ({ part: 'needle', name: needleNameAndType(other), change: { needleId: other.id } }))
}

function otherPlates(setup: SetupContent, tables: PairingTables): Swap[] {
  const machines: Swap = {
    part: 'plate',
    name: PLATE_NAMES.zigzag,
    change: { plate: 'zigzag', plateId: null },
  }
  const own = [...tables.plates.values()]
    .filter(({ id }) => id !== setup.plateId)
    .map(({ id, name }): Swap => ({ part: 'plate', name, change: { plateId: id } }))
  return [machines, ...own]
}

/** Another on one blade; where all have the same, on all of them. */
function otherThreads(setup: SetupContent, tables: PairingTables): Swap[] {
  const { needle } = setupPartsOf(setup, tables)
  const blades = threadedBlades(setup, needle?.construction ?? 'single', tables.threads)
  const isAlike = blades.every(({ thread }) => thread.id === blades[0]?.thread.id)
  const groups = isAlike ? [blades.map(({ blade }) => blade)] : blades.map(({ blade }) => [blade])
  return ownedThreads(tables).flatMap(({ id, name }) =>
    groups.map((group): Swap => {
      const anew = Object.fromEntries((group.length > 0 ? group : ['left']).map(blade => [blade, id]))
      return { part: 'thread', name, change: { threadIds: { ...setup.threadIds, ...anew } } }
    }),
  )
}
const ownedThreads = ({ threads }: PairingTables) =>
  [...threads.values()].filter(({ metresLeft }) => metresLeft !== 0)
