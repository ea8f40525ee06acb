import { defineStore } from 'pinia'
import { type KnownAnswer, readerFrom, type ReaderEstimate } from '#core/reader'
import { READINGS, type ReadingName } from '#core/trial'
import { answersOf } from '#shared/inputs'
import { MOST_ANSWERS, type Reader } from '#shared/records'
import { computed } from 'vue'
import { newId } from '~/utils/id'

/** How whoever reads now reads rows, as practice and their own strips tell it. */
export const useReaderStore = defineStore('reader', () => {
  const book = useBookStore()
  const settings = useSettingsStore()

  /** Empty: the one who has the book to themselves. */
  const person = computed(() => settings.record.readsAs)
  const isNow = (one: Reader) => one.person === person.value
  const estimates = computed(
    () =>
      Object.fromEntries(
        READINGS.map(reading => [reading, readerFrom(answersOf(person.value, reading, book.shelf))]),
      ) as Record<ReadingName, ReaderEstimate | null>,
  )
  /** The day of the newest practice; null: none yet. */
  const practisedAt = (reading: ReadingName) =>
    [...book.shelf.readers.values()]
      .filter(one => isNow(one) && one.reading === reading)
      .map(({ readAt }) => readAt)
      .sort()
      .at(-1) ?? null

  const nameReader = (name: string) => settings.change({ readsAs: name })

  /** Keeps a practice: one record a person and reading, the newest answers in it. */
  function keep(reading: ReadingName, answers: readonly KnownAnswer[], now: Date): void {
    const before = [...book.shelf.readers.values()].find(one => isNow(one) && one.reading === reading)
    const record: Reader = {
      id: before?.id ?? newId('reader'),
      person: person.value,
      reading,
      answers: [...(before?.answers ?? []), ...answers].slice(-MOST_ANSWERS),
      readAt: now.toISOString(),
    }
    void book.commit('Keep how you read', [{ table: 'readers', id: record.id, record }])
  }
  function forget(reading: ReadingName): void {
    const gone = [...book.shelf.readers.values()].filter(one => isNow(one) && one.reading === reading)
    if (gone.length > 0)
      void book.commit(
        'Forget the practice',
        gone.map(({ id }) => ({ table: 'readers' as const, id, record: null })),
      )
  }

  return { person, estimates, practisedAt, nameReader, keep, forget }
})
