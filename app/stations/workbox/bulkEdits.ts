import { FRESH_USE } from '#core/care'
import type { NeedleRecord, Thread } from '#shared/records'
import type { Owned, WorkboxTableName } from './workboxTables'

interface BulkEdit {
  readonly name: string
  readonly edit: (record: Owned) => Owned
}
const needle = (name: string, change: Partial<NeedleRecord>): BulkEdit => ({
  name,
  edit: record => ({ ...(record as NeedleRecord), ...change }),
})
const thread = (name: string, change: Partial<Thread>): BulkEdit => ({
  name,
  edit: record => ({ ...(record as Thread), ...change }),
})

/** What can be changed on many records at once. */
export const BULK_EDITS: Partial<Readonly<Record<WorkboxTableName, readonly BulkEdit[]>>> = {
  needles: [
    needle('Needle changed', { ...FRESH_USE, hoursSewn: 0 }),
    needle('Bent', { state: 'bent' }),
    needle('Used up', { count: 0 }),
  ],
  threads: [
    thread('Used up', { metresLeft: 0 }),
    thread('Unwinds from the side', { unwinds: 'rolling off' }),
    thread('Over the top', { unwinds: 'over the end' }),
    thread('On a spool', { form: 'spool' }),
    thread('On a cone', { form: 'cone' }),
    thread('In a ball', { form: 'ball' }),
  ],
}
