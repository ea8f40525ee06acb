import { changeMinutes as changeMinutesOf, stepsInOrder } from '#core/order'
import { brokenRules, knownMinutes } from '#core/project'
import {
  edgeInputOf,
  fontsOf,
  itemRuns,
  lengthDialOf,
  type PieceRun,
  type PieceWork,
  projectWorkOf,
  type ProjectWork,
  runsNeedsOf,
  sewnNeedsOf,
} from '#shared/inputs'
import type { Piece, Project } from '#shared/records'
import type { PlannedReply } from '#workers/client'
import { orNull } from '~/planner/orNull'
import { startPlanner } from '~/planner/startPlanner'
import { plainOf } from '~/utils/plain'

/** What a worker found of a piece, for as many of it as were asked for. */
interface Found {
  readonly piece: Piece
  readonly copies: number
  /** null: it cannot be sewn as it is. */
  readonly work: PieceWork | null
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

  /** The list is seen first; what all of it takes is reckoned after. */
  const isPainted = useAfterPaint()
  const planner = startPlanner()
  onScopeDispose(() => planner.dispose())
  const found = shallowRef(new Map<string, Found>())
  /** Edges and line drawings are worked out in the worker, each once until it changes. */
  watch(
    [work, copies, isPainted],
    () => {
      if (!isPainted.value) return
      for (const { item, piece } of work.value)
        if (piece && (piece.plan.kind === 'edge' || piece.plan.kind === 'lines')) void workOut(item.id, piece)
    },
    { immediate: true },
  )
  async function workOut(id: string, piece: Piece): Promise<void> {
    const before = found.value.get(id)
    const wanted = copies.value
    if (before?.piece === piece && before.copies === wanted) return
    found.value = new Map(found.value).set(id, { piece, copies: wanted, work: before?.work ?? null })
    const reply = await ask(piece, wanted * piece.copies).catch(() => null)
    found.value = new Map(found.value).set(id, {
      piece,
      copies: wanted,
      work: reply?.ok ? reply.answer : null,
    })
  }
  async function ask({ plan, setup }: Piece, all: number): Promise<PlannedReply<PieceWork> | null> {
    if (plan.kind === 'lines') {
      const { dial } = lengthDialOf(book.shelf.machines.get(setup.machineId ?? '') ?? null)
      return planner.api.linesWork(plainOf({ plan, dial }), all)
    }
    const input = plan.kind === 'edge' ? edgeInputOf(plan, setup, book.shelf) : null
    if (plan.kind !== 'edge' || !input) return null
    await planner.withFonts(fontsOf(plan))
    return planner.api.edgeWork(plainOf(input), all)
  }

  /** By item: what it asks for; null: not known yet, or its setup is not complete. */
  const runs = computed(() =>
    work.value.map((one): PieceRun[] | null => {
      if (!isPainted.value) return null
      const own = orNull(() => itemRuns(one, copies.value, book.shelf, settings.record))
      if (own) return own
      const worked = found.value.get(one.item.id)?.work
      return worked && one.setup ? [{ setup: one.setup, work: worked }] : null
    }),
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
  const unknown = computed(() => work.value.filter((_, i) => minutes.value[i] === null))
  return {
    work,
    runs,
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
  }
}
export type ProjectDesk = ReturnType<typeof useProjectWork>
