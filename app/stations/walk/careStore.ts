import { defineStore } from 'pinia'
import { computed } from 'vue'
import { FRESH_USE, carePrompts, needleLife, sessionHours } from '#core/care'
import { needleNameAndType, needleLabel } from '#core/needle'
import type { RecordChange, MachineStateRecord, NeedleEnd, NeedleRecord, NeedleTime } from '#shared/records'
import { sewnKinds, sewnSince, blankState } from '#shared/inputs'
import { LIMITS, newestFirst } from '#shared/fields'
import { newId } from '~/utils/id'
import { byConstructionAndGap } from '~/utils/needles'

/** Hundredths of an hour are fine enough for a needle. */
const round = (hours: number) => Math.round(hours * 100) / 100

/** Sewing time, needle lives, cleaning and oil. */
export const useCareStore = defineStore('care', () => {
  const book = useBookStore()
  const inHand = useInHandStore()

  const machine = computed(() => inHand.parts.machine)
  const onMachine = computed<MachineStateRecord | null>(
    () => machine.value && (book.shelf.machineStates.get(machine.value.id) ?? blankState(machine.value.id)),
  )
  const change = (part: Partial<MachineStateRecord>): RecordChange[] =>
    onMachine.value
      ? [{ table: 'machineStates', id: onMachine.value.id, record: { ...onMachine.value, ...part } }]
      : []

  /** Needles that have a count, or are in a machine, the most urgent first. */
  const needles = computed(() => {
    const fitted = new Set([
      inHand.setup.needleId,
      ...[...book.shelf.machineStates.values()].map(({ state }) => state.needleId),
    ])
    const urgency = { 'now': 0, 'soon': 1, 'fine': 2, 'not counted': 3 }
    return [...book.shelf.needles.values()]
      .filter(
        needle =>
          needle.count > 0
          && (fitted.has(needle.id)
            || needle.hoursSewn !== null
            || needle.blocksSewn > 0
            || needle.state !== 'good'),
      )
      .sort(byConstructionAndGap)
      .map(needle => ({ needle, life: needleLife(needle), fitted: needle.id === inHand.setup.needleId }))
      .sort((a, b) => urgency[a.life.advice] - urgency[b.life.advice])
  })

  const runningSince = computed(() => onMachine.value?.sewingSince ?? null)
  function startSession(now: Date): void {
    book.commit('Begin to sew', change({ sewingSince: now.toISOString() }))
  }
  function dropSession(): void {
    book.commit('Drop the session', change({ sewingSince: null }))
  }
  const sessionSoFar = (now: Date) =>
    runningSince.value === null ? null : sessionHours(runningSince.value, now.toISOString())

  /** Adds time and fused blocks to the needle that is in, with what it sewed. */
  function addTime(hours: number, blocks: number, source: NeedleTime['source'], now: Date): void {
    const { needle } = inHand.parts
    if (!needle) return
    const sewn = { ...sewnKinds(inHand.setup, book.shelf) }
    if (blocks > 0) sewn.fusible = true
    const id = newId('time')
    const after: NeedleRecord = {
      ...needle,
      hoursSewn: Math.min(LIMITS.hours[1], round((needle.hoursSewn ?? 0) + hours)),
      blocksSewn: Math.min(LIMITS.count[1], needle.blocksSewn + blocks),
      seen: {
        metallic: needle.seen.metallic || sewn.metallic,
        fusible: needle.seen.fusible || sewn.fusible,
        pearl: needle.seen.pearl || sewn.pearl,
      },
    }
    book.commit('Add sewing time', [
      {
        table: 'needleTimes',
        id,
        record: {
          id,
          needleId: needle.id,
          machineId: machine.value?.id ?? null,
          at: now.toISOString(),
          hours: round(hours),
          source,
          sewn,
        },
      },
      { table: 'needles', id: needle.id, record: after },
      ...(source === 'timer' ? change({ sewingSince: null }) : []),
    ])
  }

  /**
   * The one in use goes to the tin, its count is closed; the next from the packet starts at none. It is not
   * fitted yet.
   */
  function swap(needle: NeedleRecord, why: NeedleEnd['why'], now: Date): void {
    const id = newId('end')
    const count = Math.max(0, needle.count - 1)
    const machines = [...book.shelf.machineStates.values()].filter(
      ({ state }) => state.needleId === needle.id,
    )
    book.commit(`Swap the ${needleLabel(needle)}`, [
      {
        table: 'needleEnds',
        id,
        record: {
          id,
          needleId: needle.id,
          label: needleNameAndType(needle),
          hours: needle.hoursSewn,
          blocks: needle.blocksSewn,
          seen: needle.seen,
          why,
          at: now.toISOString(),
        },
      },
      {
        table: 'needles',
        id: needle.id,
        record: { ...needle, ...FRESH_USE, count, hoursSewn: count > 0 ? 0 : null },
      },
      ...machines.map(record => ({
        table: 'machineStates' as const,
        id: record.id,
        record: { ...record, state: { ...record.state, needleId: null } },
      })),
    ])
  }
  const ends = computed(() => newestFirst(book.shelf.needleEnds.values(), end => end.at))

  const since = (moment: string | null) =>
    sewnSince(
      machine.value!.id,
      moment,
      new Date(),
      book.shelf.needleTimes.values(),
      book.shelf.walks.values(),
      book.shelf,
    )
  const prompts = computed(() =>
    machine.value && onMachine.value
      ? carePrompts(
          since(onMachine.value.cleanedAt),
          machine.value.sealed,
          since(onMachine.value.oiledAt).hours,
        )
      : [],
  )
  function cared(what: 'cleanedAt' | 'oiledAt', now: Date): void {
    book.commit(
      what === 'cleanedAt' ? 'Note the cleaning' : 'Note the oiling',
      change({ [what]: now.toISOString() }),
    )
  }

  return {
    machine,
    onMachine,
    needles,
    runningSince,
    sessionSoFar,
    startSession,
    dropSession,
    addTime,
    swap,
    ends,
    prompts,
    cared,
  }
})
