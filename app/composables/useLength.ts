import {
  FAR_SIGNS,
  farOf,
  farWithUnit,
  formatCloth,
  formatLength,
  formatLengthDown,
  lengthWithUnit,
  metresOf,
  UNIT_SIGNS,
} from '#core/units'

/** Lengths as the user reads them, following the units switch. */
export function useLength() {
  const settings = useSettingsStore()
  return {
    /** The number alone. */
    bare: (mm: number | null) => formatLength(mm, settings.unit),
    /** With its unit; `not measured` stands alone. */
    length: (mm: number | null) => lengthWithUnit(mm, settings.unit),
    /** A limit: never rounded up. */
    limit: (mm: number | null) => formatLengthDown(mm, settings.unit),
    /** Cloth, as one can cut it; without its unit. */
    cut: (mm: number) => formatCloth(mm, settings.unit),
    sign: () => UNIT_SIGNS[settings.unit],
    /** Thread and seams: metres, or yards. */
    far: (metres: number) => farWithUnit(metres, settings.unit),
    farOf: (metres: number) => farOf(metres, settings.unit),
    metresOf: (far: number) => metresOf(far, settings.unit),
    farSign: () => FAR_SIGNS[settings.unit],
  }
}
