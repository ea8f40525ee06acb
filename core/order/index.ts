export { CHANGES, SINGLE_NEEDS } from './changes'
export { DEFAULT_CHANGE_MINUTES } from './minutes'
export { MOST_PIECES } from './limits'
export { type Change, changeMinutes, type ChangeMinutes, changesBetween, type Needs } from './needs'
export {
  MOST_EXACT_PIECES,
  orderOfWork,
  type OrderStep,
  stepsInOrder,
  type WorkOrder,
  type WorkPiece,
} from './order'
