import { dequal as equal } from 'dequal/lite'
import { JOBS, type JobId } from '#core/job'
import { healed, nameField } from '#shared/fields'
import { freshSetup, withOneNeedle } from '#shared/job'
import { type Piece, pieceName, planSchema } from '#shared/records'
import type { SetupContent } from '#shared/setup'
import { plainOf } from '~/utils/plain'
import { fileNameOf } from '~/utils/fileName'

type Plan = Piece['plan']
type PlanOf<K extends Plan['kind']> = Extract<Plan, { kind: K }>

/** What is typed into a planner. */
export interface PieceDraft<P extends Plan> {
  name: string
  copies: number
  note: string
  plan: P
}
const FIELDS = ['name', 'copies', 'note', 'plan'] as const

/** What a planner's frame needs of its piece, whatever is planned. */
export type PieceDesk = Omit<ReturnType<typeof usePiece>, 'draft'> & { readonly draft: PieceDraft<Plan> }

interface Beginning<P extends Plan> {
  /** The job it is set up for. */
  readonly job: JobId
  /** Its plan, where nothing is planned yet. */
  readonly plan: (setup: SetupContent) => P
  /** Whether it turns corners with the needle down, which several needles cannot. @defaultValue false */
  readonly oneNeedle?: boolean
}

/** Changes of a plan so soon after each other are one step of undo, in ms. */
const JOINED_MS = 1000

/**
 * The piece a planner works on: the one in hand, as the book has it. What is typed is kept at once, where it
 * is whole; until then it stays as it is typed.
 */
export function usePiece<K extends Plan['kind']>(kind: K, beginning: Beginning<PlanOf<K>>) {
  const inHand = useInHandStore()
  const setUp = useSetUpFor()
  const place = useWorkplace()

  function setUpAs(job: JobId, before = inHand.setup): SetupContent {
    const from = beginning.oneNeedle ? withOneNeedle(before, place.value) : before
    return setUp(job, from).setup
  }
  const begin = (job: JobId) => {
    const setup = setUpAs(job, freshSetup(inHand.setup, job))
    return { plan: beginning.plan(setup), setup }
  }
  inHand.showKind(kind, () => begin(beginning.job))
  onUnmounted(() => inHand.leaveKind())
  /** Another kind was taken in hand elsewhere: nothing of it is shown here any more. */
  const isHere = computed(() => inHand.piece.plan.kind === kind)
  const fieldsOf = ({ name, copies, note, plan }: Piece) =>
    plainOf({ name, copies, note, plan }) as PieceDraft<PlanOf<K>>

  let shown = fieldsOf(inHand.piece)
  const draft = reactive(structuredClone(shown)) as PieceDraft<PlanOf<K>>
  /** Counts what was opened here: the fields of one piece are not those of the next. */
  const opened = ref(0)
  // What the book has of it, whoever changed it, is shown; what is being typed is not in the book yet.
  watch(
    () => inHand.piece,
    (now, before) => {
      if (!isHere.value) return
      const next = fieldsOf(now)
      const isAnother = now.id !== before.id
      for (const field of FIELDS)
        if (isAnother || !equal(next[field], shown[field]))
          Object.assign(draft, { [field]: structuredClone(next[field]) })
      shown = next
      if (isAnother) opened.value += 1
    },
    { flush: 'sync' },
  )
  /** What is wrong with the name as it is typed; empty: nothing. None at all is no fault. */
  const nameProblem = computed(() => {
    const parsed = draft.name.trim() === '' ? null : nameField.safeParse(draft.name)
    return parsed?.error?.issues[0]?.message ?? ''
  })
  let keptAt = 0
  let run = 0
  function keep(): void {
    if (!isHere.value) return
    const typed = plainOf(draft)
    const plan = healed(planSchema, typed.plan, shown.plan) as PlanOf<K>
    if (!equal(plan, typed.plan)) draft.plan = structuredClone(plan)
    const name = nameProblem.value === '' ? typed.name.trim() : shown.name
    const whole = { ...typed, name, plan }
    const changed = FIELDS.filter(field => !equal(whole[field], shown[field]))
    if (changed.length === 0) return
    const now = Date.now()
    if (now - keptAt > JOINED_MS) run += 1
    keptAt = now
    // What is typed goes on as it is typed, while the book has it whole.
    shown = whole
    const fields = Object.fromEntries(changed.map(field => [field, whole[field]])) as Partial<Piece>
    void inHand.change(LABELS[changed[0]!], fields, { joinKey: `piece ${inHand.piece.id} ${run}` })
  }
  // Before anything is drawn of it, so that a plan that is not whole is never seen.
  watch(draft, keep, { deep: true })

  /** Begins another of its kind beside this one. */
  function beginAnother(): void {
    inHand.show(begin(inHand.setup.job))
  }
  /** What is planned became another job: it is set up for that, on the same machine and cloth. */
  function setUpAnew(job: JobId, stitch: Partial<SetupContent['stitch']> = {}): void {
    const { machineId, clothId, layers, under } = inHand.setup
    const anew = setUpAs(job)
    const setup = { ...anew, stitch: { ...anew.stitch, ...stitch }, machineId, clothId, layers, under }
    void inHand.change(`Set up for ${JOBS[job].name.toLowerCase()}`, { setup })
  }

  const title = computed(() => pieceName(inHand.piece))
  const fileName = computed(() => fileNameOf(inHand.piece.name || JOBS[inHand.setup.job].name))
  return { draft, title, fileName, opened, isHere, nameProblem, beginAnother, setUpAnew }
}

const LABELS = {
  name: 'Name the piece',
  copies: 'Change the copies',
  note: 'Change the note',
  plan: 'Change the plan',
} as const
