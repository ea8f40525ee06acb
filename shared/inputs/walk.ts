import { findConflicts, tensionDoubt } from '#core/conflicts'
import { combinationKey } from '#core/handwalk'
import { type FittedFacts, type MachineState, UNKNOWN_STATE } from '#core/putback'
import { seamUsage } from '#core/seam'
import { hasSwing } from '#core/stitch'
import { judgeSwing } from '#core/swing'
import { USUAL_WASTE } from '#core/usage'
import type { WalkInput, WalkThread } from '#core/walk'
import type { Planned } from './planned'
import { seamOf } from './seam'
import { type SetupParts, setupPartsOf, swingInputOf, plateOn } from './swing'
import { conflictInputOf, type PairingTables, threadedBlades } from './pairing'
import type { Foot, MachineStateRecord, NeedleRecord, Machine, Settings } from '../records'
import type { SetupContent } from '../setup'

/** What is known to be on a machine; nothing, before anything was noted. */
export function stateOf(
  machineId: string | null,
  states: ReadonlyMap<string, MachineStateRecord>,
): MachineState {
  return states.get(machineId ?? '')?.state ?? UNKNOWN_STATE
}

/** A record for a machine about which nothing was noted yet. */
export function blankState(machineId: string): MachineStateRecord {
  return { id: machineId, state: UNKNOWN_STATE, cleanedAt: null, oiledAt: null, sewingSince: null }
}

/** What a state names, looked up. The everyday foot is a zigzag foot. */
export function fittedFactsOf(
  state: MachineState,
  machine: Machine,
  tables: { readonly needles: ReadonlyMap<string, NeedleRecord>; readonly feet: ReadonlyMap<string, Foot> },
): FittedFacts {
  const foot = tables.feet.get(state.footId ?? '')
  return {
    twinModeKind: machine.twinMode.kind,
    forgetsTwinMode: machine.forgetsTwinMode,
    dial: machine.tensionDial,
    construction: tables.needles.get(state.needleId ?? '')?.construction ?? null,
    foot: foot ? { name: foot.name, usual: foot.kind === 'zigzag' } : null,
  }
}

/**
 * A setup as the walk's rules see it.
 *
 * @param ownStart - see `conflictInputOf`.
 * @param planned - what its plan dials in place of what is set; null: what is set.
 */
export function walkInputOf(
  setup: SetupContent,
  tables: PairingTables,
  settings: Settings,
  left: MachineState,
  ownStart: number | null = null,
  planned: Planned | null = null,
): WalkInput {
  const parts = setupPartsOf(setup, tables)
  const { machine, needle, foot, plate, stitch } = parts
  const swing = swingInputOf(setup, parts, settings)
  const judged = swing && judgeSwing(swing)
  const bobbin = tables.threads.get(setup.bobbinId ?? '')
  const { widthMm, lengthMm, positionMm } = setup.stitch
  return {
    machine,
    needle,
    foot,
    left,
    plate: plateOn(setup, plate),
    threads: walkThreads(setup, parts, tables, settings),
    secondSpool: setup.secondSpool,
    bobbin: bobbin ?? null,
    stitch: stitch && {
      name: stitch.name,
      swings: hasSwing(stitch),
      widthMm,
      lengthMm,
      positionMm,
      planned,
    },
    verdict: judged?.verdict ?? null,
    safeWidthMm: judged?.safeWidthMm ?? null,
    tension: setup.tension,
    tensionDoubt: tensionDoubt(findConflicts(conflictInputOf(setup, tables, settings, ownStart))),
    bobbinTension: setup.bobbinTension,
    pressure: setup.pressure,
    threader: setup.threader,
    cutter: setup.cutter,
    schools: settings.schools,
    combination:
      swing
      && combinationKey({
        machineId: setup.machineId ?? '',
        footId: setup.footId,
        needleId: setup.needleId ?? '',
        swing,
      }),
  }
}

function walkThreads(
  setup: SetupContent,
  { needle }: SetupParts,
  tables: PairingTables,
  settings: Settings,
): WalkThread[] {
  // Only a bobbin that is wound for a needle asks how much.
  const seam = setup.secondSpool === 'bobbin' ? seamOf(setup, tables, settings) : null
  const metres = seam && seamUsage(seam, setup.seamM, USUAL_WASTE).needleThreads
  return threadedBlades(setup, needle?.construction ?? 'single', tables.threads).map((blade, i) => {
    const { id, name, form } = blade.thread
    return { ...blade, id, name, form, metres: metres?.[i]?.metres ?? null }
  })
}
