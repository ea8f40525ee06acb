import { newestFirst } from '#shared/fields'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { nextTension, type TrialAdvice, type TrialCare, type TrialGoal, type TrialPrior } from '#core/trial'
import { differencesOf, tensionFromOf } from '#shared/setup'
import type { SetupContent } from '#shared/setup'
import type { RecordChange, Swatch, Trial, TrialRowRecord } from '#shared/records'
import { frozenOf, trialRowOf, withPieceSetup } from '#shared/inputs'
import { newId } from '~/utils/id'

const MOST_WORDS = 300

export type RowReading = Pick<TrialRowRecord, 'ridge' | 'show' | 'skips' | 'breaks' | 'holes' | 'sound'>

/** The trial strip of the piece in hand: its rows, the next number, and keeping what was found. */
export const useTrialStore = defineStore('trial', () => {
  const book = useBookStore()
  const inHand = useInHandStore()
  const start = useStartStore()

  /** The newest strip that is not closed. */
  const strip = computed<Trial | null>(
    () =>
      newestFirst(book.shelf.trials.values(), ({ startedAt }) => startedAt).find(({ closed }) => !closed)
      ?? null,
  )
  const content = computed<SetupContent>(() => inHand.setup)
  /** The job’s, whatever the rows were begun for. */
  const goal = computed<TrialGoal>(() => start.goal)
  const care = computed<TrialCare>(() => strip.value?.care ?? 'careful')
  const dial = computed(() => start.dial)
  /** The piece in hand differs from what the rows were sewn with, the tension apart. */
  const changes = computed(() =>
    strip.value && strip.value.rows.length > 0
      ? differencesOf(strip.value.setup, content.value, book.shelf)
      : [],
  )
  /** The rows are another setup’s: until a person says how to go on, they tell no number. */
  const isOther = computed(() => changes.value.length > 0)
  const expected = computed(() => start.expected)
  const carried = ref('')
  const onDial = (mark: number) => dial.value !== null && mark >= dial.value.min && mark <= dial.value.max
  const counted = computed(() =>
    (strip.value?.rows ?? [])
      .map((row, i) => ({ ...row, number: i + 1 }))
      .filter(row => row.comparable && onDial(row.dial)),
  )
  /** null: no dial, or the rows are another setup’s. */
  const advice = computed<TrialAdvice | null>(() => {
    if (!dial.value || isOther.value) return null
    return nextTension({
      goal: goal.value,
      dial: dial.value,
      rows: counted.value.map(trialRowOf),
      prior: expected.value && within(expected.value.prior),
      care: care.value,
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
      photos: { front: null, back: null },
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
   * Something else was changed on purpose: the rows before it no longer count. The next row says what it was.
   */
  function goOn(): void {
    if (!strip.value) return
    carried.value = changes.value.map(({ what }) => what).join('; ')
    write('Go on with what is set up now', {
      ...strip.value,
      setup: content.value,
      rows: strip.value.rows.map(row => ({ ...row, comparable: false })),
    })
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
  /** The best row sewn so far, read as the goal asks; else the last. */
  const best = computed(() => {
    const mark = advice.value?.best ?? null
    const rows = counted.value
    return mark === null || rows.length === 0
      ? null
      : [...rows].sort((a, b) => Math.abs(a.dial - mark) - Math.abs(b.dial - mark))[0]!
  })

  /** The number the rows point at, where no row was sewn at it; null: there is none. */
  const computedBest = computed(() => {
    const mark = advice.value?.best ?? null
    return mark === null || counted.value.some(row => isSameMark(row.dial, mark)) ? null : mark
  })

  /**
   * Keeps a swatch and closes the strip: the row that was sewn with what it read, or the number that was only
   * worked out, with no reading.
   */
  function keep(
    name: string,
    verdict: Swatch['verdict'],
    words: string,
    now: Date,
    which: 'sewn' | 'computed' = 'sewn',
  ): string | null {
    const row = which === 'sewn' ? best.value : null
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
    changes,
    isOther,
    leadsTo,
    expected,
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
function sourceOf(row: TrialRowRecord | null, which: 'sewn' | 'computed'): Swatch['source'] {
  if (row) return 'own'
  return which === 'computed' ? 'computed' : 'guess'
}
