export { threadingWalk } from './generate'
export { heldSteps, resumeAt, type WalkProgress } from './progress'
export { ledSupplies, type LedSupply } from './supply'
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
