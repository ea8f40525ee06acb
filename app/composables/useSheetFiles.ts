import { useLocalStorage } from '@vueuse/core'
import { type Paper, type Sheet, sheetSvg } from '#core/sheet'
import { download, downloadBlob } from '~/utils/download'

/** Sheets at true size as files, on the paper one has. */
export function useSheetFiles() {
  const toast = useToast()
  const paper = useLocalStorage<Paper>('lacy-spool-paper', 'a4')

  async function savePdf(name: string, sheets: (paper: Paper) => readonly Sheet[]): Promise<void> {
    try {
      const { sheetsToPdf } = await import('~/utils/sheetPdf')
      downloadBlob(`${name}.pdf`, sheetsToPdf(sheets(paper.value)))
    }
    catch {
      toast.add({ title: 'The PDF could not be made', description: 'Load the app once more while the server answers, then try again.', color: 'error' })
    }
  }
  /** A file a page. */
  function saveSvg(name: string, sheets: (paper: Paper) => readonly Sheet[]): void {
    sheets(paper.value).forEach((sheet, i) => download(`${name}${i === 0 ? '' : `-${i + 1}`}.svg`, 'image/svg+xml', sheetSvg(sheet, `${name}, page ${i + 1}`)))
  }
  return { paper, savePdf, saveSvg }
}
