import { dequal as equal } from 'dequal/lite'
import { JOBS, type JobId } from '#core/job'
import { CoreError } from '#core/errors'
import { fieldIssues } from '#shared/fields'
import { type Piece, TABLES } from '#shared/records'
import { differencesOf, type SetupContent } from '#shared/setup'
import { newId } from '~/utils/id'

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

/** The worked-out answer of a plan: the last good one stays while something typed cannot be reckoned with. */
export interface Answer<T> {
  readonly value: T | null
  /** What is wrong with what is typed now; empty: nothing. */
  readonly problem: string
}

/** What a planner's frame needs of its piece, whatever is planned. */
export type PieceDesk = Omit<ReturnType<typeof usePiece>, 'draft'> & { readonly draft: PieceDraft<Plan> }

/** A copy of plain values, each of them looked at: what is computed from it follows every change. */
function plainOf<T>(value: T): T {
  if (Array.isArray(value)) return value.map(plainOf) as T
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(Object.entries(value).map(([key, part]) => [key, plainOf(part)])) as T
}

/** The piece a planner works on: kept in the tab while it is typed, in the book when it is kept. */
export function usePiece<K extends Plan['kind']>(kind: K, job: JobId, fresh: PlanOf<K>) {
  const book = useBookStore()
  const bench = useBenchStore()
  const toast = useToast()
  const setUp = useSetUpFor()
  const { sayStored } = useStoredWords()
  const { offerUndo } = useShelf()
  const asked = useUrlState<string>('piece', { usual: '', isStep: true })

  const begun = (): PieceDraft<PlanOf<K>> => ({
    id: '',
    name: '',
    copies: 1,
    note: '',
    plan: structuredClone(fresh),
    setup: bench.setup.job === job ? onBench() : (setUp(job).setup as SetupContent),
  })
  function onBench(): SetupContent {
    const { id: _, ...setup } = bench.setup
    return { ...setup, job, goal: JOBS[job].goal }
  }
  const draft = reactive(begun()) as PieceDraft<PlanOf<K>>
  useDraft(`piece-${kind}`, draft)

  /** The piece as it was when it was opened or kept: what another tab changed since in other fields stays. */
  let begunFrom: Piece | null = null
  /** Something else comes in; what was typed and not kept can be brought back. */
  function replaceBy(next: object): void {
    const [before, wasUnkept] = [plainOf(draft), isTouched()]
    Object.assign(draft, next)
    if (!wasUnkept) return
    toast.add({
      title: `“${before.name || 'The piece before'}” was not kept`,
      actions: [{ label: 'Bring it back', onClick: () => void Object.assign(draft, before) }],
    })
  }
  function take(piece: Piece): void {
    const { keptAt: _, ...rest } = plainOf(piece)
    replaceBy(rest)
    begunFrom = piece
  }
  function startOver(): void {
    replaceBy(begun())
    begunFrom = null
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
  function keep(): void {
    if (issues.value.length > 0) return
    const id = draft.id || newId('piece')
    const piece = TABLES.pieces.schema.parse(record(id))
    const edit = { table: 'pieces', id, record: piece, begunFrom: begunFrom ?? kept.value } as const
    const stored = book.commit(`Keep “${draft.name}”`, [edit])
    draft.id = id
    begunFrom = piece
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
    bench.update(`Put “${draft.name || JOBS[job].name}” on the bench`, draft.setup)
    void offerUndo(
      changed.length === 0
        ? 'All of it is on the bench already'
        : `On the bench; changed: ${changed.join('; ')}`,
    )
    if (then) void navigateTo(then)
  }
  function takeFromBench(): void {
    draft.setup = onBench()
  }

  const title = computed(() => draft.name || JOBS[job].name)
  const fileName = computed(() => title.value.toLowerCase().replace(/[^\w-]+/g, '-'))
  return {
    draft,
    title,
    fileName,
    kept,
    isChanged,
    issues,
    differences,
    keep,
    startOver,
    putOnBench,
    takeFromBench,
  }
}

/** What the core calls a field, as the planners call it. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  'spacingMm': 'Tuck to tuck',
  'count': 'The number of tucks',
  'fillMm': 'The width to fill',
  'group.of': 'Tucks each',
  'group.gapMm': 'Between groups',
  'pieceMm': 'The finished width',
  'edgeMm': 'The distance to the first tuck',
  'reserveMm': 'The reserve',
  'cordMm': 'The cord',
  'takeUp.beforeMm': 'Wide before',
  'takeUp.afterMm': 'Wide after',
  'takeUp.tucks': 'Tucks on the swatch',
  'takeUp.readMm': 'The ruler',
  'toleranceMm': 'Wanted to within',
  'angleDeg': 'The angle',
  'rowsMm': 'A row',
  'wantedMm': 'The stitch length',
  'mostMissMm': 'What it may miss a corner by',
  'wideMm': 'The width',
  'tallMm': 'The height',
  'cornerMm': 'The corner',
  'spreadMm': 'How far the points stand out',
  'lengthMm': 'The length',
  'diameterMm': 'The diameter',
  'distanceMm': 'Row to row',
  'marginMm': 'Free before the first row',
  'sagMm': 'The bow of the first row',
}

/** Works a plan out again whenever it changes; what cannot be reckoned with is said, and nothing is lost. */
export function useAnswer<T>(work: () => T | null) {
  const { bare, length } = useLength()
  let last: T | null = null
  function wordsOf({ code, message, details }: CoreError): string {
    const field = String(details.field ?? '')
    const point = /^outline\.pointsMm\.(\d+)/.exec(field)
    if (code === 'bad-outline' && point)
      return message.replace(field, `Point ${Number(point[1]) + 1} of the edge`)
    const side = /^sides\.(\d+)\./.exec(field)
    const name = side ? `Side ${Number(side[1]) + 1}` : FIELD_WORDS[field]
    if (!name) return message
    if (code === 'non-finite') return `${name} is not a number.`
    if (code !== 'out-of-range') return message
    const [min, max] = [Number(details.min), Number(details.max)]
    return field.endsWith('Mm')
      ? `${name} goes from ${bare(min)} to ${length(max)} here.`
      : `${name} goes from ${min} to ${max} here.`
  }
  return computed((): Answer<T> => {
    try {
      last = work()
      return { value: last, problem: '' }
    } catch (error) {
      if (error instanceof CoreError) return { value: last, problem: wordsOf(error) }
      throw error
    }
  })
}
