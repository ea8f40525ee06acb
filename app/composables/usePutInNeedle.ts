import { type Needle, needleLabel, type NeedleType } from '#core/needle'
import { FRESH_NEEDLE, type RecordChange } from '#shared/records'
import { newId } from '~/utils/id'

/** Putting a needle in, adding it to what is owned when no such needle is there yet. */
export function usePutInNeedle() {
  const book = useBookStore()
  const inHand = useInHandStore()

  function putInNeedle(needle: Needle & { readonly type: NeedleType }): void {
    const { construction, gapMm, sizeNm, type } = needle
    const owned = [...book.shelf.needles.values()].find(
      other =>
        other.construction === construction
        && other.gapMm === gapMm
        && other.sizeNm === sizeNm
        && other.type === type,
    )
    const id = owned?.id ?? newId('needle')
    const bought: RecordChange[] = owned
      ? []
      : [{ table: 'needles', id, record: { ...FRESH_NEEDLE, ...needle, id } }]
    inHand.update(`Put in ${needleLabel(needle)}`, { needleId: id }, null, bought)
  }
  return { putInNeedle }
}
