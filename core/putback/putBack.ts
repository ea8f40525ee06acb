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

export const PUT_BACK_PARTS = [
  'width',
  'position',
  'needle',
  'twin-mode',
  'tension',
  'bobbin-tension',
  'pressure',
  'plate',
  'foot',
] as const
export type PutBackPart = (typeof PUT_BACK_PARTS)[number]

/** One thing to undo, and what the machine is like once it is done. */
export interface PutBackItem {
  readonly part: PutBackPart
  readonly message: string
  readonly why: string
  readonly change: StateChange
}

/**
 * What differs from the machine's normal state, in the order to undo it. The needle swings home before
 * anything is touched, and the twin mode guards the twin as long as it is in. What is not known is not
 * listed.
 *
 * Normal: straight, width 0, needle in the middle, a single needle, twin mode off, tension, bobbin tension
 * and pressure at home, zigzag plate, everyday foot. Source: common practice.
 */
export function putBackOf(state: MachineState, facts: FittedFacts): PutBackItem[] {
  const { dial, construction, foot } = facts
  const items: (PutBackItem | false)[] = [
    state.widthMm !== null
      && state.widthMm > 0 && {
        part: 'width',
        message: `Straight stitch, width 0 (now ${state.widthMm})`,
        why: 'The next needle may have less room.',
        change: { widthMm: 0 },
      },
    state.positionMm !== null
      && state.positionMm !== 0 && {
        part: 'position',
        message:
          `Needle to the middle (now ${Math.abs(state.positionMm)} mm `
          + `${state.positionMm < 0 ? 'left' : 'right'})`,
        why: 'A moved needle strikes a single hole.',
        change: { positionMm: 0 },
      },
    state.needleId !== null
      && construction !== null
      && construction !== 'single' && {
        part: 'needle',
        message: `${construction === 'twin' ? 'Twin' : 'Triple'} out, single needle in`,
        why: 'Forgotten, it strikes at the next wide stitch. Lock or switch off first.',
        change: { needleId: null },
      },
    state.twinMode === 'on'
      && facts.twinModeKind !== 'none' && {
        part: 'twin-mode',
        message: 'Twin mode off',
        why: 'Left on, it narrows every stitch. The twin comes out first: the mode guards it.',
        change: { twinMode: 'off' },
      },
    state.tension !== null
      && state.tension !== dial?.home && {
        part: 'tension',
        message: dial
          ? `Tension to home, ${dial.home} (now ${state.tension})`
          : `Tension to home (now ${state.tension}; home is not known)`,
        why: 'The next seam begins from there.',
        change: { tension: dial?.home ?? null },
      },
    state.bobbinTension !== null
      && state.bobbinTension !== 'home' && {
        part: 'bobbin-tension',
        message: `Bobbin tension to home (now ${state.bobbinTension})`,
        why: 'Ordinary seams loop without it.',
        change: { bobbinTension: 'home' },
      },
    state.pressure !== null
      && state.pressure !== 'home' && {
        part: 'pressure',
        message: `Foot pressure to home (now ${state.pressure})`,
        why: 'Cloth creeps or is marked.',
        change: { pressure: 'home' },
      },
    state.plate === 'single-hole' && {
      part: 'plate',
      message: 'Zigzag plate on',
      why: 'Any zigzag strikes the single hole.',
      change: { plate: 'zigzag' },
    },
    state.footId !== null
      && foot !== null
      && !foot.usual && {
        part: 'foot',
        message: `Everyday foot on (now ${foot.name})`,
        why: 'The next stitch may need its slot.',
        change: { footId: null },
      },
  ]
  return items.filter(item => item !== false)
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
 */
export function afterPowerOff(
  state: MachineState,
  { twinModeKind, forgetsTwinMode, construction }: FittedFacts,
): PowerOff {
  const modeWasOn = state.twinMode === 'on' && twinModeKind !== 'none'
  const several = state.needleId !== null && construction !== null && construction !== 'single'
  const twinMode = modeWasOn
    ? forgetsTwinMode === null
      ? null
      : forgetsTwinMode
        ? ('off' as const)
        : ('on' as const)
    : state.twinMode
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
      'tension and foot pressure: a dial stays, a display may go home',
    ],
    caution:
      several && twinModeKind !== 'none' && twinMode !== 'on'
        ? `The ${construction} is still in and the machine may not know: tell it the gap before you sew.`
        : null,
    change: { twinMode, widthMm: null, positionMm: null },
  }
}
