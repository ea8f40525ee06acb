import { STITCHES } from '#core/stitch'
import Papa from 'papaparse'
import { NEEDLE_TYPES, needleLabel, parseNeedleLabel } from '#core/needle'
import { GOAL_FACTS, READING_STEPS, TRIAL_GOALS, type TrialGoal } from '#core/trial'
import { PLATE_NAMES, frozenOf, SOURCE_WORDS, swatchFields, GOAL_SETUPS } from '#shared/inputs'
import { EMPTY_SETUP, type SetupContent } from '#shared/setup'
import { issueLine } from '#shared/fields'
import type { PairingTables } from '#shared/inputs'
import { type Swatch, SWATCH_SOURCES, swatchSchema } from '#shared/records'
import { plainCell, safeCell } from '~/utils/csvCell'
import type { CsvPreview, CsvReading } from '~/stations/workbox/workboxCsv'

/** Larger files are refused before they are read, in characters. */
export const MOST_SWATCH_CSV = 20_000_000

/** Swatches as CSV: id and name, then every field as it is shown, lengths in mm. */
export function writeSwatchCsv(swatches: readonly Swatch[]): string {
  const [first] = swatches
  return Papa.unparse([
    ['id', 'name', ...(first ? swatchFields(first).map(({ id }) => id) : [])],
    ...swatches.map(swatch => [
      swatch.id,
      safeCell(swatch.name),
      ...swatchFields(swatch).map(({ value }) => safeCell(value)),
    ]),
  ])
}

export type SwatchCsvPreview = CsvPreview<Swatch>
export type SwatchCsvReading = CsvReading<Swatch>

/** Why a row cannot be taken; its message names field and mend. */
class RowProblem extends Error {}

const MISSING = new Set([
  '',
  'none',
  'not known',
  'not read',
  'not set',
  'not counted',
  'gone',
  'by the rule',
])

/**
 * Reads swatches from a CSV of ours, or one typed by hand; writes nothing. Parts are found by name in the
 * workbox; a known id changes that swatch, and what its row does not say stays as it was. A new one that does
 * not say where its number comes from is a guess.
 *
 * @param tables - what is in the book now.
 * @param now - for rows without a day.
 */
