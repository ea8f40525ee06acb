export { stateHas, UNKNOWN_STATE, type MachineState, type StateChange } from './state'
export {
  afterPowerOff,
  putBackOf,
  type FittedFacts,
  type PowerOff,
  type PutBackItem,
  type PutBackPart,
} from './putBack'
export { changeOverOf } from './changeOver'
export { notedState, type NotedSetup } from './noted'
