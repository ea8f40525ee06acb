import { byUsefulness, type Consequence, type Quantity, type Wanted } from '#core/measure'
import { needleNameAndType, threadedBladesOf } from '#core/needle'
import { judgeSwing, needleSwings } from '#core/swing'
import { type Piece, pieceName, type Settings } from '../records'
import type { SetupContent } from '../setup'
import type { seamOf } from './seam'
import { type SetupParts, setupPartsOf, plateOn, swingInputOf } from './swing'

type Tables = Parameters<typeof seamOf>[1] & {
  readonly pieces: ReadonlyMap<string, Piece>
}

/** Something nobody measured that would change a verdict or a plan. */
export interface Unmeasured extends Wanted {
  readonly quantity: Quantity
  /** null: there is no record of it yet. */
  readonly ofId: string | null
  readonly name: string
  /** What asks for it, by name, without doubles. */
  readonly usedBy: readonly string[]
  /** Of an opening: the least that would be clear for all that asks for it, in mm; else null. */
  readonly clearFromMm: number | null
}

/** One setup that asks, and what it is of. */
interface Asking {
  readonly name: string
  readonly isInHand: boolean
  readonly setup: SetupContent
  readonly piece: Piece | null
}

interface Need {
  readonly quantity: Quantity
  readonly ofId: string | null
  readonly name: string
  readonly consequence: Consequence
  readonly clearFromMm?: number
}

/**
 * Everything that is not measured and would change something, the most useful first.
 *
 * @example
 * unmeasuredOf(book, piece, settings)[0] // the opening of the foot that is on, and how wide it must be
 */
export function unmeasuredOf(tables: Tables, inHand: Piece, settings: Settings): Unmeasured[] {
  const found = new Map<string, Unmeasured>()
  for (const asking of askingOf(tables, inHand)) {
    const parts = setupPartsOf(asking.setup, tables)
    for (const need of [
      ...openingNeeds(asking, parts, settings),
      ...benchNeeds(asking, tables),
      ...pieceNeeds(asking, parts, tables),
    ]) {
      const key = `${need.quantity} ${need.ofId ?? need.name}`
      found.set(key, joined(found.get(key), need, asking))
    }
  }
  return [...found.values()].sort(byUsefulness)
}

/** The piece in hand first, whether it was begun or not. */
function askingOf({ pieces }: Tables, inHand: Piece): Asking[] {
  const others = [...pieces.values()].filter(({ id }) => id !== inHand.id)
  return [inHand, ...others].map(piece => ({
    name: piece === inHand ? 'the piece in hand' : pieceName(piece),
    isInHand: piece === inHand,
    setup: piece.setup,
    piece,
  }))
}

function joined(before: Unmeasured | undefined, need: Need, { name, isInHand }: Asking): Unmeasured {
  const usedBy = [...new Set([...(before?.usedBy ?? []), name])]
  const clearFrom = [before?.clearFromMm, need.clearFromMm].filter(mm => mm != null)
  return {
    quantity: need.quantity,
    ofId: need.ofId,
    name: need.name,
    consequence: before?.consequence ?? need.consequence,
    isInHand: isInHand || (before?.isInHand ?? false),
    uses: usedBy.length,
    usedBy,
    clearFromMm: clearFrom.length > 0 ? Math.max(...clearFrom) : null,
  }
}

/** Openings bind only where a blade lands beside the middle. */
function openingNeeds({ setup, isInHand }: Asking, parts: SetupParts, settings: Settings): Need[] {
  const input = swingInputOf(setup, parts, settings)
  const { machine, foot, plate } = parts
  if (!input || !machine) return []
  if (input.needle.construction === 'single' && !needleSwings(input.stitch)) return []
  const { reachLeftMm, reachRightMm } = judgeSwing(input)
  const clearFromMm = 2 * (Math.max(reachLeftMm, reachRightMm) + input.clearanceMm)
  const asked = { consequence: 'verdict' as const, clearFromMm }
  const isPlateKnown =
    plateOn(setup, plate).singleHole || (plate ?? { slotMm: machine.plateSlotMm }).slotMm !== null
  return [...footNeeds(foot, isInHand, asked), ...(isPlateKnown ? [] : [plateNeed(parts, asked)])]
}