export function readSwatchCsv(
  file: string,
  tables: PairingTables & { readonly swatches: ReadonlyMap<string, Swatch> },
  newId: () => string,
  now: string,
): SwatchCsvReading {
  if (file.length > MOST_SWATCH_CSV)
    return { ok: false, message: `The file is larger than ${MOST_SWATCH_CSV / 1e6} MB: split it.` }
  const { data } = Papa.parse<string[]>(file.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  const [heading, ...rows] = data
  const headers = heading?.map(header => header.trim()) ?? []
  for (const needed of ['name', 'goal', 'tension'])
    if (!headers.includes(needed))
      return { ok: false, message: `Column “${needed}” is missing: every swatch needs it.` }
  const added: Swatch[] = []
  const changed: Swatch[] = []
  const refused: { row: number; name: string; message: string }[] = []
  let same = 0
  const taken = new Set<string>()
  for (const [index, row] of rows.entries()) {
    const cell: Cell = header =>
      headers.includes(header) ? plainCell((row[headers.indexOf(header)] ?? '').trim()) : undefined
    const place = { row: index + 2, name: cell('name')!.slice(0, 40) }
    try {
      if (row.length !== headers.length)
        throw new RowProblem(`has ${row.length} cells, the heading ${headers.length}`)
      const id = cell('id') ?? ''
      const old = tables.swatches.get(id)
      const record = swatchOf(cell, old, tables, old?.id ?? (/^[\w-]{1,64}$/.test(id) ? id : newId()), now)
      if (taken.has(record.id))
        throw new RowProblem(`id: ${record.id} stands in the file twice; the first is taken`)
      taken.add(record.id)
      if (!old) added.push(record)
      else if (JSON.stringify(old) === JSON.stringify(record)) same++
      else changed.push(record)
    } catch (problem) {
      if (!(problem instanceof RowProblem)) throw problem
      refused.push({ ...place, message: problem.message })
    }
  }
  return { ok: true, preview: { added, changed, same, refused } }
}

/** undefined: there is no such column. */
type Cell = (header: string) => string | undefined

function swatchOf(
  cell: Cell,
  old: Swatch | undefined,
  tables: PairingTables,
  id: string,
  now: string,
): Swatch {
  /** undefined: the row does not say; null: it says that there is none, or that it is not known. */
  const said = (header: string) => {
    const text = cell(header)
    return text === undefined || text === '' ? undefined : MISSING.has(text) ? null : text
  }
  const number = (header: string, otherwise: number): number => {
    const text = said(header)
    return text == null ? otherwise : Number(text.replace(',', '.'))
  }
  const yesNo = (header: 'skips' | 'breaks' | 'holes') => {
    const text = said(header)
    if (text === undefined) return old?.readings[header] ?? false
    if (text !== 'yes' && text !== 'no') throw new RowProblem(`${header}: must be yes or no`)
    return text === 'yes'
  }
  /** The id of a part by its name; one that is not owned is a problem, unless the swatch already had it. */
  const part = <T extends { id: string }>(
    header: string,
    all: ReadonlyMap<string, T>,
    nameOf: (record: T) => string,
    before: string | null,
    frozen: string | null,
  ): string | null => {
    const name = said(header)
    if (name === undefined) return before
    if (name === null) return null
    if (name === frozen) return before
    const found = [...all.values()].find(record => nameOf(record) === name)
    if (!found)
      throw new RowProblem(`${header}: “${name.slice(0, 40)}” is not in the workbox: add it there first`)
    return found.id
  }
  const goalText = cell('goal')
  const goal: TrialGoal | undefined = TRIAL_GOALS.find(
    one => GOAL_FACTS[one].name === goalText || one === goalText,
  )
  if (!goal)
    throw new RowProblem(`goal: must be one of ${TRIAL_GOALS.map(one => GOAL_FACTS[one].name).join(', ')}`)
  const before =
    old?.setup
    ?? (({ id: _, ...setup }) => ({
      ...setup,
      goal: GOAL_SETUPS[goal].goal,
      technique: GOAL_SETUPS[goal].technique ?? setup.technique,
    }))(EMPTY_SETUP)
  const had = old && Object.fromEntries(swatchFields(old).map(field => [field.id, field.value]))
  const named = (record: { name: string }) => record.name
  const needleName = (text: string) => {
    const reading = parseNeedleLabel(text)
    return [...tables.needles.values()].find(
      needle =>
        reading.ok
        && needle.construction === reading.needle.construction
        && needle.gapMm === reading.needle.gapMm
        && needle.sizeNm === reading.needle.sizeNm
        && needle.type === (NEEDLE_TYPES.find(type => text.endsWith(type)) ?? 'universal'),
    )?.id
  }
  const needleText = said('needle')
  const needleId =
    needleText === null
      ? null
      : needleText === undefined || needleText === had?.needle
        ? before.needleId
        : (needleName(needleText) ?? null)
  if (needleText != null && needleText !== had?.needle && needleId === null)
    throw new RowProblem(
      `needle: “${needleText.slice(0, 40)}” is not in the workbox: add it there first, such as `
        + `${needleLabel({ construction: 'twin', gapMm: 2, sizeNm: 80 })} universal`,
    )
  const stitchName = said('stitch')
  const stitchId =
    stitchName == null || stitchName === had?.stitch
      ? before.stitch.stitchId
      : [...STITCHES, ...tables.stitches.values()].find(({ name }) => name === stitchName)?.id
  if (stitchId === undefined) throw new RowProblem(`stitch: “${stitchName!.slice(0, 40)}” is not known`)
  const thread = (blade: 'left' | 'middle' | 'right') =>
    part(blade, tables.threads, named, before.threadIds[blade], old?.frozen.threads[blade]?.name ?? null)
  const reading = (header: 'show' | 'ridge') => {
    const text = said(header)
    if (text === undefined) return old?.readings[header] ?? null
    if (text === null) return null
    const step = READING_STEPS.find(one => String(one) === text.replace('−', '-').replace('+', ''))
    if (step === undefined) throw new RowProblem(`${header}: must be a whole step from -3 to 3`)
    return step
  }
  const plate = () => {
    const name = said('plate')
    if (name == null || name === had?.plate) return { plate: before.plate, plateId: before.plateId }
    const kind = (Object.keys(PLATE_NAMES) as (keyof typeof PLATE_NAMES)[]).find(
      one => PLATE_NAMES[one] === name,
    )
    return kind
      ? { plate: kind, plateId: null }
      : { plate: before.plate, plateId: part('plate', tables.plates, named, before.plateId, null) }
  }
  const sourceText = said('source')
  const source =
    sourceText == null
      ? (old?.source ?? 'guess')
      : SWATCH_SOURCES.find(one => SOURCE_WORDS[one] === sourceText)
  if (!source) throw new RowProblem(`source: must be one of ${Object.values(SOURCE_WORDS).join(', ')}`)
  const setup = {
    ...before,
    machineId: part('machine', tables.machines, named, before.machineId, old?.frozen.machine?.name ?? null),
    needleId,
    footId: part('foot', tables.feet, named, before.footId, old?.frozen.foot ?? null),
    stitch: {
      ...before.stitch,
      stitchId,
      lengthMm: number('length', before.stitch.lengthMm),
      widthMm: number('width', before.stitch.widthMm),
      positionMm: number('position', before.stitch.positionMm),
    },
    threadIds: { left: thread('left'), middle: thread('middle'), right: thread('right') },
    bobbinId: part('bobbin', tables.threads, named, before.bobbinId, old?.frozen.bobbin?.name ?? null),
    tension:
      said('tension') === null
        ? null
        : said('tension') === undefined
          ? before.tension
          : number('tension', Number.NaN),
    clothId: part('cloth', tables.cloths, named, before.clothId, old?.frozen.cloth?.name ?? null),
    layers: number('layers', before.layers),
    stabilizerId: part(
      'stabilizer',
      tables.stabilizers,
      named,
      before.stabilizerId,
      old?.frozen.stabilizer ?? null,
    ),
    ...plate(),
    bobbinTension: said('bobbinTension') ?? before.bobbinTension,
    pressure: said('pressure') ?? before.pressure,
    speed: said('speed') === undefined ? before.speed : said('speed'),
  }
  // Blades that are not there have no thread in the file: what the swatch had stays.
  if (old)
    for (const blade of ['left', 'middle', 'right'] as const)
      if (old.frozen.threads[blade] === null && said(blade) == null)
        setup.threadIds[blade] = before.threadIds[blade]
  const partsSame =
    old
    && JSON.stringify({
      ...setup,
      tension: null,
      stitch: { ...setup.stitch, lengthMm: 0, widthMm: 0, positionMm: 0 },
    })
      === JSON.stringify({
        ...before,
        tension: null,
        stitch: { ...before.stitch, lengthMm: 0, widthMm: 0, positionMm: 0 },
      })
  const day = said('date')
  // The words for tension, pressure and speed are checked here too; nothing frozen depends on them.
  const parsed = swatchSchema.safeParse({
    id,
    name: cell('name'),
    goal,
    setup,
    frozen: partsSame ? old.frozen : frozenOf(setup as SetupContent, tables),
    readings: {
      ridge: reading('ridge'),
      show: reading('show'),
      skips: yesNo('skips'),
      breaks: yesNo('breaks'),
      holes: yesNo('holes'),
      sound: said('sound') === undefined ? (old?.readings.sound ?? null) : said('sound'),
    },
    rowsSewn:
      said('rows') === undefined ? (old?.rowsSewn ?? null) : said('rows') === null ? null : number('rows', 0),
    verdict: said('verdict') ?? old?.verdict ?? 'usable',
    note: cell('note') ?? old?.note ?? '',
    keptAt: day == null || day === old?.keptAt.slice(0, 10) ? (old?.keptAt ?? now) : `${day}T12:00:00Z`,
    source,
    photos: old?.photos ?? { front: null, back: null },
  })
  if (!parsed.success) throw new RowProblem(issueLine(parsed.error))
  return parsed.data
}
