import { formatLength, formatLengthDown, lengthWithUnit, UNIT_SIGNS } from '#core/units'

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
    sign: () => UNIT_SIGNS[settings.unit],
  }
}
