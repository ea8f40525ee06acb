import { newestFirst } from '#shared/fields'
import type { Project } from '#shared/records'
import type { Change } from '~/stores/book'
import { newId } from '~/utils/id'
import { plainOf } from '~/utils/plain'

const USUAL_WEEK = [0, 60, 0, 60, 0, 120, 120]

/** The project that is open, and the one door its changes go through: each is stored, and can be undone. */
export function useProject() {
  const book = useBookStore()
  const asked = useUrlState<string>('project', { usual: '', isStep: true })
  const all = computed(() => newestFirst(book.shelf.projects.values(), ({ keptAt }) => keptAt))
  const project = computed(() => book.shelf.projects.get(asked.value) ?? all.value[0] ?? null)

  /**
   * @param label - what undo will say it takes back.
   * @param joinKey - changes with the same key are one step of undo: what is typed letter by letter.
   * @param beside - what else the same step changes.
   */
  function change(
    label: string,
    over: Partial<Project>,
    joinKey: string | null = null,
    beside: readonly Change[] = [],
  ): void {
    if (!project.value) return
    const record = { ...plainOf(project.value), ...over }
    const own = { table: 'projects', id: record.id, record, begunFrom: project.value } as const
    void book.commit(label, [own, ...beside], joinKey)
  }
  function begin(): void {
    const id = newId('project')
    const record: Project = {
      id,
      name: 'New project',
      note: '',
      copies: 1,
      dueOn: null,
      items: [],
      before: [],
      weekdayMinutes: [...USUAL_WEEK],
      doing: null,
      keptAt: new Date().toISOString(),
    }
    void book.commit('Begin a project', [{ table: 'projects', id, record }])
    asked.value = id
  }
  return { all, asked, project, change, begin }
}
