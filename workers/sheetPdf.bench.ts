import { bench, describe } from 'vitest'
import { tiledSheets } from '#core/paper'
import { pintuckDrawing } from '#core/pintucks'
import { sheetsToPdf } from './sheetPdf'

const flatMm = Array.from({ length: 60 }, (_, i) => 20 + i * 8)
const drawing = pintuckDrawing({
  title: 'Front',
  blankMm: 520,
  tallMm: 980,
  flatMm,
  marked: flatMm.map((_, i) => i),
  runsMm: [],
  length: String,
})

describe('printing', () => {
  bench('twelve tiled pages', () => {
    const sheets = tiledSheets(drawing, 'a4')
    if (sheets.length !== 12) throw new Error(`${sheets.length} pages, not 12`)
    sheetsToPdf(sheets)
  })
})
