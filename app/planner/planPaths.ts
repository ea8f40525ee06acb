import { planKindOf } from '#shared/inputs'
import type { Piece } from '#shared/records'

/** Where a kind of piece is planned; a seam at its width. */
export const PLAN_PATHS = {
  seam: '/',
  pintucks: '/pintucks',
  topstitching: '/topstitch',
  edge: '/edge',
  lines: '/lines',
  band: '/band',
} as const satisfies Record<Piece['plan']['kind'], string>

/** Where a piece is planned: a seam without a name where its job leads, to be that kind from a change on. */
export function planPathOf({ plan, name, setup }: Pick<Piece, 'plan' | 'name' | 'setup'>): string {
  const isOpen = plan.kind === 'seam' && name === ''
  return PLAN_PATHS[isOpen ? planKindOf(setup.job) : plan.kind]
}
