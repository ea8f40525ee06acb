import { latePart } from './latePart'

/** Parts that stand within a part that comes late itself. */
export const LateOwnStitchMaker = latePart(
  'The stitch maker',
  () => import('~/stations/width/parts/OwnStitchMaker.vue'),
)
export const LateSeamSides = latePart('The drawing of the seam', () => import('~/seam/SeamSides.vue'))
