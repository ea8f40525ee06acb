export {
  type Change,
  changeMinutes,
  type ChangeMinutes,
  changesBetween,
  type Needs,
  SINGLE_NEEDS,
} from './needs'
export {
  MOST_EXACT_PIECES,
  MOST_PIECES,
  orderOfWork,
  type OrderStep,
  type WorkOrder,
  type WorkPiece,
} from './order'
