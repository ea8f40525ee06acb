import { changeMinutes as changeMinutesOf, stepsInOrder } from '#core/order'
import { brokenRules, knownMinutes } from '#core/project'
import {
  edgeInputOf,
  fontsOf,
  itemDialsOf,
  itemRuns,
  linesInputOf,
  type PieceRun,
  type PieceWork,
  projectWorkOf,
  type ProjectWork,
  runsNeedsOf,
  sewnNeedsOf,
} from '#shared/inputs'
import type { Piece, Project } from '#shared/records'
import type { PlanApi, Reply, WorkerClient } from '#workers/client'
import type { Fault } from '~/asking/asker'
import { orNull } from '~/planner/orNull'
import { usePlanAsker, withFonts } from '~/planner/usePlanAsker'
import { plainOf } from '~/utils/plain'

/** What a worker is asked of an item, all of it: another dial or cloth is another question. */
interface Wish {
  readonly id: string
  readonly key: string
  readonly ask: (api: WorkerClient<PlanApi>['api']) => Promise<Reply<PieceWork>>
}
/** What became of it. */
interface Worked {
  readonly key: string
  readonly isDone: boolean
  /** null: it cannot be sewn as it is, or is not worked out yet. */
  readonly work: PieceWork | null
  readonly fault: Fault | null
}

