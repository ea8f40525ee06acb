import {
  type MeasuredThing,
  type MeasureWay,
  type Quantity,
  QUANTITY_NAMES,
  quantityFact,
} from '#core/measure'
import { thingsOf } from '#shared/inputs'

/** What is measured now, and of what: in the address, so that the list of what is missing can lead here. */
export function useTarget(way: MeasureWay) {
  const book = useBookStore()
  const inHand = useInHandStore()
  const measurable = QUANTITY_NAMES.filter(quantity => quantityFact(quantity).ways.includes(way))
  const quantity = useUrlState<Quantity>('what', { usual: measurable[0]!, choices: measurable })
  const chosen = useUrlState<string>('of', { usual: '' })

  const idsInHand = computed((): Partial<Record<MeasuredThing, string | null>> => {
    const { footId, machineId, plateId, needleId, clothId, threadIds } = inHand.setup
    return {
      foot: footId,
      machine: machineId,
      plate: plateId,
      needle: needleId,
      cloth: clothId,
      thread: threadIds.left,
    }
  })
  const things = computed(() => thingsOf(quantity.value, book.tables))
  /** What was chosen, else what is on the machine now, else the first one there is. */
  const ofId = computed({
    get: () => {
      const { of } = quantityFact(quantity.value)
      const wanted = [chosen.value, of && idsInHand.value[of]]
      return wanted.find(id => things.value.some(thing => thing.id === id)) ?? things.value[0]?.id ?? ''
    },
    set: id => {
      chosen.value = id
    },
  })
  /** What is added here is what is meant; a foot is the one that is on, where none was chosen. */
  function added(id: string): void {
    chosen.value = id
    const isFoot = quantityFact(quantity.value).of === 'foot'
    if (isFoot && inHand.setup.footId === null) inHand.update('Choose the foot', { footId: id })
  }
  const quantities = measurable.map(value => ({ value, label: quantityFact(value).words }))
  return { quantity, quantities, things, ofId, added }
}
