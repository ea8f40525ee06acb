import type { Project, ProjectItem } from '../records'

const item = (id: string, work: ProjectItem['work']): ProjectItem => ({
  id: `demo-item-${id}`,
  work,
  doneAt: null,
  sewnWith: null,
  tookMinutes: null,
})
const sewn = (id: string) => item(id, { kind: 'piece', pieceId: `demo-piece-${id}` })

/** One thing to make, of pieces planned for the same season. */
export const projects: Project[] = [
  {
    id: 'demo-project-jacket',
    name: 'Harbour pageant jacket',
    note: 'For the captain.',
    copies: 1,
    dueOn: '2027-12-18',
    items: [
      item('cut', { kind: 'plain', step: 'cut', words: 'Cut out jacket and collar', minutes: 40 }),
      sewn('front'),
      sewn('pocket'),
      item('fuse', { kind: 'plain', step: 'fuse', words: 'Fuse lantern and star', minutes: 15 }),
      sewn('lantern'),
      sewn('collarband'),
      sewn('ribboncuff'),
      sewn('collar'),
    ],
    before: [
      ['demo-item-cut', 'demo-item-pocket'],
      ['demo-item-fuse', 'demo-item-lantern'],
      ['demo-item-collarband', 'demo-item-collar'],
    ],
    weekdayMinutes: [0, 45, 0, 60, 0, 120, 120],
    doing: null,
    keptAt: '2026-04-24T19:10:00Z',
  },
]
