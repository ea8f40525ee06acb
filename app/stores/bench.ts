import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { STITCHES, type StitchSetting } from '#core/stitch'
import { clearingShiftMm, settableWidthMm } from '#core/swing'
import { judgeJob } from '#core/verdict'
import type { Setup } from '#shared/records'
import {
  type Bench,
  benchOf,
  fittedStitch,
  type NamedStitch,
  jobInputOf,
  seamOf,
  swingInputOf,
} from '#shared/inputs'
import { changedSetup, EMPTY_SETUP } from '#shared/setup'
import type { SetupContent } from '#shared/setup'

/** The one current setup: what is on the machine now, and what follows from it. */
export const useBenchStore = defineStore('bench', () => {
  const book = useBookStore()
  const settings = useSettingsStore()
  const setup = computed<Setup>(() => book.shelf.setup.get('current') ?? EMPTY_SETUP)
  const parts = computed<Bench>(() => benchOf(setup.value, book.shelf))
  const swingInput = computed(() => swingInputOf(setup.value, parts.value, settings.record))
  /** Where own swatches or plans say the tension begins; null: nothing says, or they were not read yet. */
  const ownStart = ref<number | null>(null)
  /** The one verdict of all of it. */
  const verdict = computed(() =>
    judgeJob(jobInputOf(setup.value, book.shelf, settings.record, settings.unit, ownStart.value)),
  )
  const result = computed(() => verdict.value.swing)
  /** In mm, negative to the left; 0 or null: no move of the needle helps, or none is needed. */
  const clearingShift = computed(
    () => swingInput.value && result.value && clearingShiftMm(result.value, swingInput.value),
  )
  const seam = computed(() => seamOf(setup.value, book.shelf, settings.record))
  const allStitches = computed<NamedStitch[]>(() => [...STITCHES, ...book.shelf.stitches.values()])

  function update(label: string, change: Partial<SetupContent>, joinKey: string | null = null): void {
    const record = changedSetup(setup.value, change, book.shelf.machines)
    book.commit(label, [{ table: 'setup', id: 'current', record }], joinKey)
  }

  function setStitch(change: Partial<StitchSetting>, joinKey: string | null = null): void {
    update('Change the stitch', { stitch: { ...setup.value.stitch, ...change } }, joinKey)
  }

  /** Takes a stitch at its usual size, or at the safe width where that is less. */
  function chooseStitch(stitch: NamedStitch): void {
    const { setting } = fittedStitch(stitch, setup.value, book.shelf, settings.record)
    update(`Choose ${stitch.name}`, { stitch: setting })
  }

  function useSafeWidth(): void {
    const safe = result.value?.safeWidthMm
    if (safe != null) setStitch({ widthMm: settableWidthMm(safe) })
  }

  function moveToClear(): void {
    if (!clearingShift.value) return
    const positionMm = hundredths(setup.value.stitch.positionMm + clearingShift.value)
    update('Move the needle', { stitch: { ...setup.value.stitch, positionMm } })
  }

  return {
    setup,
    parts,
    swingInput,
    ownStart,
    verdict,
    result,
    clearingShift,
    moveToClear,
    seam,
    allStitches,
    update,
    setStitch,
    chooseStitch,
    useSafeWidth,
  }
})

const hundredths = (mm: number) => Math.round(100 * mm) / 100
