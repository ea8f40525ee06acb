import { findStitch } from '#core/stitch'
import { judgeSwing } from '#core/swing'
import type { Seam } from '#core/seam'
import { FRESH_NEEDLE, type Machine, type NeedleRecord, type Settings, UNKNOWN_MACHINE } from '../records'
import type { SetupContent } from '../setup'
import type { PairingTables } from './pairing'
import { seamOf } from './seam'
import { setupPartsOf, swingInputOf } from './swing'

const EXAMPLE_MACHINE: Machine = { ...UNKNOWN_MACHINE, id: 'example', name: 'Example' }
const EXAMPLE_NEEDLE: NeedleRecord = {
  ...FRESH_NEEDLE,
  id: 'example',
  construction: 'twin',
  gapMm: 2,
  sizeNm: 80,
  type: 'universal',
}
const EXAMPLE_WIDTH_MM = 4

/** A seam to be looked at while choices are missing. Invented: no machine or needle of anybody’s. */
export interface ExampleSeam {
  readonly seam: Seam
  readonly needle: NeedleRecord
  readonly stitchName: string
}

/**
 * What is chosen so far, with an example in each place that is still empty: a 7 mm machine, a 2.0/80 twin, a
 * zigzag as wide as is safe, 4.0 mm at most.
 *
 * @param hasStitch - whether the stitch of the setup was chosen; else it is the example’s.
 * @returns null where the stitch chosen is gone from the book.
 *
 * @example
 * exampleSeam(EMPTY_SETUP, tables, settings, false)?.seam.swing.machine.maxWidthMm // 7
 */
export function exampleSeam(
  setup: SetupContent,
  tables: Omit<PairingTables, 'pieces' | 'stabilizers'>,
  settings: Settings,
  hasStitch: boolean,
): ExampleSeam | null {
  const machine = tables.machines.get(setup.machineId ?? '') ?? EXAMPLE_MACHINE
  const needle = tables.needles.get(setup.needleId ?? '') ?? EXAMPLE_NEEDLE
  const completed = {
    ...tables,
    machines: new Map([...tables.machines, [machine.id, machine]]),
    needles: new Map([...tables.needles, [needle.id, needle]]),
  }
  const inPlace = { ...setup, machineId: machine.id, needleId: needle.id }
  const sewn = hasStitch ? inPlace : safely(zigzagged(inPlace, EXAMPLE_WIDTH_MM), completed, settings)
  const seam = seamOf(sewn, completed, settings)
  return seam && { seam, needle, stitchName: setupPartsOf(sewn, completed).stitch!.name }
}

const zigzagged = (setup: SetupContent, widthMm: number): SetupContent => ({
  ...setup,
  stitch: { ...setup.stitch, stitchId: findStitch('zigzag')!.id, widthMm },
})

/** No example shows a needle that hits. */
function safely(
  setup: SetupContent,
  tables: Omit<PairingTables, 'pieces' | 'stabilizers'>,
  settings: Settings,
): SetupContent {
  const input = swingInputOf(setup, setupPartsOf(setup, tables), settings)
  const safeMm = input && judgeSwing(input).safeWidthMm
  return zigzagged(setup, Math.min(EXAMPLE_WIDTH_MM, safeMm ?? 0))
}
