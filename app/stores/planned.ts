import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import {
  edgeInputOf,
  fontsOf,
  itemRuns,
  linesInputOf,
  type Planned,
  plannedOf,
  type PieceWork,
} from '#shared/inputs'
import type { PlanApi, Reply, WorkerClient } from '#workers/client'
import { useAsked } from '~/asking/useAsked'
import { orNull } from '~/planner/orNull'
import { usePlanAsker, withFonts } from '~/planner/usePlanAsker'
import { plainOf } from '~/utils/plain'

type Api = WorkerClient<PlanApi>['api']
interface Wish {
  /** All that the answer follows from: the same again is not asked. */
  readonly key: string
  readonly ask: (api: Api) => Promise<Reply<PieceWork>>
}

/**
 * What the plan of the piece in hand comes to: whether it has an answer, and the numbers it dials in place of
 * what is set. A planner that is open tells its own answer; else a worker is asked where it takes one.
 */
export const usePlannedStore = defineStore('planned', () => {
  const book = useBookStore()
  const inHand = useInHandStore()
  const settings = useSettingsStore()
  /** Of the planner that is open. */
  const told = shallowRef<{ readonly pieceId: string; readonly work: PieceWork | null } | null>(null)
  const isTold = computed(() => told.value?.pieceId === inHand.piece.id)

  const wishKey = computed(() => {
    const wish = isTold.value ? null : wishOf()
    return wish && JSON.stringify(wish)
  })
  /** What a worker is asked, in plain values; null: it takes none. */
  function wishOf() {
    const { plan, setup } = inHand.piece
    if (plan.kind === 'lines')
      return { kind: plan.kind, input: plainOf(linesInputOf(plan, setup, book.shelf)) }
    const input = plan.kind === 'edge' ? edgeInputOf(plan, setup, book.shelf) : null
    return plan.kind === 'edge' && input ? { kind: plan.kind, input: plainOf(input) } : null
  }
  const wish = computed((): Wish | null => {
    const key = wishKey.value
    if (key === null) return null
    const now = JSON.parse(key) as NonNullable<ReturnType<typeof wishOf>>
    if (now.kind === 'lines') return { key, ask: api => api.linesWork(now.input, 1) }
    return { key, ask: async api => (await withFonts(api, fontsOf(now.input.plan))).edgeWork(now.input, 1) }
  })
  const { answer, isWorking } = useAsked<PlanApi, Wish, PieceWork>({
    asker: usePlanAsker(),
    input: () => wish.value,
    ask: (api, { ask }) => ask(api),
    about: () => inHand.piece.id,
  })

  /** null: it has no answer, or not yet. */
  const work = computed<PieceWork | null>(() => {
    if (isTold.value) return told.value!.work
    return wish.value ? answer.value : workHere()
  })
  function workHere(): PieceWork | null {
    const { piece } = inHand
    const item = {
      id: '',
      work: { kind: 'piece' as const, pieceId: piece.id },
      doneAt: null,
      sewnWith: null,
      tookMinutes: null,
    }
    const asked = { item, name: '', kind: piece.plan.kind, setup: piece.setup, piece }
    const runs = orNull(() => itemRuns(asked, 1, book.shelf, settings.record))
    return runs?.[0]?.work ?? null
  }
  const isAnswered = computed(() => {
    const { machine, needle } = inHand.parts
    // Lines are turned with the needle down, which several needles cannot.
    const isTurned = inHand.piece.plan.kind === 'lines' && needle?.construction !== 'single'
    return machine !== null && needle !== null && !isTurned && work.value !== null
  })
  const planned = computed<Planned | null>(() => plannedOf(inHand.setup.stitch, work.value))

  /** What a planner that is open has worked out; it is left with `null`. */
  function tell(now: typeof told.value): void {
    told.value = now
  }
  /** A worker is at it: what it decides is not known yet. */
  const isPending = computed(() => isWorking.value && work.value === null)
  return { isAnswered, isPending, planned, tell }
})
