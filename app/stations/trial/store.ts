import { newestFirst } from '#shared/fields'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import {
  GOAL_FACTS,
  nextTension,
  type TrialAdvice,
  type TrialCare,
  type TrialGoal,
  type TrialPrior,
} from '#core/trial'
import { differencesOf, tensionFromOf } from '#shared/setup'
import type { SetupContent } from '#shared/setup'
import type { RecordChange, Swatch, Trial, TrialRowRecord } from '#shared/records'
import { frozenOf, trialRowOf, withPieceSetup } from '#shared/inputs'
import { newId } from '~/utils/id'

const MOST_WORDS = 300

export type RowReading = Pick<
  TrialRowRecord,
  'ridge' | 'show' | 'skips' | 'breaks' | 'holes' | 'sound' | 'photos'
>

/** The trial strip of the piece in hand: its rows, the next number, and keeping what was found. */
export const useTrialStore = defineStore('trial', () => {
  const book = useBookStore()
  const inHand = useInHandStore()
  const start = useStartStore()
  const readers = useReaderStore()

  const content = computed<SetupContent>(() => inHand.setup)
  /** Strips that are not closed, the newest first, with what is not as it was when their rows were sewn. */
  const open = computed(() =>
    newestFirst(book.shelf.trials.values(), ({ startedAt }) => startedAt)
      .filter(({ closed }) => !closed)
      .map(record => ({
        record,
        changes: record.rows.length === 0 ? [] : differencesOf(record.setup, content.value, book.shelf),
      })),
  )
  /** The newest strip of what is on the machine now: no other setup inherits it. */
  const strip = computed<Trial | null>(
    () => open.value.find(({ changes }) => changes.length === 0)?.record ?? null,
  )
  /** The newest strip of another setup, while there is none of this; null: there is none. */
  const other = computed(() =>
    strip.value?.rows.length ? null : (open.value.find(({ changes }) => changes.length > 0) ?? null),
  )
  /** The job’s, whatever the rows were begun for. */
  const goal = computed<TrialGoal>(() => start.goal)
  const care = computed<TrialCare>(() => strip.value?.care ?? 'careful')
  const dial = computed(() => start.dial)
  const expected = computed(() => start.expected)
  /** How whoever reads now reads what the goal is about; null: not measured. */
  const reader = computed(() => readers.estimates[GOAL_FACTS[goal.value].leads])
  const carried = ref('')
  const onDial = (mark: number) => dial.value !== null && mark >= dial.value.min && mark <= dial.value.max
  const counted = computed(() =>
    (strip.value?.rows ?? [])
      .map((row, i) => ({ ...row, number: i + 1 }))
      .filter(row => row.comparable && onDial(row.dial)),
  )
  /** null: no dial. */
  const advice = computed<TrialAdvice | null>(() => {
    if (!dial.value) return null
    return nextTension({
      goal: goal.value,
      dial: dial.value,
      rows: counted.value.map(trialRowOf),
      prior: expected.value && within(expected.value.prior),
      care: care.value,
      reader: reader.value,
    })
  })

  /** The number the rows lead to: what is sewn next, or what was found; null: no row says any. */
  const leadsTo = computed(() =>
    counted.value.length === 0 ? null : (advice.value?.next ?? advice.value?.best ?? null),
  )

  function within({ tension, spread }: TrialPrior): TrialPrior {
    const { min, max } = dial.value!
    return { tension: Math.max(min - (max - min), Math.min(max + (max - min), tension)), spread }
  }
  const write = (label: string, record: Trial, more: Parameters<typeof book.commit>[1] = []) =>
    book.commit(label, [{ table: 'trials', id: record.id, record }, ...more])
  const fresh = (now: Date, change: Partial<Trial> = {}): Trial => ({
    id: newId('trial'),
    goal: goal.value,
    care: care.value,
    setup: content.value,
    startedAt: now.toISOString(),
    readBy: readers.person,
    rows: [],
    closed: false,
    ...change,
  })
  const closing = () =>
    strip.value
      ? [
          {
            table: 'trials' as const,
            id: strip.value.id,
            record: strip.value.rows.length > 0 ? { ...strip.value, closed: true } : null,
          },
        ]
      : []

  function begin(now: Date): void {
    write('Begin a strip', fresh(now), closing())
  }
  function beAs(care: TrialCare, now: Date): void {
    write('Choose how sure', strip.value ? { ...strip.value, care } : fresh(now, { care }))
  }
  /** The setup with a tension that was sewn. */
  function setupAt(tension: number, how: 'sewn' | 'start' = 'sewn'): SetupContent {
    const set = { ...inHand.setup, tension }
    return { ...set, tensionFrom: tensionFromOf(set, how) }
  }
  /** It goes to the piece in hand, in one step with what else is kept. */
  const keepAt = (label: string, setup: SetupContent, beside: readonly RecordChange[]) =>
    void inHand.change(label, withPieceSetup(inHand.piece, setup, book.shelf.stitches, inHand.row), {
      beside,
    })
  /** Notes a row sewn at a number; the piece in hand takes the number over. */
  function note(mark: number, reading: RowReading, now: Date): void {
    const before = strip.value ?? fresh(now)
    const row: TrialRowRecord = {
      dial: mark,
      ...reading,
      comparable: true,
      changed: carried.value.slice(0, MOST_WORDS),
      at: now.toISOString(),
    }
    const first = before.rows.length === 0
    carried.value = ''
    const record = {
      ...before,
      goal: goal.value,
      setup: first ? content.value : before.setup,
      rows: [...before.rows, row],
    }
    const noted = { table: 'trials' as const, id: record.id, record }
    keepAt(`Note row ${before.rows.length + 1}`, setupAt(mark), [noted])
  }
  /**
   * Something else was changed on purpose: the strip goes on with what is on the machine now, and the rows
   * before no longer count. The next row says what was changed.
   */
  function goOn(): void {
    if (!other.value) return
    const { record, changes } = other.value
    carried.value = changes.map(({ what }) => what).join('; ')
    const rows = record.rows.map(row => ({ ...row, comparable: false }))
    // An empty strip that was begun meanwhile gives way.
    write('Go on with what is set up now', { ...record, setup: content.value, rows }, closing())
  }
  function forget(number: number): void {
    if (strip.value)
      write(`Take row ${number} out`, {
        ...strip.value,
        rows: strip.value.rows.filter((_, i) => i !== number - 1),
      })
  }
  function setPhoto(number: number, side: 'front' | 'back', photo: string | null): void {
    if (strip.value)
      write(photo === null ? 'Take the photo out' : `Add a photo to row ${number}`, {
        ...strip.value,
        rows: strip.value.rows.map((row, i) =>
          i === number - 1 ? { ...row, photos: { ...row.photos, [side]: photo } } : row,
        ),
      })
  }
  /** The row to keep: sewn nearest to the best number, and read nearest to what the goal asks. */
  const best = computed(() => {
    const mark = advice.value?.best ?? null
    if (mark === null) return null
    const { leads, target } = GOAL_FACTS[goal.value]
    const off = (row: TrialRowRecord) => Math.abs((row[leads] ?? FAR) - target)
    const from = (row: TrialRowRecord) => Math.abs(row.dial - mark)
    return [...counted.value].sort((a, b) => from(a) - from(b) || off(a) - off(b))[0] ?? null
  })

  /** The number the rows point at, where no row was sewn at it; null: there is none. */
  const computedBest = computed(() => {
    const mark = advice.value?.best ?? null
    return mark === null || counted.value.some(row => isSameMark(row.dial, mark)) ? null : mark
  })

  /**
   * Keeps a swatch and closes the strip: a row that was sewn with what it read, or the number that was only
   * worked out, with no reading.
   *
   * @param which - the number of a row that counts; left out: the best.
   */
  function keep(
    name: string,
    verdict: Swatch['verdict'],
    words: string,
    now: Date,
    which: number | 'computed' | undefined = best.value?.number,
  ): string | null {
    const row = counted.value.find(({ number }) => number === which) ?? null
    const tension = which === 'computed' ? computedBest.value : (row?.dial ?? inHand.setup.tension)
    if (tension === null) return null
    const id = newId('swatch')
    const setup = setupAt(tension, row ? 'sewn' : 'start')
    const record: Swatch = {
      id,
      name,
      goal: goal.value,
      setup,
      frozen: frozenOf(setup, book.shelf),
      readings: row ? readingsOf(row) : NOTHING_READ,
      rowsSewn: strip.value?.rows.length ?? null,
      verdict,
      note: words,
      keptAt: now.toISOString(),
      source: sourceOf(row, which),
      photos: row?.photos ?? { front: null, back: null },
      takeUp: null,
    }
    keepAt(`Keep “${name}”`, setup, [{ table: 'swatches', id, record }, ...closing()])
    return id
  }

  return {
    strip,
    goal,
    care,
    dial,
    other,
    leadsTo,
    expected,
    reader,
    counted,
    advice,
    best,
    computedBest,
    begin,
    beAs,
    note,
    goOn,
    forget,
    setPhoto,
    keep,
  }
})

/** A row that was not read is kept last. */
const FAR = 9
const isSameMark = (a: number, b: number) => Math.abs(a - b) < 1e-6

const NOTHING_READ: Swatch['readings'] = {
  ridge: null,
  show: null,
  skips: false,
  breaks: false,
  holes: false,
  sound: null,
}
function readingsOf({ ridge, show, skips, breaks, holes, sound }: TrialRowRecord): Swatch['readings'] {
  return { ridge, show, skips, breaks, holes, sound }
}
function sourceOf(row: TrialRowRecord | null, which: number | 'computed' | undefined): Swatch['source'] {
  if (row) return 'own'
  return which === 'computed' ? 'computed' : 'guess'
}
