import { shareOf } from '#core/dial'
import { type Blade, needleNameAndType, threadedBladesOf } from '#core/needle'
import { onDial } from '#core/pairing'
import { stitchFamily, type StitchShape, stitchOf } from '#core/stitch'
import type { SourceNote, TensionDial } from '#core/terms'
import { asSentence } from '#core/units'
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
 * machine it becomes the guess that lies as far from normal tension there; where either dial is not known it
 * is cleared, and back on the first machine it is what it was.
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
  readonly stitches: ReadonlyMap<
    string,
    StitchShape & { readonly name: string; readonly defaultLengthMm: number }
  >
  readonly threads: ReadonlyMap<
    string,
    { readonly name: string; readonly kind: string; readonly tex: number | null }
  >
  /** What was sewn with a stitch itself beats what its family says. @defaultValue none */
  readonly swatches?: ReadonlyMap<
    string,
    {
      readonly name: string
      readonly source: string
      readonly verdict: string
      readonly setup: SetupContent
    }
  >
}

/**
 * What is not as it was when the tension was set, in words: it is carried over to that. Nothing while none is
 * set, or nobody knows what it was set for. Another thread of the same kind and count is no other thread, nor
 * is another needle of the same kind and gap; a tension that was sewn holds for the stitches of its family.
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
function stitchOver(from: TensionFrom, setup: SetupContent, tables: Carrying): string[] {
  const { stitchId } = setup.stitch
  if (from.stitchId === stitchId) return []
  const own = ownSwatchHere(setup, tables)
  if (sewnForFamily(from, stitchId, tables) !== null && !own) return []
  const was = `set for ${stitchOf(from.stitchId, tables.stitches)?.name.toLowerCase() ?? GONE}`
  return [own ? `${was}; your swatch “${own.name}” says ${own.tension}` : was]
}
/** A swatch of one’s own, sewn well with all of this, that says another number; null: none. */
function ownSwatchHere(
  { machineId, needleId, threadIds, stitch, tension, goal }: SetupContent,
  { swatches }: Carrying,
): { readonly name: string; readonly tension: number } | null {
  for (const { name, source, verdict, setup } of swatches?.values() ?? []) {
    const isHere =
      setup.machineId === machineId
      && setup.needleId === needleId
      && setup.goal === goal
      && setup.stitch.stitchId === stitch.stitchId
      && Object.entries(threadIds).every(([blade, id]) => setup.threadIds[blade as Blade] === id)
    if (source !== 'own' || verdict === 'failed' || !isHere) continue
    if (setup.tension !== null && setup.tension !== tension) return { name, tension: setup.tension }
  }
  return null
}
/** The stitch of the same family that a tension was sewn for; null: none, or this very one. */
function sewnForFamily(
  { how, stitchId }: TensionFrom,
  nowId: string,
  { stitches }: Pick<Carrying, 'stitches'>,
): string | null {
  const [was, is] = [stitchOf(stitchId, stitches), stitchOf(nowId, stitches)]
  if (how !== 'sewn' || stitchId === nowId || !was || !is) return null
  return stitchFamily(was) === stitchFamily(is) ? was.name.toLowerCase() : null
}

/**
 * How a tension that was sewn for another stitch is said: it holds here too, and was not sewn here.
 *
 * @returns null: it was sewn for this stitch, or not sewn at all.
 *
 * @example
 * familyWords(setup, tables) // 'sewn for zigzag, the same family'
 */
export function familyWords(setup: SetupContent, tables: Carrying): string | null {
  const from = setup.tensionFrom
  if (!from || setup.tension === null || carriedOver(setup, tables).length > 0) return null
  const was = sewnForFamily(from, setup.stitch.stitchId, tables)
  return was && `sewn for ${was}, the same family`
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

const TENSION_SOURCES: Readonly<Record<TensionFrom['how'], SourceNote>> = {
  typed: { of: 'your plan', why: 'As you set it.' },
  sewn: { of: 'sewn', why: 'From a row that was sewn.' },
  start: { of: 'guess', why: 'A value to start with: not sewn yet.' },
}

/**
 * Where the tension that is set comes from.
 *
 * @returns null: none is set, or nobody knows.
 *
 * @example
 * tensionSource(setup, tables) // { of: 'sewn', why: 'From a row that was sewn.' }
 */
export function tensionSource(setup: SetupContent, tables: Carrying): SourceNote | null {
  if (setup.tension === null || setup.tensionFrom === null) return null
  const carried = carriedOver(setup, tables)
  if (carried.length > 0) return { of: 'guess', why: asSentence(carried.join('; ')) }
  const family = familyWords(setup, tables)
  return family ? { of: 'sewn', why: asSentence(family) } : TENSION_SOURCES[setup.tensionFrom.how]
}
