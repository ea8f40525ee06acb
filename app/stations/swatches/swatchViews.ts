/** The ways the book is shown. */
export const SWATCH_VIEWS = [
  { value: 'cards', label: 'Cards' },
  { value: 'table', label: 'Table' },
  { value: 'charts', label: 'Charts' },
] as const
export type SwatchView = (typeof SWATCH_VIEWS)[number]['value']