/** What a project has to do: its items, their time and changes, and all it takes. */
export function useProjectWork(project: () => Project | null) {
  const book = useBookStore()
  const settings = useSettingsStore()
  const work = computed((): ProjectWork[] => {
    const now = project()
    return now ? projectWorkOf(now, book.shelf) : []
  })
  const copies = computed(() => project()?.copies ?? 1)

  /** The list is seen first; what all of it takes is worked out after. */
  const isPainted = useAfterPaint()
  const asker = usePlanAsker()
  const worked = shallowRef<ReadonlyMap<string, Worked>>(new Map())
  const put = (id: string, now: Worked) => {
    worked.value = new Map(worked.value).set(id, now)
  }
  /** Edges and line drawings are worked out in the worker, each once until something of it changes. */
  const wishes = computed((): ReadonlyMap<string, Wish> => {
    const found = isPainted.value
      ? work.value.flatMap(({ item, piece }) => (piece ? (wishOf(item.id, piece) ?? []) : []))
      : []
    return new Map(found.map(wish => [wish.id, wish]))
  })
  function wishOf(id: string, { plan, setup, copies: each }: Piece): Wish | null {
    const all = copies.value * each
    if (plan.kind === 'lines') {
      const input = plainOf(linesInputOf(plan, setup, book.shelf))
      return { id, key: JSON.stringify([input, all]), ask: api => api.linesWork(input, all) }
    }
    const found = plan.kind === 'edge' ? edgeInputOf(plan, setup, book.shelf) : null
    if (plan.kind !== 'edge' || !found) return null
    const input = plainOf(found)
    const ask: Wish['ask'] = async api => (await withFonts(api, fontsOf(plan))).edgeWork(input, all)
    return { id, key: JSON.stringify([input, all]), ask }
  }
  function workAllOut(): void {
    for (const wish of wishes.value.values())
      if (worked.value.get(wish.id)?.key !== wish.key) void workOut(wish)
  }
  watch(wishes, workAllOut, { immediate: true })
  async function workOut({ id, key, ask }: Wish): Promise<void> {
    put(id, { key, isDone: false, work: null, fault: null })
    const outcome = await asker.ask(ask)
    // Something else is asked of it by now.
    if (worked.value.get(id)?.key !== key || outcome.kind === 'stopped') return
    const isAnswered = outcome.kind === 'answered'
    put(id, {
      key,
      isDone: true,
      work: isAnswered && outcome.value.ok ? outcome.value.answer : null,
      fault: isAnswered ? null : outcome.fault,
    })
  }
  const workedOf = (id: string): Worked | null => {
    const now = worked.value.get(id)
    return now && now.key === wishes.value.get(id)?.key ? now : null
  }
  /** Items a worker is still at, by id. */
  const pending = computed(
    () => new Set([...wishes.value.keys()].filter(id => workedOf(id)?.isDone !== true)),
  )
  const isWorking = computed(() => !isPainted.value || pending.value.size > 0)
  const fault = computed(() => [...wishes.value.keys()].map(id => workedOf(id)?.fault).find(Boolean) ?? null)
  function again(): void {
    worked.value = new Map([...worked.value].filter(([, one]) => one.fault === null))
    workAllOut()
  }

  /** By item: what it asks for; null: not known yet, or its setup is not complete. */
  const runs = computed(() =>
    work.value.map((one): PieceRun[] | null => {
      if (!isPainted.value) return null
      const own = orNull(() => itemRuns(one, copies.value, book.shelf, settings.record))
      if (own) return own
      const found = workedOf(one.item.id)?.work
      return found && one.setup ? [{ setup: one.setup, work: found }] : null
    }),
  )
  /** By item: the numbers it is, or was, sewn with. */
  const dials = computed(() =>
    work.value.map((one, i) => itemDialsOf(one, runs.value[i]?.[0]?.work ?? null, book.shelf.stitches)),
  )
  /** Minutes of each item without its changes; null: not known. */
  const minutes = computed(() =>
    work.value.map(({ item }, i) => {
      if (item.work.kind === 'plain') return item.work.minutes
      const own = runs.value[i]
      return own && own.length > 0 ? (runsNeedsOf(own, book.shelf, settings.record)?.minutes ?? null) : null
    }),
  )
  const changeMinutes = computed(() =>
    knownMinutes([...book.shelf.changeTimes.values()], settings.record.changeMinutes),
  )
  const minutesEach = computed(
    () =>
      Object.fromEntries(
        Object.entries(changeMinutes.value).map(([change, known]) => [change, known.minutes]),
      ) as Record<keyof typeof changeMinutes.value, number>,
  )
  /** Those with a machine, by their place among the items. */
  const sewn = computed(() => work.value.flatMap(({ setup }, i) => (setup ? [i] : [])))
  const needs = computed(() =>
    work.value.map(({ setup, piece }) =>
      setup ? sewnNeedsOf(setup, piece, book.shelf, minutesEach.value) : null,
    ),
  )
  const pieces = computed(() =>
    sewn.value.map(i => {
      const { needs: own, leaves } = needs.value[i]!
      return { id: work.value[i]!.item.id, needs: own, leaves }
    }),
  )
  /** Minutes of changing within each item, from row to row. */
  const inside = computed(() => needs.value.map(own => changeMinutesOf(own?.inside ?? [], minutesEach.value)))
  /** What is changed before each item, in the order they stand; items without a machine change nothing. */
  const steps = computed(() => {
    const order = pieces.value.map((_, k) => k)
    const all = stepsInOrder(pieces.value, order, null, minutesEach.value)
    return work.value.map((_, i) => all[sewn.value.indexOf(i)] ?? null)
  })
  const before = computed(() => {
    const now = project()
    const at = new Map(now?.items.map(({ id }, i) => [id, i]))
    return (now?.before ?? []).flatMap(([first, second]) => {
      const pair = [at.get(first), at.get(second)]
      return pair.includes(undefined) ? [] : [pair as [number, number]]
    })
  })
  const broken = computed(() =>
    brokenRules(
      work.value.map((_, i) => i),
      before.value,
    ),
  )
  const totals = computed(() => {
    const known = runs.value.flatMap(own => own ?? [])
    return known.length > 0 ? runsNeedsOf(known, book.shelf, settings.record) : null
  })
  /** Items of which it is not known what they take. */
  const unknown = computed(() =>
    work.value.filter(({ item }, i) => minutes.value[i] === null && !pending.value.has(item.id)),
  )
  return {
    work,
    runs,
    dials,
    minutes,
    changeMinutes,
    minutesEach,
    pieces,
    sewn,
    steps,
    inside,
    before,
    broken,
    totals,
    unknown,
    isPainted,
    pending,
    isWorking,
    fault,
    again,
  }
}
export type ProjectDesk = ReturnType<typeof useProjectWork>
