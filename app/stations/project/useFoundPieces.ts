import { needleSearchText } from '#core/needle'
import { newestFirst } from '#shared/fields'
import { pieceSetupOf, setupPartsOf } from '#shared/inputs'
import { type Piece, pieceName } from '#shared/records'
import { PLAN_PATHS } from '~/planner/planPaths'
import { KIND_WORDS } from './projectWords'

export const ORDERS = [
  { value: 'newest', label: 'Newest first' },
  { value: 'oldest', label: 'Oldest first' },
  { value: 'name', label: 'By name' },
] as const
type Order = (typeof ORDERS)[number]['value']

export const KINDS = [
  { value: 'all', label: 'all' },
  ...Object.keys(PLAN_PATHS).map(kind => ({
    value: kind,
    label: KIND_WORDS[kind as Piece['plan']['kind']],
  })),
]

/** All pieces, and those looked for in the order one wants. What is asked for stands in the address. */
export function useFoundPieces() {
  const book = useBookStore()
  const search = useUrlState<string>('search', { usual: '' })
  const order = useUrlState<Order>('order', { usual: 'newest', choices: ORDERS.map(({ value }) => value) })
  const kind = useUrlState<string>('kind', { usual: 'all', choices: KINDS.map(({ value }) => value) })
  const project = useUrlState<string>('project', { usual: '' })
  const projects = computed(() => [
    { value: '', label: 'all' },
    ...newestFirst(book.shelf.projects.values(), ({ keptAt }) => keptAt).map(({ id, name }) => ({
      value: id,
      label: name,
    })),
  ])
  /** Pieces of the project that is chosen; null: of every one, and of none. */
  const inProject = computed(() => {
    const chosen = book.shelf.projects.get(project.value)
    if (!chosen) return null
    return new Set(chosen.items.flatMap(({ work }) => (work.kind === 'piece' ? [work.pieceId] : [])))
  })
  const all = computed(() => newestFirst(book.shelf.pieces.values(), ({ begunAt }) => begunAt ?? ''))
  const newest = computed(() =>
    all.value.filter(
      ({ id, plan }) =>
        (kind.value === 'all' || plan.kind === kind.value) && (inProject.value?.has(id) ?? true),
    ),
  )
  const ordered = computed(() => {
    switch (order.value) {
      case 'oldest':
        return [...newest.value].reverse()
      case 'name':
        return [...newest.value].sort((a, b) => pieceName(a).localeCompare(pieceName(b)))
      default:
        return newest.value
    }
  })
  /** Twin and double are the same needle: search finds both. */
  const found = computed(() => {
    const words = search.value
      .toLowerCase()
      .replace(/\bdouble\b/g, 'twin')
      .split(/\s+/)
      .filter(Boolean)
    return words.length === 0
      ? ordered.value
      : ordered.value.filter(piece => words.every(word => textOf(piece).includes(word)))
  })
  function textOf(piece: Piece): string {
    const { machine, needle, stitch, foot } = setupPartsOf(
      pieceSetupOf(piece, book.shelf.stitches),
      book.shelf,
    )
    const parts = [machine?.name, needle && needleSearchText(needle), stitch?.name, foot?.name]
    return [pieceName(piece), piece.note, KIND_WORDS[piece.plan.kind], ...parts].join(' ').toLowerCase()
  }
  return { search, order, kind, project, projects, all, found }
}
