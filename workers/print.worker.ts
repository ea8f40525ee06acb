import { type Label, labelSheets } from '#core/card'
import type { Paper, Sheet } from '#core/paper'
import type { OnProgress } from './bookZip'
import { serve } from './serve'
import { sheetsToPdf } from './sheetPdf'

const api = {
  /** Sheets as a PDF at true size. */
  async pdf(sheets: readonly Sheet[]): Promise<Blob> {
    return sheetsToPdf(sheets)
  },
  /** Labels with their codes as a PDF at true size; it says after each label how far it is. */
  async labels(labels: readonly Label[], paper: Paper, onProgress: OnProgress): Promise<Blob> {
    return sheetsToPdf(labelSheets(labels, paper, done => onProgress(done, labels.length)))
  },
}
export type PrintApi = typeof api
serve(api)
