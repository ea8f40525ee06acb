export {
  BLOCKS_PER_NEEDLE,
  needleAdvice,
  needleHours,
  needleLife,
  type NeedleLife,
  piecesPerNeedle,
} from './needleLife'
export { FRESH_USE, NEEDLE_STATES, type NeedleState, type NeedleUse } from './needleUse'
export { pieceMinutes, seamHours, type Session, sessionHours, stitchesPerMinute } from './sewingTime'
export { carePrompts, type CarePrompt, type SewnSince } from './cleaning'
