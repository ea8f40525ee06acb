import { findStitch } from '#core/stitch'
import type { AnyRecord, SetupContent } from './records'

interface NamedTables {
  readonly machines: ReadonlyMap<string, AnyRecord>
  readonly feet: ReadonlyMap<string, AnyRecord>
  readonly needles: ReadonlyMap<string, AnyRecord>
  readonly threads: ReadonlyMap<string, AnyRecord>
  readonly cloths: ReadonlyMap<string, AnyRecord>
  readonly plates: ReadonlyMap<string, AnyRecord>
  readonly stabilizers: ReadonlyMap<string, AnyRecord>
  readonly stitches: ReadonlyMap<string, AnyRecord>
}

/** One thing that is not the same any more, in words. */
export interface Difference {
  readonly what: string
  readonly stitch: boolean
}

const yesNo = (value: boolean) => (value ? 'yes' : 'no')

/** What two setups differ in, the tension and what no row depends on left out. */
export function differencesOf(before: SetupContent, now: SetupContent, tables: NamedTables): Difference[] {
  const name = (table: ReadonlyMap<string, AnyRecord>, id: string | null) => {
    if (id === null) return 'none'
    const found = table.get(id)
    return found === undefined
      ? 'gone'
      : 'name' in found
        ? found.name
        : 'sizeNm' in found
          ? `${found.construction} ${found.gapMm > 0 ? `${found.gapMm}/` : ''}${found.sizeNm} ${found.type}`
          : id
  }
  const stitchName = (id: string) => findStitch(id)?.name ?? name(tables.stitches, id)
  const pairs: [string, (setup: SetupContent) => string, boolean?][] = [
    ['machine', s => name(tables.machines, s.machineId)],
    ['needle', s => name(tables.needles, s.needleId)],
    ['foot', s => name(tables.feet, s.footId)],
    ['plate', s => (s.plateId ? name(tables.plates, s.plateId) : s.plate)],
    ['stitch', s => stitchName(s.stitch.stitchId), true],
    ['stitch length', s => String(s.stitch.lengthMm), true],
    ['stitch width', s => String(s.stitch.widthMm), true],
    ['mirror', s => yesNo(s.stitch.mirror), true],
    ['needle position', s => String(s.stitch.positionMm), true],
    ['left thread', s => name(tables.threads, s.threadIds.left)],
    ['middle thread', s => name(tables.threads, s.threadIds.middle)],
    ['right thread', s => name(tables.threads, s.threadIds.right)],
    ...(['left', 'middle', 'right'] as const).map((blade): [string, (setup: SetupContent) => string] => [
      `${blade} supply`,
      ({
        supplies: {
          [blade]: { place, draw },
        },
      }) => [place, draw].filter(Boolean).join(' ') || 'not known',
    ]),
    ['shared discs', s => (s.sharedDiscs === null ? 'not known' : yesNo(s.sharedDiscs))],
    ['bobbin', s => name(tables.threads, s.bobbinId)],
    ['bobbin tension', s => s.bobbinTension],
    ['foot pressure', s => s.pressure],
    ['speed', s => s.speed ?? 'by the rule'],
    ['cloth', s => name(tables.cloths, s.clothId)],
    ['layers', s => String(s.layers)],
    ['stabilizer', s => name(tables.stabilizers, s.stabilizerId)],
  ]
  return pairs.flatMap(([what, of, stitch = false]) => {
    const [was, is] = [of(before), of(now)]
    return was === is ? [] : [{ what: `${what}: ${was} → ${is}`, stitch }]
  })
}
