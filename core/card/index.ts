export {
  benchCard,
  type BenchCard,
  type CardCaution,
  type CardField,
  type CardFieldId,
  type CardInput,
} from './card'
export { CARD_TALL_MM, CARD_WIDE_MM, cardSheet } from './cardSheet'
export { type PieceCard, pieceCardSheets } from './pieceCard'
export { LABEL_TALL_MM, LABEL_WIDE_MM, labelSheets, type Label } from './labelSheet'
