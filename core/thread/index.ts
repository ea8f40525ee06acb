export { THREAD_KINDS, type ThreadKind, type ThreadLook, type ThreadKindFacts } from './kinds'
export { threadDiameterMm, drawnDiameter, type DrawnDiameter } from './diameter'
