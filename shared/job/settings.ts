import { JOBS } from '#core/job'
import type { FootWish, StartSettings, StartSource } from '#core/pairing'
import { hasSwing } from '#core/stitch'
import { beginningWidthMm, judgeSwing } from '#core/swing'
import { formatShort, machineLength } from '#core/units'
import { setupPartsOf, feetGuiding, type PairingTables, plateOn, swingInputOf, USUAL_ROW_MM } from '../inputs'
import type { Foot, Settings } from '../records'
import { carriedOver, familyWords, type SetupContent, tensionFromOf } from '../setup'

/** One thing a job or “Dial in” sets, with where it comes from. */
export interface Setting {
  readonly name: string
  /** What is set now, and what it becomes. */
  readonly from: string
  readonly to: string
  readonly source: StartSource | 'sewn'
  readonly why: string
  /** What is wanted and not owned: then nothing is changed. */
  readonly missing: string | null
}

export interface Settled {
  readonly setup: SetupContent
  /** In the order they are set; what stays as it is among them. */
  readonly settings: readonly Setting[]
}

export interface Workplace {
  readonly tables: PairingTables
  readonly settings: Settings
}

/** Whether it is another value than before. */
export const isChange = ({ from, to }: Setting): boolean => from !== to

/**
 * A setup with every start value set: foot and plate first, for the width may be no wider than is safe
 * between them; the tension last, for it belongs to all of it.
 */
export function dialledIn(setup: SetupContent, start: StartSettings, place: Workplace): Settled {
  const steps: Step[] = [footSetting, plateSetting, stabilizerSetting, lengthSetting, widthSetting]
  const more = [speedSetting, tensionSetting]
  return [...steps, ...more].reduce<Settled>(
    (so, step) => {
      const { change, setting } = step(so.setup, start, place)
      return {
        setup: { ...so.setup, ...change },
        settings: setting ? [...so.settings, setting] : so.settings,
      }
    },
    { setup, settings: [] },
  )
}

/** Length and width as the start values say, no wider than is safe. */
export function withStartSize(setup: SetupContent, start: StartSize, place: Workplace): Settled {
  const length = lengthSetting(setup, start, place)
  const sized = { ...setup, ...length.change }
  const width = widthSetting(sized, start, place)
  return {
    setup: { ...sized, ...width.change },
    settings: [length.setting, width.setting].filter(setting => setting !== null),
  }
}
export type StartSize = Pick<StartSettings, 'length' | 'width'>
type SizeStep = (setup: SetupContent, start: StartSize, place: Workplace) => ReturnType<Step>

type Step = (
  setup: SetupContent,
  start: StartSettings,
  place: Workplace,
) => { readonly change: Partial<SetupContent>; readonly setting: Setting | null }
const NOTHING = { change: {}, setting: null } as const

const footSetting: Step = (setup, { foot }, { tables, settings }) => {
  const name = (id: string | null) => tables.feet.get(id ?? '')?.name ?? 'none'
  const said = { name: 'Foot', from: name(setup.footId), source: foot.source, why: foot.why }
  const found = footFor(foot.value ?? [], setup, tables, settings)
  if (!found)
    return { change: {}, setting: { ...said, to: said.from, missing: `you own no ${foot.text} that fits` } }
  return { change: { footId: found.id }, setting: { ...said, to: found.name, missing: null } }
}

/** The foot that is on where it is wished for; else the first owned that lets the needle through. */
function footFor(
  wishes: readonly FootWish[],
  setup: SetupContent,
  tables: PairingTables,
  settings: Settings,
): Foot | null {
  const fits = (foot: Foot) => {
    const on = { ...setup, footId: foot.id, stitch: { ...setup.stitch, widthMm: 0 } }
    const input = swingInputOf(on, setupPartsOf(on, tables), settings)
    return input === null || judgeSwing(input).verdict !== 'strikes'
  }
  const fitting = wishes.flatMap(({ kind, sole }) =>
    [...tables.feet.values()].filter(
      foot => foot.kind === kind && (sole === null || foot.sole === sole) && fits(foot),
    ),
  )
  const wished = setup.job === 'topstitching' ? guidingFirst(fitting, setup, tables) : fitting
  return wished.find(({ id }) => id === setup.footId) ?? wished[0] ?? null
}

/** Feet that guide the row one begins with, of the kind wished for or not; the others where none does. */
function guidingFirst(wished: readonly Foot[], setup: SetupContent, tables: PairingTables): readonly Foot[] {
  const guiding = feetGuiding(setup, tables, USUAL_ROW_MM)
  const those = wished.filter(({ id }) => guiding.includes(id))
  if (those.length > 0) return those
  const [nearest] = guiding
  return nearest === undefined ? wished : [tables.feet.get(nearest)!]
}

