import { newestFirst } from '#shared/fields'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import { markAt } from '#core/dial'
import { marksOf, nearestOf } from '#core/trial'
import type { Machine, Swatch } from '#shared/records'
import { offsetOf, steppedDialOf } from '#shared/inputs'

/** The swatch book: newest first, and setting the piece in hand up as a swatch. */
export const useSwatchStore = defineStore('swatches', () => {
  const book = useBookStore()
  const inHand = useInHandStore()
  const { takeSetup } = useShelf()
  const newest = computed(() => newestFirst(book.shelf.swatches.values(), ({ keptAt }) => keptAt))

  /**
   * What a swatch's number would be on another machine: as far from normal tension, as a share of the way.
   * null: a dial
   * is not known.
   */
  function guessOn(swatch: Swatch, machine: Machine): number | null {
    const share = offsetOf(swatch)
    const dial = steppedDialOf(machine)
    return share === null || dial === null ? null : nearestOf(marksOf(dial), markAt(share, dial))
  }
  /** Sets the piece in hand up with all a swatch holds. */
  function use(swatch: Swatch): void {
    takeSetup(`Use “${swatch.name}”`, swatch.setup)
  }
  /** The same on the machine it is on: the number is a guess there, and machine, foot and plate stay. */
  function useHere(swatch: Swatch): void {
    const { machineId, footId, plate, plateId } = inHand.setup
    takeSetup(`Try “${swatch.name}” here`, {
      ...swatch.setup,
      machineId,
      footId,
      plate,
      plateId,
      tension: inHand.parts.machine ? guessOn(swatch, inHand.parts.machine) : null,
    })
  }
  function setPhoto(id: string, side: 'front' | 'back', photo: string | null): void {
    const now = book.shelf.swatches.get(id)
    if (now)
      book.commit(photo === null ? 'Take the photo out' : 'Add a photo', [
        { table: 'swatches', id, record: { ...now, photos: { ...now.photos, [side]: photo } } },
      ])
  }
  return { newest, guessOn, use, useHere, setPhoto }
})
