import type { Sheet } from '#core/paper'
import { serve } from './serve'
import { sheetsToPdf } from './sheetPdf'

const api = {
  /** Sheets as a PDF at true size. */
  async pdf(sheets: readonly Sheet[]): Promise<Blob> {
    return sheetsToPdf(sheets)
  },
}
export type PrintApi = typeof api
serve(api)