/** Without a foot chosen nobody knows which one is on: it is asked for once, for the machine as it is now. */
function footNeeds(
  foot: SetupParts['foot'],
  isInHand: boolean,
  asked: Pick<Need, 'consequence' | 'clearFromMm'>,
): Need[] {
  if (!foot) return isInHand ? [{ quantity: 'foot-opening', ofId: null, name: NO_FOOT, ...asked }] : []
  if (foot.singleHole || foot.slotMm !== null) return []
  return [{ quantity: 'foot-opening', ofId: foot.id, name: foot.name, ...asked }]
}
const NO_FOOT = 'the foot that is on, which is not chosen'

function plateNeed({ machine, plate }: SetupParts, asked: Pick<Need, 'consequence' | 'clearFromMm'>): Need {
  return plate
    ? { quantity: 'plate-opening', ofId: plate.id, name: plate.name, ...asked }
    : { quantity: 'machine-opening', ofId: machine!.id, name: machine!.name, ...asked }
}

/** What any setup is worked out with: its cloth and its threads. */
function benchNeeds({ setup }: Asking, tables: Tables): Need[] {
  const cloth = tables.cloths.get(setup.clothId ?? '')
  const blades = threadedBladesOf(tables.needles.get(setup.needleId ?? '')?.construction ?? 'single')
  const threads = blades.flatMap(blade => tables.threads.get(setup.threadIds[blade] ?? '') ?? [])
  return [
    ...(cloth && cloth.thicknessMm === null
      ? [
          {
            quantity: 'cloth-thickness' as const,
            ofId: cloth.id,
            name: cloth.name,
            consequence: 'plan' as const,
          },
        ]
      : []),
    ...threads
      .filter(({ tex, diameterMm }) => tex === null && diameterMm === null)
      .map(({ id, name }) => ({
        quantity: 'thread-thickness' as const,
        ofId: id,
        name,
        consequence: 'plan' as const,
      })),
  ]
}

function pieceNeeds({ setup, piece }: Asking, parts: SetupParts, tables: Tables): Need[] {
  if (!piece) return []
  const { machine, foot, needle } = parts
  const cloth = tables.cloths.get(setup.clothId ?? '')
  const of = <Q extends Quantity>(
    quantity: Q,
    one: { id: string; name: string },
    consequence: Consequence,
  ) => ({
    quantity,
    ofId: one.id,
    name: one.name,
    consequence,
  })
  const needs: Need[] = []
  const { plan } = piece
  const isFeedKnown = 'feed' in plan && plan.feed !== null
  if (plan.kind === 'pintucks') {
    if (plan.takeUp === null)
      needs.push({ quantity: 'take-up', ofId: null, name: piece.name, consequence: 'plan' })
    if (foot?.kind === 'pintuck' && foot.groovePitchMm === null) needs.push(of('groove-pitch', foot, 'plan'))
  } else if (cloth && cloth.feedFactor === null && !isFeedKnown) needs.push(of('feed', cloth, 'plan'))
  if (plan.kind === 'topstitching' && foot && isWithoutGuide(foot))
    needs.push(of('toe-outside', foot, 'plan'))
  if (plan.kind === 'band' && machine && machine.widthFactor === null)
    needs.push(of('width-factor', machine, 'fine'))
  if (needle && needle.construction !== 'single' && needle.trueGapMm === null)
    needs.push(of('needle-gap', { id: needle.id, name: needleNameAndType(needle) }, 'fine'))
  if (machine && machine.perMinute === null) needs.push(of('speed', machine, 'time'))
  return needs
}

const isWithoutGuide = ({
  flangeMm,
  toeInsideMm,
  toeOutsideMm,
}: Pick<NonNullable<SetupParts['foot']>, 'flangeMm' | 'toeInsideMm' | 'toeOutsideMm'>): boolean =>
  flangeMm === null && toeInsideMm === null && toeOutsideMm === null
