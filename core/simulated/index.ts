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
