export {
  drawMachine,
  MODEL,
  normal,
  sewRow,
  type Random,
  type SewnRow,
  type SimulatedMachine,
} from './machine'
export { bisection, stepByOne, type Habit } from './habits'
export { seeded } from './random'
export { type Camera, seenFrom, tableAt } from './camera'
export { faded, photoOf, type Scene, sewnScene, type Shot, withCard } from './photo'
export { rowsToRead, type RowToRead } from './rowsToRead'
