export {
  BLOCKS_PER_NEEDLE,
  needleAdvice,
  needleHours,
  needleLife,
  type NeedleLife,
  piecesPerNeedle,
} from './needleLife'
export { FRESH_USE, NEEDLE_STATES, type NeedleState, type NeedleUse } from './needleUse'
export {
  NEW_ROW_SECONDS,
  pieceMinutes,
  seamHours,
  type Session,
  sessionHours,
  stitchesPerMinute,
  TURN_SECONDS,
} from './sewingTime'
export { carePrompts, type CarePrompt, type SewnSince } from './cleaning'
