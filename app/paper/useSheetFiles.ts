import { useStorage } from '@vueuse/core'
import { type Paper, PAPERS, type Sheet, sheetSvg } from '#core/paper'
import { download, downloadBlob } from '~/utils/download'
import type { Print } from './print'

/** Sheets as they go to a worker: what the page watches does not cross. */
const plain = (sheets: readonly Sheet[]): readonly Sheet[] => structuredClone(sheets.map(toRaw))

/** Sheets at true size as files, on the paper one has. */
export function useSheetFiles() {
  const toast = useToast()
  // What the browser kept may be anything.
  const kept = useStorage<string>('lacy-spool-paper', 'a4')
  const paper = computed<Paper>({
    get: () => (kept.value in PAPERS ? (kept.value as Paper) : 'a4'),
    set: chosen => {
      kept.value = chosen
    },
  })

  async function savePdf({ name, sheets }: Pick<Print, 'name' | 'sheets'>): Promise<void> {
    try {
      const { startPrintWorker } = await import('#workers/client')
      const { api, failed, dispose } = startPrintWorker()
      const blob = await Promise.race([api.pdf(plain(await sheets(paper.value))), failed]).finally(dispose)
      downloadBlob(`${name}.pdf`, blob)
    } catch {
      toast.add({
        title: 'The PDF could not be made',
        description: 'Load the app once more while the server answers, then try again.',
        color: 'error',
      })
    }
  }
  /** A file a page. */
  async function saveSvg({ name, sheets }: Pick<Print, 'name' | 'sheets'>): Promise<void> {
    const all = await sheets(paper.value)
    all.forEach((sheet, i) =>
      download(
        `${name}${i === 0 ? '' : `-${i + 1}`}.svg`,
        'image/svg+xml',
        sheetSvg(sheet, `${name}, page ${i + 1}`),
      ),
    )
  }
  const save = (print: Pick<Print, 'name' | 'sheets' | 'as'>) =>
    print.as === 'pdf' ? savePdf(print) : saveSvg(print)
  return { paper, save }
}
