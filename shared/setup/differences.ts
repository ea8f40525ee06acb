import { BLADES, type Blade, type Needle, needleNameAndType, type NeedleType } from '#core/needle'
import { findStitch } from '#core/stitch'
import { DRAW_WORDS, settingWord } from '#core/terms'
import type { SetupContent } from './schema'

/** What a setup may point at, as far as it has a name: its own, or what stands on a needle's packet. */
type Named = { readonly name: string } | (Needle & { readonly type: NeedleType })
type NamedTable = ReadonlyMap<string, Named>
export interface NamedTables {
  readonly machines: NamedTable
  readonly feet: NamedTable
  readonly needles: NamedTable
  readonly threads: NamedTable
  readonly cloths: NamedTable
  readonly plates: NamedTable
  readonly stabilizers: NamedTable
  readonly stitches: NamedTable
}

/** One thing that is not the same any more, in words. */
export interface Difference {
  readonly what: string
  readonly stitch: boolean
}

/** A part of the setup that a trial row depends on: what it is called, and what it is in words. */
interface Part {
  readonly what: string
  readonly words: (setup: SetupContent, tables: NamedTables) => string
  /** It belongs to the stitch. */
  readonly stitch?: true
  /** What it is, where two may be called alike; left out: its words say it. */
  readonly id?: (setup: SetupContent) => string | null
}

const yesNo = (value: boolean) => (value ? 'yes' : 'no')

function nameIn(table: NamedTable, id: string | null): string {
  if (id === null) return 'none'
  const found = table.get(id)
  if (found === undefined) return 'gone'
  return 'name' in found ? found.name : needleNameAndType(found)
}

const threadPart = (blade: Blade): Part => ({
  what: `${blade} thread`,
  words: (setup, { threads }) => nameIn(threads, setup.threadIds[blade]),
  id: setup => setup.threadIds[blade],
})

const supplyPart = (blade: Blade): Part => ({
  what: `${blade} supply`,
  words: ({ supplies }) => {
    const { place, draw } = supplies[blade]
    return [place, draw && DRAW_WORDS[draw]].filter(Boolean).join(' ') || 'not known'
  },
})

const underWords = ({ kind, thicknessMm }: SetupContent['under'][number]) =>
  thicknessMm === null ? kind : `${kind} ${thicknessMm}`

/** The tension and what no row depends on are left out. */
const PARTS: readonly Part[] = [
  {
    what: 'machine',
    words: ({ machineId }, { machines }) => nameIn(machines, machineId),
    id: setup => setup.machineId,
  },
  { what: 'needle', words: ({ needleId }, { needles }) => nameIn(needles, needleId) },
  { what: 'foot', words: ({ footId }, { feet }) => nameIn(feet, footId), id: setup => setup.footId },
  { what: 'plate', words: ({ plate, plateId }, { plates }) => (plateId ? nameIn(plates, plateId) : plate) },
  {
    what: 'stitch',
    words: ({ stitch: { stitchId } }, { stitches }) =>
      findStitch(stitchId)?.name ?? nameIn(stitches, stitchId),
    stitch: true,
  },
  { what: 'stitch length', words: ({ stitch }) => String(stitch.lengthMm), stitch: true },
  { what: 'stitch width', words: ({ stitch }) => String(stitch.widthMm), stitch: true },
  { what: 'mirror', words: ({ stitch }) => yesNo(stitch.mirror), stitch: true },
  { what: 'needle position', words: ({ stitch }) => String(stitch.positionMm), stitch: true },
  ...BLADES.map(threadPart),
  ...BLADES.map(supplyPart),
  { what: 'second spool', words: ({ secondSpool }) => secondSpool ?? 'not said' },
  {
    what: 'shared discs',
    words: ({ sharedDiscs }) => (sharedDiscs === null ? 'not known' : yesNo(sharedDiscs)),
  },
  {
    what: 'bobbin',
    words: ({ bobbinId }, { threads }) => nameIn(threads, bobbinId),
    id: setup => setup.bobbinId,
  },
  { what: 'bobbin tension', words: ({ bobbinTension }) => settingWord(bobbinTension) },
  { what: 'foot pressure', words: ({ pressure }) => settingWord(pressure) },
  { what: 'speed', words: ({ speed }) => speed ?? 'by the rule' },
  { what: 'cloth', words: ({ clothId }, { cloths }) => nameIn(cloths, clothId), id: setup => setup.clothId },
  { what: 'layers', words: ({ layers }) => String(layers) },
  { what: 'under it', words: ({ under }) => under.map(underWords).join(', ') || 'nothing' },
  {
    what: 'stabilizer',
    words: ({ stabilizerId }, { stabilizers }) => nameIn(stabilizers, stabilizerId),
    id: setup => setup.stabilizerId,
  },
]

/** What two setups differ in, as far as a trial row depends on it. */
export function differencesOf(before: SetupContent, now: SetupContent, tables: NamedTables): Difference[] {
  return PARTS.flatMap(({ what, words, stitch = false, id }) => {
    const was = words(before, tables)
    const is = words(now, tables)
    if (was !== is) return [{ what: `${what}: ${was} → ${is}`, stitch }]
    return id && id(before) !== id(now) ? [{ what: `${what}: ${was} → another of that name`, stitch }] : []
  })
}
