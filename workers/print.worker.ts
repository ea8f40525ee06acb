import { expose } from 'comlink'
import type { Sheet } from '#core/paper'
import { sheetsToPdf } from './sheetPdf'

const api = {
  /** Sheets as a PDF at true size. */
  async pdf(sheets: readonly Sheet[]): Promise<Blob> {
    return sheetsToPdf(sheets)
  },
}
export type PrintApi = typeof api
expose(api)
