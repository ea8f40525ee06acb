import { marginOfMm } from '#core/schools'
import { findStitch, type StitchSetting, type StitchShape } from '#core/stitch'
import type { SwingInput } from '#core/swing'
import type { Foot, Machine, NeedleRecord, OwnStitch, Plate, Settings } from '../records'
import type { SetupContent } from '../setup'

/** A stitch by name, whether it ships with the app or is the user's own. */
export interface NamedStitch extends StitchShape {
  readonly id: string
  readonly name: string
  readonly defaultWidthMm: number
  readonly defaultLengthMm: number
}

/** The records a setup points at; what is not chosen or is gone is null. */
export interface Bench {
  readonly machine: Machine | null
  readonly foot: Foot | null
  readonly needle: NeedleRecord | null
  /** A plate of one's own; null: the machine's. */
  readonly plate: Plate | null
  readonly stitch: NamedStitch | null
}

export interface BenchTables {
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
export function benchOf(setup: SetupContent, tables: BenchTables): Bench {
  return {
    machine: tables.machines.get(setup.machineId ?? '') ?? null,
    foot: tables.feet.get(setup.footId ?? '') ?? null,
    needle: tables.needles.get(setup.needleId ?? '') ?? null,
    plate: tables.plates.get(setup.plateId ?? '') ?? null,
    stitch: findStitch(setup.stitch.stitchId) ?? tables.stitches.get(setup.stitch.stitchId) ?? null,
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
  { machine, foot, needle, plate, stitch }: Bench,
  settings: Settings,
): SwingInput | null {
  if (!machine || !needle || !stitch) return null
  const { singleHole } = plateOn(setup, plate)
  const plateSlotMm = plate ? plate.slotMm : machine.plateSlotMm
  const { widthMm, lengthMm, mirror, positionMm }: StitchSetting = setup.stitch
  return {
    machine: { maxWidthMm: machine.maxWidthMm, plateSlotMm: singleHole ? null : plateSlotMm },
    foot: { slotMm: foot?.slotMm ?? null, singleHole: foot?.singleHole ?? false },
    plate: { singleHole },
    needle: { construction: needle.construction, gapMm: needle.gapMm, sizeNm: needle.sizeNm },
    stitch: {
      alignment: stitch.alignment,
      drops: stitch.drops,
      repeat: stitch.repeat,
      widthMm,
      lengthMm,
      mirror,
      positionMm,
    },
    marginMm: marginOfMm(settings.schools),
    clearanceMm: settings.clearanceMm,
  }
}
