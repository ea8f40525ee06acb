import { dequal as equal } from 'dequal/lite'
import { JOBS, type JobId } from '#core/job'
import { fieldIssues, healed } from '#shared/fields'
import { withOneNeedle } from '#shared/job'
import { type Piece, pieceDraftSchema, TABLES } from '#shared/records'
import { differencesOf, type SetupContent } from '#shared/setup'
import { newId } from '~/utils/id'
import { plainOf } from '~/utils/plain'
import { fileNameOf } from '~/utils/fileName'
import { useKeptWhole } from './useKeptWhole'
import { usePlanSteps } from './usePlanSteps'

type Plan = Piece['plan']
type PlanOf<K extends Plan['kind']> = Extract<Plan, { kind: K }>

/** What is typed into a planner before it is kept. */
export interface PieceDraft<P extends Plan> {
  /** Empty: not kept yet. */
  id: string
  name: string
  copies: number
  note: string
  plan: P
  setup: SetupContent
}

/** What a planner's frame needs of its piece, whatever is planned. */
export type PieceDesk = Omit<ReturnType<typeof usePiece>, 'draft'> & { readonly draft: PieceDraft<Plan> }

/**
 * The piece a planner works on: kept in the tab while it is typed, in the book when it is kept.
 *
 * @param jobOf - the job a plan is; it may follow what is planned.
 * @param oneNeedle - whether it turns corners with the needle down, which several needles cannot.
 */
