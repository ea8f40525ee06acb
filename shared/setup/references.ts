import { findStitch } from '#core/stitch'
import { EMPTY_SETUP } from './blank'
import type { SetupContent } from './schema'

/** What a setup may point at. */
export type OwnedTable =
  'machines' | 'feet' | 'needles' | 'threads' | 'cloths' | 'plates' | 'stabilizers' | 'stitches'

/** What records may point at. */
export interface Reference {
  readonly table: OwnedTable | 'pieces'
  readonly id: string
}

/** What a setup points at. Library stitches ship with the app and need no record. */
export function setupReferences(setup: SetupContent): Reference[] {
  const { stitchId } = setup.stitch
  const pairs: [OwnedTable, string | null][] = [
    ['machines', setup.machineId],
    ['feet', setup.footId],
    ['needles', setup.needleId],
    ['stitches', findStitch(stitchId) ? null : stitchId],
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

/** The setup without one thing it points at; the straight stitch takes the place of a stitch that is gone. */
export function setupWithout<T extends SetupContent>(setup: T, { table, id }: Reference): T {
  const kept = (value: string | null) => (value === id ? null : value)
  switch (table) {
    case 'machines':
      return { ...setup, machineId: kept(setup.machineId) }
    case 'feet':
      return { ...setup, footId: kept(setup.footId) }
    case 'needles':
      return { ...setup, needleId: kept(setup.needleId) }
    case 'cloths':
      return { ...setup, clothId: kept(setup.clothId) }
    case 'plates':
      return { ...setup, plateId: kept(setup.plateId) }
    case 'stabilizers':
      return { ...setup, stabilizerId: kept(setup.stabilizerId) }
    case 'stitches':
      return setup.stitch.stitchId === id ? { ...setup, stitch: EMPTY_SETUP.stitch } : setup
    case 'pieces':
      return setup
    case 'threads': {
      const { left, middle, right } = setup.threadIds
      const threadIds = { left: kept(left), middle: kept(middle), right: kept(right) }
      return { ...setup, threadIds, bobbinId: kept(setup.bobbinId) }
    }
  }
}
