export { CHECK_LINE_MM, PAPERS, type Mark, type Paper, type Sheet } from './sheet'
export { CARD_TALL_MM, CARD_WIDE_MM, cardSheet } from './cardSheet'
export { STRIP_ROW_MM, stripSheets } from './stripSheet'
export { LABEL_TALL_MM, LABEL_WIDE_MM, labelSheets, type Label } from './labelSheet'
