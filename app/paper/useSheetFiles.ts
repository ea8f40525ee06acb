import { type Sheet, sheetSvg } from '#core/paper'
import type { PrintApi } from '#workers/client'
import type { Fault } from '~/asking/asker'
import { isLoadFailure } from '~/asking/loadFailure'
import { useAsker } from '~/asking/useAsker'
import { download, downloadBlob } from '~/utils/download'
import type { Print } from './print'
import { usePaper } from './usePaper'

type Wish = Pick<Print, 'name' | 'sheets' | 'as' | 'label'>

/** Sheets as they go to a worker: what the page watches does not cross. */
const plain = (sheets: readonly Sheet[]): readonly Sheet[] => structuredClone(sheets.map(toRaw))

/** Sheets at true size as files, on the paper one has. */
export function useSheetFiles() {
  const paper = usePaper()
  const asker = useAsker<PrintApi>(async () => (await import('#workers/client')).startPrintWorker())
  /** What was asked for and could not be made; null: nothing. */
  const failed = shallowRef<{ readonly print: Wish; readonly fault: Fault } | null>(null)

  async function savePdf(print: Wish): Promise<void> {
    const sheets = plain(await print.sheets(paper.value))
    const outcome = await asker.ask(api => api.pdf(sheets))
    if (outcome.kind === 'answered') downloadBlob(`${print.name}.pdf`, outcome.value)
    if (outcome.kind === 'failed') failed.value = { print, fault: outcome.fault }
  }
  /** A file a page. */
  async function saveSvg({ name, sheets }: Wish): Promise<void> {
    const all = await sheets(paper.value)
    all.forEach((sheet, i) =>
      download(
        `${name}${i === 0 ? '' : `-${i + 1}`}.svg`,
        'image/svg+xml',
        sheetSvg(sheet, `${name}, page ${i + 1}`),
      ),
    )
  }
  async function save(print: Wish): Promise<void> {
    failed.value = null
    try {
      await (print.as === 'pdf' ? savePdf(print) : saveSvg(print))
    } catch (error) {
      // What a sheet is made with may come late too.
      if (!isLoadFailure(error)) throw error
      failed.value = { print, fault: 'not-loaded' }
    }
  }
  return { paper, save, failed }
}
