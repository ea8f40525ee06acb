import type { Answers } from '#core/reader'
import type { Reading, ReadingName } from '#core/trial'
import type { Reader, Trial } from '../records'

interface ReaderTables {
  readonly readers: ReadonlyMap<string, Reader>
  readonly trials: ReadonlyMap<string, Trial>
}

/**
 * All that tells how a person reads: practice, and own rows that were sewn again at one number of a strip.
 *
 * @param person - as the settings call them; empty: the one who has the book to themselves.
 */
export function answersOf(person: string, reading: ReadingName, { readers, trials }: ReaderTables): Answers {
  const practised = [...readers.values()].filter(one => one.person === person && one.reading === reading)
  const own = [...trials.values()].filter(({ readBy }) => readBy === person)
  return {
    known: practised.flatMap(({ answers }) => answers),
    repeats: own.flatMap(strip => alikeIn(strip, reading)),
  }
}

/** Readings of rows that were sewn at one number, with the same on the machine. */
function alikeIn({ rows }: Trial, reading: ReadingName): Reading[][] {
  const byMark = new Map<number, Reading[]>()
  for (const row of rows) {
    const said = row[reading]
    if (!row.comparable || said === null) continue
    byMark.set(row.dial, [...(byMark.get(row.dial) ?? []), said])
  }
  return [...byMark.values()].filter(readings => readings.length > 1)
}
