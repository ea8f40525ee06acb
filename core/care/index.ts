export {
  FRESH_USE,
  needleAdvice,
  needleLife,
  NEEDLE_STATES,
  type NeedleLife,
  type NeedleState,
  type NeedleUse,
} from './needleLife'
export { seamHours, sessionHours, SPEED_STITCHES } from './sewingTime'
export { carePrompts, type CarePrompt, type SewnSince } from './cleaning'
