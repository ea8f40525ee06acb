import { defineStore } from 'pinia'
import { computed } from 'vue'
import { STITCHES, type StitchSetting } from '#core/stitch'
import { clearingShiftMm, judgeSwing } from '#core/swing'
import { judgeJob } from '#core/verdict'
import type { Setup } from '#shared/records'
import { type Bench, benchOf, type NamedStitch, jobInputOf, swingInputOf, seamOf } from '#shared/inputs'
import { EMPTY_SETUP } from '#shared/setup'
import type { SetupContent } from '#shared/setup'

/** The width dial's step, in mm. */
const WIDTH_STEP_MM = 0.1

/** The one current setup: what is on the machine now, and what follows from it. */
export const useBenchStore = defineStore('bench', () => {
  const book = useBookStore()
  const settings = useSettingsStore()
  const setup = computed<Setup>(() => book.shelf.setup.get('current') ?? EMPTY_SETUP)
  const parts = computed<Bench>(() => benchOf(setup.value, book.shelf))
  const swingInput = computed(() => swingInputOf(setup.value, parts.value, settings.record))
  /** The one verdict of all of it. */
  const verdict = computed(() =>
    judgeJob(jobInputOf(setup.value, book.shelf, settings.record, settings.unit)),
  )
  const result = computed(() => verdict.value.swing)
  /** In mm, negative to the left; 0 or null: no move of the needle helps, or none is needed. */
  const clearingShift = computed(
    () => swingInput.value && result.value && clearingShiftMm(result.value, swingInput.value),
  )
  const seam = computed(() => seamOf(setup.value, book.shelf, settings.record))
  const allStitches = computed<NamedStitch[]>(() => [...STITCHES, ...book.shelf.stitches.values()])

  function update(label: string, change: Partial<SetupContent>, joinKey: string | null = null): void {
    book.commit(label, [{ table: 'setup', id: 'current', record: { ...setup.value, ...change } }], joinKey)
  }

  function setStitch(change: Partial<StitchSetting>, joinKey: string | null = null): void {
    update('Change the stitch', { stitch: { ...setup.value.stitch, ...change } }, joinKey)
  }

  /** Takes a stitch at its usual size, or at the safe width where that is less. */
  function chooseStitch(stitch: NamedStitch): void {
    const setting = {
      stitchId: stitch.id,
      widthMm: stitch.defaultWidthMm,
      lengthMm: stitch.defaultLengthMm,
      mirror: false,
      positionMm: 0,
    }
    const input = swingInputOf(
      { ...setup.value, stitch: setting },
      { ...parts.value, stitch },
      settings.record,
    )
    const safe = input && judgeSwing(input).safeWidthMm
    const widthMm = safe == null ? setting.widthMm : Math.min(setting.widthMm, floorToStep(safe))
    update(`Choose ${stitch.name}`, { stitch: { ...setting, widthMm } })
  }

  function useSafeWidth(): void {
    const safe = result.value?.safeWidthMm
    if (safe != null) setStitch({ widthMm: floorToStep(safe) })
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

function floorToStep(mm: number): number {
  // The nudge keeps 4.5, stored a hair below, from becoming 4.4.
  return Math.floor(mm / WIDTH_STEP_MM + 1e-6) / Math.round(1 / WIDTH_STEP_MM)
}