export function usePiece<K extends Plan['kind']>(
  kind: K,
  jobOf: (plan: PlanOf<K>) => JobId,
  fresh: PlanOf<K>,
  { oneNeedle = false }: { readonly oneNeedle?: boolean } = {},
) {
  const book = useBookStore()
  const bench = useBenchStore()
  const toast = useToast()
  const setUp = useSetUpFor()
  const place = useWorkplace()
  const { sayStored } = useStoredWords()
  const { offerUndo } = useShelf()
  const asked = useUrlState<string>('piece', { usual: '', isStep: true })

  const begun = (): PieceDraft<PlanOf<K>> => ({
    id: '',
    name: '',
    copies: 1,
    note: '',
    plan: structuredClone(fresh),
    setup: begunWith(jobOf(fresh)),
  })
  function begunWith(job: JobId): SetupContent {
    const found = bench.setup.job === job ? onBench(job) : setUpAs(job)
    return oneNeedle ? withOneNeedle(found, place.value) : found
  }
  function onBench(job: JobId): SetupContent {
    const { id: _, ...setup } = bench.setup
    return { ...setup, job, goal: JOBS[job].goal }
  }
  function setUpAs(job: JobId): SetupContent {
    const found = setUp(job).setup as SetupContent
    return oneNeedle ? withOneNeedle(found, place.value) : found
  }
  const draft = reactive(begun()) as PieceDraft<PlanOf<K>>
  const job = () => jobOf(draft.plan as PlanOf<K>)
  /** Whatever was kept in the tab: a plan never holds what is no number or out of range. */
  const mended = (typed: unknown): PieceDraft<PlanOf<K>> => {
    const whole = healed(pieceDraftSchema, typed, plainOf(draft))
    return whole.plan.kind === kind ? (whole as PieceDraft<PlanOf<K>>) : plainOf(draft)
  }
  /** The piece as it was when it was opened or kept: what another tab changed since in other fields stays. */
  const from = reactive<{ piece: Piece | null }>({ piece: null })
  useDraft(`piece-${kind}-from`, from, kept => ({ piece: originOf(kept) }))
  useDraft(`piece-${kind}`, draft, mended)
  useKeptWhole(
    pieceDraftSchema.shape.plan,
    () => draft.plan as Plan,
    plan => {
      draft.plan = plan as PlanOf<K>
    },
  )
  /** Counts what was opened here: the fields of one piece are not those of the next. */
  const opened = ref(0)
  const steps = usePlanSteps(
    () => {
      const { stitch: _, ...setup } = draft.setup
      return { name: draft.name, copies: draft.copies, note: draft.note, plan: draft.plan, setup }
    },
    // The stitch of some setups follows the plan by itself.
    ({ setup, ...rest }) =>
      void Object.assign(draft, rest, { setup: { ...setup, stitch: draft.setup.stitch } }),
  )

  function put(next: object): void {
    Object.assign(draft, next)
    opened.value += 1
    steps.forget()
  }
  /** Something else comes in; what was typed and not kept can be brought back. */
  function replaceBy(next: object): void {
    const [before, wasUnkept] = [plainOf(draft), isTouched()]
    put(next)
    if (!wasUnkept) return
    toast.add({
      title: `“${before.name || 'The piece before'}” was not kept`,
      actions: [{ label: 'Bring it back', onClick: () => put(before) }],
    })
  }
  function take(piece: Piece): void {
    const { keptAt: _, ...rest } = plainOf(piece)
    replaceBy(rest)
    from.piece = plainOf(piece)
  }
  function startOver(): void {
    replaceBy(begun())
    from.piece = null
    asked.value = ''
  }
  /** Whether there is more in it than a piece begins with, or than was kept. */
  function isTouched(): boolean {
    return draft.id === '' ? !equal(plainOf(draft.plan), fresh) || draft.name !== '' : isChanged.value
  }

  /** What keeps it from being kept, by its field. */
  const issues = computed(() => {
    const parsed = TABLES.pieces.schema.safeParse(record('piece-draft'))
    return parsed.success ? [] : fieldIssues(parsed.error)
  })
  function record(id: string): Piece {
    return {
      ...(plainOf(draft) as Omit<Piece, 'keptAt'>),
      id,
      keptAt: new Date().toISOString(),
    }
  }
  const kept = computed(() => book.shelf.pieces.get(draft.id) ?? null)
  const isChanged = computed(() => {
    if (!kept.value) return true
    const { keptAt: _, ...rest } = kept.value
    return !equal(plainOf(rest), plainOf(draft))
  })
  /** Untouched, it is as the book has it now, whatever another tab or undo did to it. */
  watch(
    kept,
    piece => {
      if (!piece || !from.piece || equal(piece, plainOf(from.piece))) return
      const { keptAt: _, ...was } = plainOf(from.piece)
      if (!equal(was, plainOf(draft))) return
      const { keptAt: __, ...rest } = plainOf(piece)
      put(rest)
      from.piece = plainOf(piece)
    },
    { immediate: true },
  )
  function keep(): void {
    if (issues.value.length > 0) return
    const id = draft.id || newId('piece')
    const piece = TABLES.pieces.schema.parse(record(id))
    const edit = { table: 'pieces', id, record: piece, begunFrom: plainOf(from.piece) ?? kept.value } as const
    const stored = book.commit(`Keep “${draft.name}”`, [edit])
    draft.id = id
    from.piece = piece
    asked.value = id
    void sayStored(`“${draft.name}” is kept`, { kept: stored })
  }

  watch(
    asked,
    id => {
      if (id === '' || id === draft.id) return
      const piece = book.shelf.pieces.get(id)
      if (piece?.plan.kind === kind) take(piece)
      else toast.add({ title: 'This piece is not in the book any more', color: 'warning' })
    },
    { immediate: true },
  )
  // What was missing and is put on the bench now is what it is sewn with.
  watch(
    () => [bench.setup.machineId, bench.setup.needleId] as const,
    ([machineId, needleId]) => {
      draft.setup.machineId ??= machineId
      draft.setup.needleId ??= needleId
    },
  )

  /** What would be another on the bench, in words. */
  const differences = computed(() => {
    const { id: _, ...now } = bench.setup
    return differencesOf(now, draft.setup, book.shelf).map(({ what }) => what)
  })
  /** @param then - where to go on with it. */
  function putOnBench(then?: string): void {
    const changed = differences.value
    bench.update(`Put “${draft.name || JOBS[job()].name}” on the bench`, draft.setup)
    void offerUndo(
      changed.length === 0
        ? 'All of it is on the bench already'
        : `On the bench; changed: ${changed.join('; ')}`,
    )
    if (then) void navigateTo(then)
  }
  function takeFromBench(): void {
    draft.setup = onBench(job())
  }
  /** What is planned became another job: it is set up for that, on the same machine and cloth. */
  function setUpAnew(): void {
    const { machineId, clothId, layers, under } = draft.setup
    draft.setup = { ...setUpAs(job()), machineId, clothId, layers, under: [...under] }
  }

  const title = computed(() => draft.name || JOBS[job()].name)
  const fileName = computed(() => fileNameOf(title.value))
  return {
    draft,
    title,
    fileName,
    opened,
    kept,
    isChanged,
    issues,
    differences,
    keep,
    startOver,
    putOnBench,
    takeFromBench,
    setUpAnew,
  }
}

/** What a draft was begun from, as it was stored in the tab; null: it does not say. */
function originOf(stored: unknown): Piece | null {
  const parsed = TABLES.pieces.schema.safeParse((stored as { piece?: unknown }).piece)
  return parsed.success ? parsed.data : null
}
