import { SWATCH_FILTERS, findSwatches, type SwatchFilter, valuesOf } from './swatchFilters'
import { orderedSwatches, SWATCH_ORDERS, type SwatchOrder } from './swatchOrder'

/** What is looked for in the book, in which order and groups: all of it stands in the address. */
export function useSwatchSearch() {
  const swatches = useSwatchStore()
  const search = useUrlState<string>('search', { usual: '' })
  const filters = Object.fromEntries(
    SWATCH_FILTERS.map(([id]) => [id, useUrlState<string>(id, { usual: '', isStep: true })]),
  ) as unknown as Record<SwatchFilter, Ref<string>>
  const chosen = computed(
    () =>
      Object.fromEntries(SWATCH_FILTERS.map(([id]) => [id, filters[id].value])) as Record<
        SwatchFilter,
        string
      >,
  )
  const order = useUrlState<SwatchOrder>('order', {
    usual: 'newest',
    choices: SWATCH_ORDERS.map(({ value }) => value),
  })
  const groupBy = useUrlState<SwatchFilter | ''>('group', {
    usual: '',
    choices: ['', ...SWATCH_FILTERS.map(([id]) => id)],
  })
  const found = computed(() =>
    orderedSwatches(findSwatches(swatches.newest, search.value, chosen.value), order.value),
  )
  function narrow(by: SwatchFilter, to: string): void {
    filters[by].value = to
  }
  /** What each filter can be set to, for the swatches there are. */
  function choices(): { id: SwatchFilter; label: string; values: readonly string[] }[] {
    const values = valuesOf(swatches.newest)
    return SWATCH_FILTERS.map(([id, label]) => ({ id, label, values: [...values[id]].sort() }))
  }
  return { search, chosen, order, groupBy, found, narrow, choices }
}
/** What a view of the book and its bar of filters share. */
export type SwatchSearch = ReturnType<typeof useSwatchSearch>
