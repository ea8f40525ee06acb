import { findStitch } from '#core/stitch'
import type { AnyRecord, SetupContent, TableName } from './records'

export interface Reference {
  readonly table: TableName
  readonly id: string
}

/**
 * What a record points at in other tables. Library stitches ship with the app and need no record. A log
 * points at nothing: it stays true when what it speaks of is gone.
 */
export function referencesOf(table: TableName, record: AnyRecord): Reference[] {
  if (table === 'plans' && 'keptAt' in record) return ofSetup(record.setup)
  if (table === 'setup' && 'seamM' in record) return ofSetup(record)
  if (table === 'machineStates') return [{ table: 'machines', id: record.id }]
  if (table === 'bobbins' && 'threadId' in record && record.threadId !== null)
    return [{ table: 'threads', id: record.threadId }]
  return []
}

function ofSetup(setup: SetupContent): Reference[] {
  const stitchId = findStitch(setup.stitch.stitchId) ? null : setup.stitch.stitchId
  const pairs: [TableName, string | null][] = [
    ['machines', setup.machineId],
    ['feet', setup.footId],
    ['needles', setup.needleId],
    ['stitches', stitchId],
    ['threads', setup.threadIds.left],
    ['threads', setup.threadIds.middle],
    ['threads', setup.threadIds.right],
    ['threads', setup.bobbinId],
    ['cloths', setup.clothId],
    ['plates', setup.plateId],
    ['stabilizers', setup.stabilizerId],
  ]
  return pairs.flatMap(([table, id]) => (id === null ? [] : [{ table, id }]))
}
