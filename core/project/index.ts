export { arranged, beforeAmong, brokenRules } from './arrange'
export { type KnownMinutes, knownMinutes, type TimedChange } from './minutes'
export { type Sitting, type Sittings, sittingsOf } from './sittings'
export { type ItemKind, suggestedBefore } from './stages'
