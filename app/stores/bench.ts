import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { type Conflict, findConflicts } from '#core/conflicts'
import { combinationKey } from '#core/handwalk'
import {
  describeNeedle,
  type Needle,
  needleLabel,
  type NeedleType,
  type TripleGapReading,
} from '#core/needle'
import type { Schools } from '#core/schools'
import { STITCHES, type StitchSetting } from '#core/stitch'
import { dropClearances, explainSwing, judgeSwing } from '#core/swing'
import type { RecordChange, HandWalk, Settings, Setup } from '#shared/records'
import { type Bench, benchOf, type NamedStitch, swingInputOf, conflictInputOf } from '#shared/inputs'
import { FRESH_NEEDLE, DEFAULT_SETTINGS } from '#shared/records'
import { EMPTY_SETUP } from '#shared/setup'
import type { SetupContent } from '#shared/setup'
import { newId } from '~/utils/id'

/** The width dial's step, in mm. */
const WIDTH_STEP_MM = 0.1

/** The one current setup: what is on the machine now, and what follows from it. */
export const useBenchStore = defineStore('bench', () => {
  const book = useBookStore()
  const setup = computed<Setup>(() => book.shelf.setup.get('current') ?? EMPTY_SETUP)
  const settings = computed<Settings>(() => book.shelf.settings.get('settings') ?? DEFAULT_SETTINGS)
  const unit = computed(() => settings.value.unit)
  const parts = computed<Bench>(() => benchOf(setup.value, book.shelf))
  const swingInput = computed(() => swingInputOf(setup.value, parts.value, settings.value))
  const result = computed(() => swingInput.value && judgeSwing(swingInput.value))
  const reasons = computed(() =>
    swingInput.value && result.value ? explainSwing(result.value, swingInput.value, unit.value) : [],
  )
  const conflicts = computed<readonly Conflict[]>(() =>
    findConflicts(conflictInputOf(setup.value, book.shelf, settings.value)),
  )
  const clearances = computed(() => (swingInput.value ? dropClearances(swingInput.value) : []))
  const allStitches = computed<NamedStitch[]>(() => [...STITCHES, ...book.shelf.stitches.values()])

  /** Which drop the handwheel was turned to; a stitch with fewer drops is held to its last. */
  const dropIndex = ref(0)
  const drop = computed({
    get: () => Math.min(dropIndex.value, Math.max(0, clearances.value.length - 1)),
    set: index => {
      dropIndex.value = index
    },
  })

  const key = computed(
    () =>
      swingInput.value
      && combinationKey({
        machineId: setup.value.machineId ?? '',
        footId: setup.value.footId,
        needleId: setup.value.needleId ?? '',
        swing: swingInput.value,
      }),
  )
  const handWalk = computed<HandWalk | null>(() => {
    const walks = [...book.shelf.handWalks.values()].filter(walk => walk.key === key.value)
    return walks.sort((a, b) => b.walkedAt.localeCompare(a.walkedAt))[0] ?? null
  })

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
      settings.value,
    )
    const safe = input && judgeSwing(input).safeWidthMm
    const widthMm = safe == null ? setting.widthMm : Math.min(setting.widthMm, floorToStep(safe))
    update(`Choose ${stitch.name}`, { stitch: { ...setting, widthMm } })
    dropIndex.value = 0
  }

  function useSafeWidth(): void {
    const safe = result.value?.safeWidthMm
    if (safe != null) setStitch({ widthMm: floorToStep(safe) })
  }

  /** Puts a needle in, adding it to what is owned when no such needle is there yet. */
  function putInNeedle(needle: Needle & { readonly type: NeedleType }): void {
    const owned = [...book.shelf.needles.values()].find(
      n =>
        n.construction === needle.construction
        && n.gapMm === needle.gapMm
        && n.sizeNm === needle.sizeNm
        && n.type === needle.type,
    )
    const id = owned?.id ?? newId('needle')
    book.commit(`Put in ${needleLabel(needle)}`, [
      ...(owned ? [] : [{ table: 'needles' as const, id, record: { ...FRESH_NEEDLE, ...needle, id } }]),
      { table: 'setup', id: 'current', record: { ...setup.value, needleId: id } },
    ])
  }

  /** The record that says this combination was hand-walked; none while it is not complete. */
  function handWalkRecord(now: Date): RecordChange[] {
    const { machine, needle, stitch, foot } = parts.value
    if (!key.value || !machine || !needle || !stitch) return []
    const id = newId('walk')
    const summary = (
      `${machine.name} · ${describeNeedle(needle)} · ${stitch.name} width `
      + `${setup.value.stitch.widthMm} · ${foot?.name ?? 'no foot chosen'}`
    ).slice(0, 300)
    return [{ table: 'handWalks', id, record: { id, key: key.value, summary, walkedAt: now.toISOString() } }]
  }
  const logHandWalk = (now: Date) => book.commit('Log the hand-walk', handWalkRecord(now))

  function changeSettings(change: Partial<Omit<Settings, 'id'>>): void {
    book.commit('Change settings', [
      { table: 'settings', id: 'settings', record: { ...settings.value, ...change } },
    ])
  }
  function changeSchools(change: Partial<Schools>): void {
    changeSettings({ schools: { ...settings.value.schools, ...change } })
  }
  const tripleGap = computed<TripleGapReading>(() => settings.value.schools.tripleGap)

  return {
    setup,
    settings,
    unit,
    parts,
    swingInput,
    result,
    reasons,
    conflicts,
    clearances,
    allStitches,
    drop,
    handWalk,
    tripleGap,
    update,
    setStitch,
    chooseStitch,
    useSafeWidth,
    putInNeedle,
    handWalkRecord,
    logHandWalk,
    changeSettings,
    changeSchools,
  }
})

function floorToStep(mm: number): number {
  // The nudge keeps 4.5, stored a hair below, from becoming 4.4.
  return Math.floor(mm / WIDTH_STEP_MM + 1e-6) / Math.round(1 / WIDTH_STEP_MM)
}
