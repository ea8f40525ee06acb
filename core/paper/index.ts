export {
  type Anchor,
  circle,
  DASHED,
  line,
  type Mark,
  moved,
  path,
  type PathStep,
  rect,
  type Stroke,
  text,
} from './marks'
export { CHECK_LINE_MM, CHECK_LINES, checkLine, type Paper, PAPERS, ruledLine, type Sheet } from './sheet'
export { brokenLine } from './brokenLine'
export { keyBelow, keyLines } from './key'
export { markingStrip, type StripMark } from './markingStrip'
export { qrMark } from './qr'
export { sheetSvg } from './svg'
export { type Drawing, OVERLAP_MM, PAGE_MARGIN_MM, tiledSheets } from './tiling'
export { fitted, LEAST_LETTER_MM } from './fitted'