const plateSetting: Step = (setup, { plate }, { tables }) => {
  const from = plateOn(setup, setupPartsOf(setup, tables).plate)
  const said = { name: 'Plate', from: from.name, source: plate.source, why: plate.why, missing: null }
  const stays = plate.value === null || from.singleHole === (plate.value === 'single-hole')
  if (stays) return { change: {}, setting: { ...said, to: from.name } }
  const change = { plate: plate.value, plateId: null }
  return { change, setting: { ...said, to: plateOn({ ...setup, ...change }, null).name } }
}

const stabilizerSetting: Step = (setup, { stabilizer }, { tables }) => {
  const on = tables.stabilizers.get(setup.stabilizerId ?? '')
  const said = {
    name: 'Stabilizer',
    source: stabilizer.source,
    why: stabilizer.why,
    from: on?.name ?? 'none',
  }
  if (stabilizer.value === 'none')
    return { change: { stabilizerId: null }, setting: { ...said, to: 'none', missing: null } }
  const owned = [...tables.stabilizers.values()].filter(({ kind }) => kind === stabilizer.value)
  const found = owned.find(({ id }) => id === on?.id) ?? owned[0]
  return found
    ? { change: { stabilizerId: found.id }, setting: { ...said, to: found.name, missing: null } }
    : { change: {}, setting: { ...said, to: said.from, missing: `you own no ${stabilizer.text}` } }
}

/** How close a job's stitches lie: as the person set it where that is close enough; null: as the stitch. */
function densityOf({ job, stitch }: SetupContent) {
  const { density } = JOBS[job]
  if (!density) return null
  const [least, most] = density.keptMm
  const isOwn = stitch.lengthMm >= least && stitch.lengthMm <= most
  return isOwn
    ? { lengthMm: stitch.lengthMm, why: 'as close as you set it' }
    : { lengthMm: density.lengthMm, why: 'columns lie closed' }
}

const lengthSetting: SizeStep = (setup, { length }, { tables }) => {
  const { stitch } = setupPartsOf(setup, tables)
  const close = densityOf(setup)
  const lengthMm = close?.lengthMm ?? length.value ?? stitch?.defaultLengthMm
  if (lengthMm === undefined) return NOTHING
  const usual = length.value === null ? 'as the stitch is usually sewn' : length.why
  const why = close?.why ?? usual
  return {
    change: { stitch: { ...setup.stitch, lengthMm } },
    setting: {
      name: 'Length',
      from: machineLength(setup.stitch.lengthMm),
      to: machineLength(lengthMm),
      source: length.source,
      why,
      missing: null,
    },
  }
}

/** As wide as is wished for, and never wider than is safe. */
const widthSetting: SizeStep = (setup, { width }, { tables, settings }) => {
  const parts = setupPartsOf(setup, tables)
  if (!parts.stitch || !hasSwing(parts.stitch)) return NOTHING
  const wished = width.value ?? (setup.stitch.widthMm || parts.stitch.defaultWidthMm)
  const input = swingInputOf(setup, parts, settings)
  const widthMm = input ? beginningWidthMm(wished, input) : wished
  const isLess = widthMm < wished
  return {
    change: { stitch: { ...setup.stitch, widthMm } },
    setting: {
      name: 'Width',
      from: machineLength(setup.stitch.widthMm),
      to: machineLength(widthMm),
      source: width.source,
      why: isLess ? `safe here; ${machineLength(wished)} would be usual` : widthWhy(width),
      missing: null,
    },
  }
}
const widthWhy = ({ value, why }: StartSettings['width']) => (value === null ? 'safe here' : why)

/** null follows the rule for the thread, whatever thread that will be. */
const speedSetting: Step = (setup, { speed }) => {
  const from = setup.speed === null || setup.speed === speed.value ? speed.text : setup.speed
  const { text: to, source, why } = speed
  return { change: { speed: null }, setting: { name: 'Speed', from, to, source, why, missing: null } }
}

/** One found on a strip stays for what it was sewn with. */
const tensionSetting: Step = (setup, { tension }, { tables }) => {
  const from = setup.tension === null ? 'not set' : formatShort(setup.tension)
  const { value, text, source, why } = tension
  const isFound = setup.tensionFrom?.how === 'sewn' && setup.tensionFrom.tension === setup.tension
  if (isFound && carriedOver(setup, tables).length === 0) {
    const why = familyWords(setup, tables) ?? 'a row was sewn with all of this'
    const found = { source: 'sewn', why, missing: null } as const
    return { change: {}, setting: { name: 'Tension', from, to: from, ...found } }
  }
  const said = { name: 'Tension', from, source, why }
  if (value === null)
    return {
      change: {},
      setting: { ...said, to: from, missing: `${text}: this machine’s dial is not known` },
    }
  const set = { ...setup, tension: value }
  const change = { tension: value, tensionFrom: tensionFromOf(set, 'start') }
  return { change, setting: { ...said, to: text, missing: null } }
}
