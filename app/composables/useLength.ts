import {
  FAR_SIGNS,
  farOf,
  farWithUnit,
  formatCloth,
  formatPencil,
  formatPlace,
  metresOf,
  MM_PER_INCH,
  snapToRuler,
  UNIT_SIGNS,
} from '#core/units'

/** Lengths of cloth as the user reads them, following the units switch. Those of the machine are in mm. */
export function useLength() {
  const settings = useSettingsStore()
  const sign = () => UNIT_SIGNS[settings.unit]
  const signed = (words: string) => (words === 'not measured' ? words : `${words} ${sign()}`)
  const bare = (mm: number | null) => formatCloth(mm, settings.unit, 'mark')
  const cut = (mm: number) => formatCloth(mm, settings.unit)
  const place = (mm: number) => formatPlace(mm, settings.unit)
  return {
    /** As it is marked or measured: the number alone. */
    bare,
    /** With its unit; `not measured` stands alone. */
    length: (mm: number | null) => signed(bare(mm)),
    /** As one can cut it; without its unit. */
    cut,
    /** Where a mark falls, to what a pencil shows; without its unit. */
    place,
    placed: (mm: number) => signed(place(mm)),
    /** What is set between two things: tucks, rows. */
    between: (mm: number | null) => signed(formatCloth(mm, settings.unit, 'between')),
    /** As a pencil marks it, with its unit: for what is printed. */
    pencilled: (mm: number) => signed(formatPencil(mm, settings.unit)),
    sign,
    /** What was dragged, on the nearest mark of the ruler. */
    snap: (mm: number) => snapToRuler(mm, settings.unit),
    /** What a new plan begins with, round in either unit. */
    usual: (mm: number, inches: number) => ({ mm, inch: inches * MM_PER_INCH })[settings.unit],
    /** Thread and seams: metres, or yards. */
    far: (metres: number) => farWithUnit(metres, settings.unit),
    farOf: (metres: number) => farOf(metres, settings.unit),
    metresOf: (far: number) => metresOf(far, settings.unit),
    farSign: () => FAR_SIGNS[settings.unit],
  }
}
