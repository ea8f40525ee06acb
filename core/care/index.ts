export { BLOCKS_PER_NEEDLE, NEEDLE_LIFE_HOURS, needleAdvice, needleLife, type NeedleLife } from './needleLife'
export { FRESH_USE, NEEDLE_STATES, type NeedleState, type NeedleUse } from './needleUse'
export {
  NEW_ROW_SECONDS,
  pieceMinutes,
  seamHours,
  type Session,
  sessionHours,
  SPEED_STITCHES,
  TURN_SECONDS,
} from './sewingTime'
export { carePrompts, type CarePrompt, type SewnSince } from './cleaning'
