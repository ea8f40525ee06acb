import type { AnyRecord, TableName } from '#shared/records'
import { plainOf } from '~/utils/plain'

/** What is shared: records of the book, or one that is in hand and not begun. */
export type Shared =
  | { readonly table: TableName; readonly id: string }
  | { readonly table: TableName; readonly record: AnyRecord }

/** Links and files that hold records with everything they need; nothing is sent anywhere. */
export function useShare() {
  const book = useBookStore()
  async function shareOf(shared: Shared) {
    const share = await import('#shared/share')
    const extra = 'record' in shared ? [plainOf(shared)] : []
    const roots = 'id' in shared ? [shared] : []
    return share.shareOf(roots, book.tables, new Date().toISOString(), extra)
  }
  async function linkOf(shared: Shared): Promise<string> {
    const { shareLink } = await import('#shared/share')
    return shareLink(location.origin, await shareOf(shared))
  }
  const fileOf = async (shared: Shared): Promise<string> => JSON.stringify(await shareOf(shared), null, 2)
  return { linkOf, fileOf }
}
