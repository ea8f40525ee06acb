import type { Swatch } from '#shared/records'
import { SWATCH_FILTERS, type SwatchFilter } from './swatchFilters'

/** How the book may be leafed through; the newest first is how it comes. */
export const SWATCH_ORDERS = [
  { value: 'newest', label: 'Newest first' },
  { value: 'oldest', label: 'Oldest first' },
  { value: 'name', label: 'By name' },
  { value: 'tension', label: 'By tension' },
] as const
export type SwatchOrder = (typeof SWATCH_ORDERS)[number]['value']

/** @param newest - newest first. */
export function orderedSwatches(newest: readonly Swatch[], order: SwatchOrder): readonly Swatch[] {
  switch (order) {
    case 'newest':
      return newest
    case 'oldest':
      return [...newest].reverse()
    case 'name':
      return [...newest].sort((a, b) => a.name.localeCompare(b.name))
    case 'tension':
      return [...newest].sort((a, b) => tensionOf(a) - tensionOf(b))
  }
}
/** Those without a number stand last. */
const tensionOf = ({ setup }: Swatch) => setup.tension ?? Infinity

export interface SwatchGroup {
  /** What they have in common; '' where they are not grouped. */
  readonly title: string
  readonly swatches: readonly Swatch[]
}

/** Swatches that have one thing in common side by side, in the order they come in. */
export function groupedSwatches(swatches: readonly Swatch[], by: SwatchFilter | ''): readonly SwatchGroup[] {
  const of = SWATCH_FILTERS.find(([id]) => id === by)?.[2]
  if (!of) return [{ title: '', swatches }]
  const groups = new Map<string, Swatch[]>()
  for (const swatch of swatches) {
    const title = of(swatch)
    groups.set(title, [...(groups.get(title) ?? []), swatch])
  }
  return [...groups].map(([title, list]) => ({ title, swatches: list }))
}
