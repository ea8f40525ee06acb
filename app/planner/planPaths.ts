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
