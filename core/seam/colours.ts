/** What a seam is drawn in where nothing is chosen: one colour a place, told apart at a glance. */
export const UNCHOSEN_HEX = {
  left: '#2b4c7e',
  middle: '#6a4b33',
  right: '#b57e12',
  bobbin: '#9a9088',
  cloth: '#eadfcb',
} as const
export type SeamPlace = keyof typeof UNCHOSEN_HEX
