import { formatShort } from '#core/units'
import { DRAW_WORDS, type TensionDial } from '#core/terms'
import { GOAL_FACTS } from '#core/trial'
import { needleNameAndType } from '#core/needle'
import type { Frozen, Swatch } from '../records'

/** Everything a swatch says, as label and value, in one order: for comparing, for CSV and for labels. */
export interface SwatchField {
  readonly id: string
  readonly label: string
  readonly value: string
}

/** Where a swatch's number comes from. */
export const SOURCE_WORDS = {
  own: 'own test',
  computed: 'computed',
  rule: 'quoted rule',
  guess: 'guess',
} as const

const NOT_KNOWN = 'not known'
const threadText = (thread: Frozen['bobbin']) => (thread ? thread.name : 'none')
const reading = (value: number | null) => (value === null ? 'not read' : String(value))
const dialText = ({ min, home, max }: TensionDial) =>
  `${formatShort(home)} on ${formatShort(min)} to ${formatShort(max)}`
const yesNo = (value: boolean) => (value ? 'yes' : 'no')

/** As one reads and writes it: “wadding 3.2 + backing”; a layer without a number is not measured. */
function underText(under: Swatch['setup']['under']): string {
  if (under.length === 0) return 'none'
  return under.map(({ kind, thicknessMm }) => [kind, thicknessMm ?? []].flat().join(' ')).join(' + ')
}

/** How a swatch was measured across: “120 to 109 over 10, read to 0.5”. */
const takeUpText = ({ beforeMm, afterMm, tucks, readMm }: NonNullable<Swatch['takeUp']>) =>
  `${beforeMm} to ${afterMm} over ${tucks}, read to ${readMm}`

const field = (id: string, label: string, value: string): SwatchField => ({ id, label, value })

/** Lengths are in mm whatever is shown elsewhere; what is not known says so. */
export function swatchFields(swatch: Swatch): SwatchField[] {
  return [
    ...stitchFields(swatch),
    ...needleAndThreadFields(swatch),
    ...fittedFields(swatch),
    ...readingFields(swatch),
    ...originFields(swatch),
  ]
}

function stitchFields({ goal, setup, frozen: { machine, stitch } }: Swatch): SwatchField[] {
  return [
    field('goal', 'Goal', GOAL_FACTS[goal].name),
    field('tension', 'Tension', setup.tension === null ? 'not set' : formatShort(setup.tension)),
    field('home', 'Normal tension and dial', machine?.dial ? dialText(machine.dial) : NOT_KNOWN),
    field('machine', 'Machine', machine?.name ?? 'none'),
    field('stitch', 'Stitch', stitch?.name ?? 'gone'),
    field('length', 'Length, mm', String(setup.stitch.lengthMm)),
    field('width', 'Width, mm', String(setup.stitch.widthMm)),
    field('position', 'Needle position, mm', String(setup.stitch.positionMm)),
  ]
}

function needleAndThreadFields({ setup, frozen: { needle, threads, bobbin } }: Swatch): SwatchField[] {
  const sewn = needle?.hoursSewn == null ? 'not counted' : String(needle.hoursSewn)
  const supplies = Object.values(setup.supplies)
    .map(({ place, draw }) => [place, draw && DRAW_WORDS[draw]].filter(Boolean).join(' '))
    .filter(Boolean)
  return [
    field('needle', 'Needle', needle ? needleNameAndType(needle) : 'none'),
    field('needleHours', 'Needle sewn, h', sewn),
    field('left', 'Left thread', threadText(threads.left)),
    field('middle', 'Middle thread', threadText(threads.middle)),
    field('right', 'Right thread', threadText(threads.right)),
    field('bobbin', 'Bobbin', threadText(bobbin)),
    field('supply', 'Supply', supplies.join(' / ') || NOT_KNOWN),
  ]
}

function fittedFields({ setup, frozen: { foot, plate, cloth, stabilizer } }: Swatch): SwatchField[] {
  return [
    field('foot', 'Foot', foot ?? 'none'),
    field('plate', 'Plate', plate),
    field('bobbinTension', 'Bobbin tension', setup.bobbinTension),
    field('pressure', 'Foot pressure', setup.pressure),
    field('speed', 'Speed', setup.speed ?? 'by the rule'),
    field('cloth', 'Cloth', cloth?.name ?? 'none'),
    field('layers', 'Layers', String(setup.layers)),
    field('under', 'Under it', underText(setup.under)),
    field('stabilizer', 'Stabilizer', stabilizer ?? 'none'),
  ]
}

function readingFields({ readings, rowsSewn, takeUp }: Swatch): SwatchField[] {
  return [
    field('show', 'Show', reading(readings.show)),
    field('ridge', 'Tuck height', reading(readings.ridge)),
    field('skips', 'Skips', yesNo(readings.skips)),
    field('breaks', 'Breaks', yesNo(readings.breaks)),
    field('holes', 'Holes', yesNo(readings.holes)),
    field('sound', 'Sound', readings.sound ?? 'not read'),
    field('takeUp', 'Take-up, mm', takeUp ? takeUpText(takeUp) : 'not measured'),
    field('rows', 'Rows sewn', rowsSewn === null ? 'not counted' : String(rowsSewn)),
  ]
}

function originFields({ verdict, source, keptAt, note }: Swatch): SwatchField[] {
  return [
    field('verdict', 'Verdict', verdict),
    field('source', 'Number from', SOURCE_WORDS[source]),
    field('date', 'Kept', keptAt.slice(0, 10)),
    field('note', 'Note', note),
  ]
}
