import { whenever } from '@vueuse/core'
import { firstViewStands } from '~/utils/firstView'

/** What sets a rule's tension anew is no part of the first view: it comes once that stands. */
export default defineNuxtPlugin(() => {
  whenever(firstViewStands, () => void load().catch(() => {}), { once: true, immediate: true })
})

async function load(): Promise<void> {
  const { foretellFrom, withStartValues } = await import('#shared/job')
  const [book, inHand, settings] = [useBookStore(), useInHandStore(), useSettingsStore()]
  inHand.redialBy((before, next) => {
    const place = { tables: book.shelf, settings: settings.record }
    return withStartValues(before, next, place, foretellFrom(book.shelf.swatches, settings.record))
  })
}
