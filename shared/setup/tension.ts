import { shareOf } from '#core/dial'
import { needleNameAndType, threadedBladesOf } from '#core/needle'
import { onDial } from '#core/pairing'
import { stitchOf } from '#core/stitch'
import type { TensionDial } from '#core/terms'
import type { SetupContent } from './schema'

type TensionFrom = NonNullable<SetupContent['tensionFrom']>

/** What the tension of a setup belongs to, when it is set now; null: none is set. */
export function tensionFromOf(
  { tension, machineId, needleId, stitch, threadIds }: SetupContent,
  how: TensionFrom['how'],
): SetupContent['tensionFrom'] {
  return tension === null ? null : { tension, how, machineId, needleId, stitchId: stitch.stitchId, threadIds }
}

interface Dials {
  readonly tensionDial: TensionDial | null
  readonly dialStep: number | null
}

/**
 * A setup with something changed. A tension that is set belongs to what is on the machine then. On another
 * machine it becomes the guess that lies as far from home there; where either dial is not known it is
 * cleared, and back on the first machine it is what it was.
 *
 * @param change - with a tension and what it belongs to, it is taken as it is.
 */
export function changedSetup<T extends SetupContent>(
  setup: T,
  change: Partial<SetupContent>,
  machines: ReadonlyMap<string, Dials>,
): T {
  const next = { ...setup, ...change }
  if (change.tensionFrom !== undefined) return next
  if (change.tension !== undefined) return { ...next, tensionFrom: tensionFromOf(next, 'typed') }
  const isMoved = change.machineId !== undefined && change.machineId !== setup.machineId
  return isMoved ? { ...next, tension: onOtherMachine(setup, change.machineId!, machines) } : next
}

function onOtherMachine(
  { tension, tensionFrom, machineId }: SetupContent,
  toId: string | null,
  machines: ReadonlyMap<string, Dials>,
): number | null {
  const from = tensionFrom ?? { tension, machineId }
  if (from.tension === null) return null
  if (toId === from.machineId) return from.tension
  const dial = machines.get(from.machineId ?? '')?.tensionDial ?? null
  const to = machines.get(toId ?? '')
  if (!dial || !to?.tensionDial) return null
  return onDial(shareOf(from.tension, dial), to.tensionDial, to.dialStep)
}

interface Carrying {
  readonly machines: ReadonlyMap<string, { readonly name: string }>
  readonly needles: ReadonlyMap<string, Parameters<typeof needleNameAndType>[0]>
  readonly stitches: ReadonlyMap<string, { readonly name: string }>
  readonly threads: ReadonlyMap<
    string,
    { readonly name: string; readonly kind: string; readonly tex: number | null }
  >
}

/**
 * What is not as it was when the tension was set, in words: it is carried over to that. Nothing while none is
 * set, or nobody knows what it was set for. Another thread of the same kind and count is no other thread, nor
 * is another needle of the same kind and gap.
 */
export function carriedOver(setup: SetupContent, tables: Carrying): string[] {
  const from = setup.tensionFrom
  if (setup.tension === null || from === null) return []
  return [
    ...machineOver(from, setup, tables),
    ...needleOver(from, setup, tables),
    ...stitchOver(from, setup, tables),
    ...threadOver(from, setup, tables),
  ]
}

const GONE = 'one that is gone'

function machineOver(from: TensionFrom, { machineId }: SetupContent, { machines }: Carrying): string[] {
  if (from.machineId === machineId) return []
  return [`set to ${from.tension} on ${machines.get(from.machineId ?? '')?.name ?? GONE}`]
}
function needleOver(from: TensionFrom, { needleId }: SetupContent, { needles }: Carrying): string[] {
  if (from.needleId === needleId || needleId === null) return []
  const [was, is] = [needles.get(from.needleId ?? ''), needles.get(needleId)]
  const isAlike =
    was && is && was.construction === is.construction && was.gapMm === is.gapMm && was.type === is.type
  return isAlike ? [] : [`set with ${was ? needleNameAndType(was) : GONE}`]
}
function stitchOver(from: TensionFrom, { stitch }: SetupContent, { stitches }: Carrying): string[] {
  if (from.stitchId === stitch.stitchId) return []
  const was = stitchOf(from.stitchId, stitches)
  return [`set for ${was?.name.toLowerCase() ?? GONE}`]
}
function threadOver(
  from: TensionFrom,
  { threadIds, needleId }: SetupContent,
  { threads, needles }: Carrying,
): string[] {
  const changed = threadedBladesOf(needles.get(needleId ?? '')?.construction ?? 'single').find(blade => {
    const [wasId, isId] = [from.threadIds[blade], threadIds[blade]]
    if (wasId === isId || wasId === null || isId === null) return false
    const [was, is] = [threads.get(wasId), threads.get(isId)]
    return !was || !is || was.kind !== is.kind || was.tex !== is.tex
  })
  return changed ? [`set for ${threads.get(from.threadIds[changed]!)?.name ?? GONE}`] : []
}
