import { useLocalStorage } from '@vueuse/core'
import { type Paper, PAPERS, type Sheet, sheetSvg } from '#core/sheet'
import { download, downloadBlob } from '~/utils/download'

/** Sheets at true size as files, on the paper one has. */
export function useSheetFiles() {
  const toast = useToast()
  // What the browser kept may be anything.
  const kept = useLocalStorage<string>('lacy-spool-paper', 'a4')
  const paper = computed<Paper>({
    get: () => (kept.value in PAPERS ? (kept.value as Paper) : 'a4'),
    set: chosen => {
      kept.value = chosen
    },
  })

  async function savePdf(name: string, sheets: (paper: Paper) => readonly Sheet[]): Promise<void> {
    try {
      const { sheetsToPdf } = await import('~/paper/sheetPdf')
      downloadBlob(`${name}.pdf`, sheetsToPdf(sheets(paper.value)))
    } catch {
      toast.add({
        title: 'The PDF could not be made',
        description: 'Load the app once more while the server answers, then try again.',
        color: 'error',
      })
    }
  }
  /** A file a page. */
  function saveSvg(name: string, sheets: (paper: Paper) => readonly Sheet[]): void {
    sheets(paper.value).forEach((sheet, i) =>
      download(
        `${name}${i === 0 ? '' : `-${i + 1}`}.svg`,
        'image/svg+xml',
        sheetSvg(sheet, `${name}, page ${i + 1}`),
      ),
    )
  }
  return { paper, savePdf, saveSvg }
}
