import { latePart } from './latePart'

/** Parts that hold others of `lateParts.ts`, which come late themselves. */
export const LateStitchNumbers = latePart(
  'The numbers of the stitch',
  () => import('~/pickers/StitchNumbers.vue'),
)
