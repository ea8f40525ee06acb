import { formatShort } from '#core/units'
import type { Construction } from '#core/needle'
import type { TwinMode } from '#core/swing'
import type { TensionDial } from '#core/terms'
import type { MachineState, StateChange } from './state'

/** What is fitted, looked up: a state names things, their kinds are elsewhere. */
export interface FittedFacts {
  readonly twinModeKind: TwinMode['kind']
  readonly forgetsTwinMode: boolean | null
  readonly dial: TensionDial | null
  /** null: not known what needle is in. */
  readonly construction: Construction | null
  /** null: not known; `usual` is the everyday zigzag foot. */
  readonly foot: { readonly name: string; readonly usual: boolean } | null
}

export type PutBackPart =
  'width' | 'position' | 'needle' | 'twin-mode' | 'tension' | 'bobbin-tension' | 'pressure' | 'plate' | 'foot'

/** One thing to undo, and what the machine is like once it is done. */
export interface PutBackItem {
  readonly part: PutBackPart
  readonly message: string
  readonly why: string
  readonly change: StateChange
}

/** One thing that may be changed: what is said when it is; null when it is normal or not known. */
interface PutBackRule {
  readonly part: PutBackPart
  readonly why: string
  readonly find: (
    state: MachineState,
    facts: FittedFacts,
  ) => { readonly message: string; readonly change: StateChange } | null
}

const sideOf = (positionMm: number) => (positionMm < 0 ? 'left' : 'right')

/**
 * In the order to undo them: the needle swings back before anything is touched, and the twin mode guards the
 * twin as long as it is in.
 */
const RULES: readonly PutBackRule[] = [
  {
    part: 'width',
    why: 'The next needle may have less room.',
    find: ({ widthMm }) =>
      widthMm !== null && widthMm > 0
        ? { message: `Straight stitch, width 0 (now ${formatShort(widthMm)})`, change: { widthMm: 0 } }
        : null,
  },
  {
    part: 'position',
    why: 'A moved needle hits a single hole.',
    find: ({ positionMm }) => {
      if (positionMm === null || positionMm === 0) return null
      const now = `${formatShort(Math.abs(positionMm))} mm ${sideOf(positionMm)}`
      return { message: `Needle to the middle (now ${now})`, change: { positionMm: 0 } }
    },
  },
  {
    part: 'needle',
    why: 'If you forget, the next wide stitch hits. Lock or switch off first.',
    find: (state, { construction }) =>
      severalIn(state, construction)
        ? {
            message: `${construction === 'twin' ? 'Twin' : 'Triple'} out, single needle in`,
            change: { needleId: null },
          }
        : null,
  },
  {
    part: 'twin-mode',
    why: 'Left on, it narrows every stitch. The twin comes out first: the mode guards it.',
    find: (state, facts) =>
      modeIsOn(state, facts) ? { message: 'Twin mode off', change: { twinMode: 'off' } } : null,
  },
  {
    part: 'tension',
    why: 'The next seam begins from there.',
    find: ({ tension }, { dial }) => {
      if (tension === null || tension === dial?.home) return null
      if (!dial)
        return {
          message: `Tension to normal (now ${formatShort(tension)}; normal is not known)`,
          change: { tension: null },
        }
      return {
        message: `Tension to normal, ${formatShort(dial.home)} (now ${formatShort(tension)})`,
        change: { tension: dial.home },
      }
    },
  },
  {
    part: 'bobbin-tension',
    why: 'Ordinary seams loop without it.',
    find: ({ bobbinTension }) =>
      bobbinTension !== null && bobbinTension !== 'home'
        ? { message: `Bobbin tension to normal (now ${bobbinTension})`, change: { bobbinTension: 'home' } }
        : null,
  },
  {
    part: 'pressure',
    why: 'Cloth creeps or is marked.',
    find: ({ pressure }) =>
      pressure !== null && pressure !== 'home'
        ? { message: `Foot pressure to normal (now ${pressure})`, change: { pressure: 'home' } }
        : null,
  },
  {
    part: 'plate',
    why: 'Any zigzag hits the single hole.',
    find: ({ plate }) =>
      plate === 'single-hole' ? { message: 'Zigzag plate on', change: { plate: 'zigzag' } } : null,
  },
  {
    part: 'foot',
    why: 'The next stitch may need its slot.',
    find: ({ footId }, { foot }) =>
      footId !== null && foot !== null && !foot.usual
        ? { message: `Everyday foot on (now ${foot.name})`, change: { footId: null } }
        : null,
  },
]

function severalIn({ needleId }: MachineState, construction: Construction | null): boolean {
  return needleId !== null && construction !== null && construction !== 'single'
}

function modeIsOn({ twinMode }: MachineState, { twinModeKind }: FittedFacts): boolean {
  return twinMode === 'on' && twinModeKind !== 'none'
}

/**
 * What differs from the machine's normal state, in the order to undo it. What is not known is not listed.
 *
 * Normal: straight, width 0, needle in the middle, a single needle, twin mode off, tension, bobbin tension
 * and pressure at normal tension, zigzag plate, everyday foot. Source: common practice.
 *
 * @param state - what is known to be on the machine.
 * @param facts - what its parts are.
 * @returns Each with what the machine is like once it is done; empty when nothing known is changed.
 *
 * @example
 * putBackOf({ ...UNKNOWN_STATE, plate: 'single-hole' }, facts).map(({ part }) => part) // ['plate']
 */
export function putBackOf(state: MachineState, facts: FittedFacts): PutBackItem[] {
  return RULES.flatMap(({ part, why, find }) => {
    const found = find(state, facts)
    return found ? [{ part, why, ...found }] : []
  })
}

export interface PowerOff {
  readonly forgets: readonly string[]
  readonly keeps: readonly string[]
  readonly check: readonly string[]
  /** Said first: the twin is in and the machine no longer knows. null: nothing to fear. */
  readonly caution: string | null
  readonly change: StateChange
}

/**
 * What switching off did: electronics forget, metal does not.
 *
 * Source: common practice; whether a machine forgets its twin mode is its own record.
 *
 * @example
 * afterPowerOff({ …state, twinMode: 'on' }, { …facts, forgetsTwinMode: true }).forgets // ['twin mode']
 */
export function afterPowerOff(state: MachineState, facts: FittedFacts): PowerOff {
  const { twinModeKind, forgetsTwinMode, construction } = facts
  const modeWasOn = modeIsOn(state, facts)
  const several = severalIn(state, construction)
  const twinMode = modeWasOn ? modeAfterOff(forgetsTwinMode) : state.twinMode
  return {
    forgets: modeWasOn && forgetsTwinMode === true ? ['twin mode'] : [],
    keeps: [
      ...(modeWasOn && forgetsTwinMode === false ? ['twin mode'] : []),
      'needle',
      'foot',
      'plate',
      'bobbin tension',
    ],
    check: [
      ...(modeWasOn && forgetsTwinMode === null ? ['twin mode: not known whether it is kept'] : []),
      'stitch, width and needle position: many machines start at a stitch of their own',
      'tension and foot pressure: a dial stays, a display may go back to normal',
    ],
    caution:
      several && twinModeKind !== 'none' && twinMode !== 'on'
        ? `The ${construction} is still in and the machine may not know. Enter the gap before you sew.`
        : null,
    change: { twinMode, widthMm: null, positionMm: null },
  }
}

/** @param forgets - whether the machine forgets a mode that was on; null: not known, so is the mode then. */
function modeAfterOff(forgets: boolean | null): MachineState['twinMode'] {
  if (forgets === null) return null
  return forgets ? 'off' : 'on'
}
