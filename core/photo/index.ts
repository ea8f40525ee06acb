export { brightnessAt, type ColourImage, type GrayImage, grayOf } from './image'
export { type PlaneWindow, straightened } from './straighten'
export { SNAPPED_PX, type SnappedCorners, snapCorners, snapSpan } from './snap'
export { ROW_LOOKS, type RowLook } from './rowLines'
export {
  LEAST_STITCH_PX,
  readRow,
  type RowReading,
  type RowUnread,
  type UnreadReason,
  UNREAD_WORDS,
} from './stitchRow'
