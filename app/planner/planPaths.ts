import type { Piece } from '#shared/records'

/** Where a kind of piece is planned. */
export const PLAN_PATHS = {
  pintucks: '/pintucks',
  topstitching: '/topstitch',
  edge: '/edge',
  lines: '/lines',
  band: '/band',
} as const satisfies Record<Piece['plan']['kind'], string>
