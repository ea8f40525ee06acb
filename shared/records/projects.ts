import * as z from 'zod/mini'
import { MOST_PIECES } from '#core/order'
import { dialMark, idField, momentField, MOST_NOTE, nameField, wholeWithin, within } from '../fields'
import type { Reference } from '../setup'
import { table } from './manifest'

const MOST_BEFORE = 1600
/** A plan dials few lengths; of more the first and the last are kept. */
const MOST_LENGTHS = 20
export const PLAIN_STEPS = ['cut', 'fuse', 'press', 'other'] as const

/** What is to be done: a piece, or work without a machine. */
const workSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('piece'), pieceId: idField }),
  z.strictObject({
    kind: z.literal('plain'),
    step: z.enum(PLAIN_STEPS),
    words: nameField,
    minutes: within('jobMinutes'),
  }),
])

const itemSchema = z.strictObject({
  id: idField,
  work: workSchema,
  /** When it was ticked off; null: still to do. */
  doneAt: z.nullable(momentField),
  /** The numbers it was sewn with, whatever is changed later; null: not sewn, or not kept. */
  sewnWith: z.nullable(
    z.strictObject({
      stitch: nameField,
      widthMm: within('widthMm'),
      /** The shortest first. */
      lengthsMm: z.array(within('dialLengthMm')).check(z.minLength(1), z.maxLength(MOST_LENGTHS)),
      tension: z.nullable(dialMark),
    }),
  ),
  /** How long it took, its changes apart; null: not timed. */
  tookMinutes: z.nullable(within('jobMinutes')),
})

/** A thing to make, with all that is sewn and done for it. */
const projectSchema = z.strictObject({
  id: idField,
  name: nameField,
  note: z.string().check(z.maxLength(MOST_NOTE, `must be at most ${MOST_NOTE} characters`)),
  copies: wholeWithin('copies'),
  dueOn: z.nullable(z.iso.date('must be a day such as 2026-12-24')),
  /** In the order they are done. */
  items: z.array(itemSchema).check(z.maxLength(MOST_PIECES, `has at most ${MOST_PIECES} pieces and jobs`)),
  /** Pairs of items: the first is done before the second. */
  before: z.array(z.tuple([idField, idField])).check(z.maxLength(MOST_BEFORE)),
  /** Minutes to sew on each day of the week, Monday first. */
  weekdayMinutes: z.array(within('dayMinutes')).check(z.length(7, 'needs seven days')),
  /** What is being done now, for going on after a break; null: nothing. */
  doing: z.nullable(z.strictObject({ itemId: idField, step: z.enum(['change', 'sew']), since: momentField })),
  keptAt: momentField,
})
type Project = z.output<typeof projectSchema>

function referencesOf({ items }: Project): Reference[] {
  return items.flatMap(({ work }): Reference[] =>
    work.kind === 'piece' ? [{ table: 'pieces', id: work.pieceId }] : [],
  )
}

/** The project without what is not there any more, and without the rules that spoke of it. */
function withoutWork(project: Project, gone: Reference): Project {
  const isGone = ({ work }: Project['items'][number]) =>
    work.kind === 'piece' && gone.table === 'pieces' && work.pieceId === gone.id
  const lost = new Set(project.items.filter(isGone).map(({ id }) => id))
  return {
    ...project,
    items: project.items.filter(({ id }) => !lost.has(id)),
    before: project.before.filter(pair => !pair.some(id => lost.has(id))),
    doing: project.doing && lost.has(project.doing.itemId) ? null : project.doing,
  }
}

export const projects = table({
  schema: projectSchema,
  since: 9,
  blank: null,
  holdsSetup: 'nowhere',
  refersTo: { find: referencesOf, whenGone: withoutWork },
  words: { one: 'project', many: 'projects' },
  demo: true,
})
