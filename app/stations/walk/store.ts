import { newestFirst } from '#shared/fields'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import { heldSteps, resumeAt, threadingWalk, type WalkStep } from '#core/walk'
import type { RecordChange, MachineStateRecord, WalkRecord } from '#shared/records'
import { blankState, stateOf, walkInputOf } from '#shared/inputs'
import { newId } from '~/utils/id'

const HAND_WALK = 'hand-walk'

/** The threading walk for the current setup: its steps, what of it is done, and the log of walks finished. */
export const useWalkStore = defineStore('walk', () => {
  const book = useBookStore()
  const inHand = useInHandStore()
  const settings = useSettingsStore()
  const plans = usePlannedStore()
  const handWalks = useHandWalksStore()
  const machineId = computed(() => inHand.setup.machineId)
  const state = computed(() => stateOf(machineId.value, book.shelf.machineStates))
  const input = computed(() =>
    walkInputOf(inHand.setup, book.shelf, settings.record, state.value, inHand.ownStart, plans.planned),
  )
  const walk = computed(() => threadingWalk(input.value))
  /** The last walk on this machine, finished or not. */
  const record = computed<WalkRecord | null>(() => {
    const here = [...book.shelf.walks.values()].filter(walk => walk.machineId === machineId.value)
    const started = newestFirst(here, ({ startedAt }) => startedAt)
    return started.find(({ finishedAt }) => finishedAt === null) ?? started[0] ?? null
  })
  const held = computed(() =>
    heldSteps(
      walk.value,
      {
        keys: new Set(record.value?.keys),
        finished: record.value?.finishedAt != null,
        walked: handWalks.latest !== null,
      },
      state.value,
    ),
  )
  const done = computed(() => walk.value.steps.filter(({ id }) => held.value.has(id)).length)
  const complete = computed(() => done.value === walk.value.steps.length && walk.value.missing.length === 0)
  const finished = computed(() => complete.value && record.value?.finishedAt != null)
  const index = computed(() =>
    resumeAt(walk.value, held.value, record.value?.finishedAt == null ? (record.value?.at ?? null) : null),
  )
  const log = computed(() => {
    const finished = [...book.shelf.walks.values()].filter(({ finishedAt }) => finishedAt !== null)
    return newestFirst(finished, ({ finishedAt }) => finishedAt!)
  })

  const keysOf = (ids: ReadonlySet<string>) =>
    walk.value.steps.filter(({ id }) => ids.has(id) && id !== HAND_WALK).map(({ key }) => key)
  const summary = () =>
    (
      [
        inHand.parts.machine?.name,
        inHand.parts.stitch?.name,
        input.value.threads.map(({ name }) => name).join(' / '),
      ]
        .filter(Boolean)
        .join(' · ') || 'Walk'
    ).slice(0, 300)

  /** The walk under way, or a new one that takes over what still holds of the last. */
  function current(now: Date): WalkRecord {
    const keys = keysOf(held.value)
    if (record.value?.finishedAt === null) return { ...record.value, keys, summary: summary() }
    return {
      id: newId('prepared'),
      machineId: machineId.value!,
      keys,
      at: null,
      startedAt: now.toISOString(),
      finishedAt: null,
      summary: summary(),
      setup: null,
    }
  }
  function stateChange(step: WalkStep): RecordChange[] {
    if (!step.effect || machineId.value === null) return []
    const before: MachineStateRecord =
      book.shelf.machineStates.get(machineId.value) ?? blankState(machineId.value)
    return [
      {
        table: 'machineStates',
        id: before.id,
        record: { ...before, state: { ...before.state, ...step.effect } },
      },
    ]
  }

  /** Ticks a step; the last one finishes the walk and logs it with its setup. */
  function tick(step: WalkStep, now: Date): void {
    if (machineId.value === null) return
    const ids = new Set([...held.value, step.id])
    const next = walk.value.steps.slice(walk.value.steps.indexOf(step) + 1).find(({ id }) => !ids.has(id))
    const whole = ids.size === walk.value.steps.length && walk.value.missing.length === 0
    const { setup } = inHand
    const kept: WalkRecord = {
      ...current(now),
      keys: keysOf(ids),
      at: next?.id ?? null,
      ...(whole ? { finishedAt: now.toISOString(), setup } : {}),
    }
    book.commit(`Tick “${step.instruction}”`, [
      { table: 'walks', id: kept.id, record: kept },
      ...stateChange(step),
      ...(step.id === HAND_WALK ? handWalks.recordOf(now) : []),
    ])
  }
  function untick(step: WalkStep, now: Date): void {
    if (machineId.value === null) return
    const ids = new Set([...held.value].filter(id => id !== step.id))
    const kept: WalkRecord = { ...current(now), keys: keysOf(ids), at: step.id }
    const walked =
      step.id === HAND_WALK && handWalks.latest
        ? [{ table: 'handWalks' as const, id: handWalks.latest.id, record: null }]
        : []
    book.commit(`Untick “${step.instruction}”`, [{ table: 'walks', id: kept.id, record: kept }, ...walked])
  }
  /** Remembers where one looks in a walk under way, so that it is found again; no step of undo. */
  function goTo(to: number): void {
    const step = walk.value.steps[to]
    if (!step || record.value?.finishedAt !== null) return
    book.note('walks', record.value.id, { at: step.id })
  }
  function startOver(now: Date): void {
    if (machineId.value === null) return
    const id = newId('prepared')
    const dropped =
      record.value?.finishedAt === null
        ? [{ table: 'walks' as const, id: record.value.id, record: null }]
        : []
    book.commit('Begin a new walk', [
      ...dropped,
      {
        table: 'walks',
        id,
        record: {
          id,
          machineId: machineId.value,
          keys: [],
          at: null,
          startedAt: now.toISOString(),
          finishedAt: null,
          summary: summary(),
          setup: null,
        },
      },
    ])
  }

  return {
    machineId,
    state,
    input,
    walk,
    record,
    held,
    done,
    complete,
    finished,
    index,
    log,
    tick,
    untick,
    goTo,
    startOver,
  }
})
