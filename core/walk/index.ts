export { threadingWalk } from './generate'
export { heldSteps, resumeAt, type WalkProgress } from './progress'
export { ledSupplies, type LedSupply } from './supply'
export { dialledLengthsMm, dialledWidthMm, plannedNote } from './dialled'
export { wantedBobbinTension } from './facts'
export type {
  Missing,
  MissingCode,
  PathPoint,
  StepPicture,
  Walk,
  WalkInput,
  WalkMachine,
  WalkStep,
  WalkThread,
} from './types'
