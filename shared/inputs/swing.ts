import { mostOf } from '#core/measured'
import { marginOfMm } from '#core/schools'
import { stitchOf, type StitchSetting, type StitchShape } from '#core/stitch'
import type { SwingInput } from '#core/swing'
import type { Foot, Machine, NeedleRecord, OwnStitch, Plate, Settings } from '../records'
import { spreadOf } from '../fields'
import type { SetupContent } from '../setup'

/** A stitch by name, whether it ships with the app or is the user's own. */
export interface NamedStitch extends StitchShape {
  readonly id: string
  readonly name: string
  readonly defaultWidthMm: number
  readonly defaultLengthMm: number
}

/** The records a setup points at; what is not chosen or is gone is null. */
export interface SetupParts {
  readonly machine: Machine | null
  readonly foot: Foot | null
  readonly needle: NeedleRecord | null
  /** A plate of one's own; null: the machine's. */
  readonly plate: Plate | null
  readonly stitch: NamedStitch | null
}

export interface SetupTables {
  readonly machines: ReadonlyMap<string, Machine>
  readonly feet: ReadonlyMap<string, Foot>
  readonly needles: ReadonlyMap<string, NeedleRecord>
  readonly stitches: ReadonlyMap<string, OwnStitch>
  readonly plates: ReadonlyMap<string, Plate>
}

/** The plates that come with a machine. */
export const PLATE_NAMES = { 'zigzag': 'Zigzag plate', 'single-hole': 'Single-hole plate' } as const

/** The plate that is on: one of one's own, else the machine's of the kind chosen. */
export function plateOn(
  setup: SetupContent,
  plate: Plate | null,
): { readonly name: string; readonly singleHole: boolean } {
  if (plate) return { name: plate.name, singleHole: plate.singleHole }
  return { name: PLATE_NAMES[setup.plate], singleHole: setup.plate === 'single-hole' }
}

/** Looks up what a setup points at. */
export function setupPartsOf(setup: SetupContent, tables: SetupTables): SetupParts {
  return {
    machine: tables.machines.get(setup.machineId ?? '') ?? null,
    foot: tables.feet.get(setup.footId ?? '') ?? null,
    needle: tables.needles.get(setup.needleId ?? '') ?? null,
    plate: tables.plates.get(setup.plateId ?? '') ?? null,
    stitch: stitchOf(setup.stitch.stitchId, tables.stitches),
  }
}

/**
 * A setup as the core judges it; null while machine, needle or stitch are missing.
 *
 * The single-hole plate replaces the zigzag plate, so the opening measured on that one does not count with
 * it.
 */
export function swingInputOf(
  setup: SetupContent,
  { machine, foot, needle, plate, stitch }: SetupParts,
  settings: Settings,
): SwingInput | null {
  if (!machine || !needle || !stitch) return null
  const { singleHole } = plateOn(setup, plate)
  const { widthMm, lengthMm, mirror, positionMm }: StitchSetting = setup.stitch
  return {
    machine: {
      maxWidthMm: machine.maxWidthMm,
      ...(singleHole ? { plateSlotMm: null } : plateOpeningOf(machine, plate)),
    },
    foot: {
      slotMm: foot?.slotMm ?? null,
      singleHole: foot?.singleHole ?? false,
      ...(foot && spread('slotSpreadMm', spreadOf(foot, 'slotMm'))),
    },
    plate: { singleHole },
    needle: { construction: needle.construction, gapMm: widestGapMm(needle), sizeNm: needle.sizeNm },
    stitch: {
      alignment: stitch.alignment,
      drops: stitch.drops,
      repeat: stitch.repeat,
      widthMm,
      lengthMm,
      mirror,
      positionMm,
      ...widestFactor(machine),
    },
    marginMm: marginOfMm(settings.schools),
    clearanceMm: settings.clearanceMm,
  }
}

/** The opening of the plate that is on, and how well it is known. */
function plateOpeningOf(machine: Machine, plate: Plate | null) {
  const [plateSlotMm, known] = plate
    ? [plate.slotMm, spreadOf(plate, 'slotMm')]
    : [machine.plateSlotMm, spreadOf(machine, 'plateSlotMm')]
  return { plateSlotMm, ...spread('plateSpreadMm', known) }
}

/** A field that is there only where somebody noted how well. */
const spread = <Name extends string>(name: Name, known: number | null) =>
  known === null ? {} : ({ [name]: known } as { readonly [N in Name]: number })

/** A gap that was measured beats its label; what may hit counts its wide end. */
function widestGapMm(needle: NeedleRecord): number {
  const { trueGapMm, gapMm } = needle
  if (trueGapMm === null || gapMm === 0) return gapMm
  return mostOf({ value: trueGapMm, spread: spreadOf(needle, 'trueGapMm') ?? 0 })
}

/** How far the gap between two needles is, as measured or else as its label says. */
export const gapOf = ({ gapMm, trueGapMm }: { gapMm: number; trueGapMm?: number | null }): number =>
  gapMm === 0 ? 0 : (trueGapMm ?? gapMm)

/** How much wider a machine sews than its dial says, at its wide end; nothing where nobody measured. */
function widestFactor(machine: Machine): Pick<StitchSetting, 'widthFactor'> {
  if (machine.widthFactor === null) return {}
  return {
    widthFactor: mostOf({ value: machine.widthFactor, spread: spreadOf(machine, 'widthFactor') ?? 0 }),
  }
}
