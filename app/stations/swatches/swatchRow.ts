import { DEFAULT_READ_MM } from '#core/pintucks'
import { parseDecimal } from '#core/units'
import { GOAL_FACTS, TRIAL_GOALS, type TrialGoal } from '#core/trial'
import { issueLine } from '#shared/fields'
import { frozenOf, GOAL_SETUPS, SOURCE_WORDS, swatchFields } from '#shared/inputs'
import { type Frozen, type Swatch, SWATCH_SOURCES, swatchSchema } from '#shared/records'
import { EMPTY_SETUP, type SetupContent, tensionFromOf } from '#shared/setup'
import {
  type Draft,
  numberSaid,
  readingSaid,
  type Row,
  said,
  SETUP_COLUMNS,
  wordSaid,
  yesNoSaid,
} from './swatchColumns'
import { RowProblem } from '~/utils/csv'

/**
 * A row as the swatch it makes or changes.
 *
 * @param id - the swatch's.
 * @param now - for a row without a day.
 * @throws {RowProblem} naming field and mend.
 */
export function swatchOf(row: Row, id: string, now: string): Swatch {
  const { cell, old } = row
  const goal = goalSaid(row)
  const before = old?.setup ?? setupForGoal(goal)
  const had = old && Object.fromEntries(swatchFields(old).map(field => [field.id, field.value]))
  const setup: Draft = { ...before }
  for (const column of SETUP_COLUMNS) column({ ...row, had }, setup, before)
  if (setup.tension !== before.tension) setup.tensionFrom = tensionFromOf(setup as SetupContent, 'typed')
  // The words for tension, pressure and speed are checked here too; nothing frozen depends on them.
  const parsed = swatchSchema.safeParse({
    id,
    name: cell('name'),
    goal,
    setup,
    frozen: frozenAs(row, setup as SetupContent),
    readings: {
      ridge: readingSaid(row, 'ridge'),
      show: readingSaid(row, 'show'),
      skips: yesNoSaid(row, 'skips'),
      breaks: yesNoSaid(row, 'breaks'),
      holes: yesNoSaid(row, 'holes'),
      sound: wordSaid(row, 'sound', old?.readings.sound ?? null),
    },
    rowsSewn: rowsSaid(row),
    verdict: said(row, 'verdict') ?? old?.verdict ?? 'usable',
    note: cell('note') ?? old?.note ?? '',
    keptAt: keptAt(row, now),
    source: sourceSaid(row),
    photos: old?.photos ?? { front: null, back: null },
    takeUp: takeUpSaid(row),
  })
  if (!parsed.success) throw new RowProblem(issueLine(parsed.error))
  return parsed.data
}

/** As it was frozen, while no part changed; else as the workbox has the parts now. */
function frozenAs({ old, tables }: Row, setup: SetupContent): Frozen {
  return old && partsOf(setup) === partsOf(old.setup) ? old.frozen : frozenOf(setup, tables)
}

/** What a setup is frozen from: its parts, without the numbers set on them. */
function partsOf(setup: SetupContent): string {
  const stitch = { ...setup.stitch, lengthMm: 0, widthMm: 0, positionMm: 0 }
  return JSON.stringify({ ...setup, tension: null, stitch })
}

function goalSaid({ cell }: Row): TrialGoal {
  const text = cell('goal')
  const goal = TRIAL_GOALS.find(candidate => GOAL_FACTS[candidate].name === text || candidate === text)
  if (goal) return goal
  throw new RowProblem(
    `goal: must be one of ${TRIAL_GOALS.map(candidate => GOAL_FACTS[candidate].name).join(', ')}`,
  )
}

/** What a new swatch begins with: an empty setup, meant for its goal. */
function setupForGoal(goal: TrialGoal): SetupContent {
  const aim = GOAL_SETUPS[goal]
  return { ...EMPTY_SETUP, goal: aim.goal, job: aim.job ?? EMPTY_SETUP.job }
}

function sourceSaid(row: Row): Swatch['source'] {
  const text = said(row, 'source')
  if (text == null) return row.old?.source ?? 'guess'
  const source = SWATCH_SOURCES.find(candidate => SOURCE_WORDS[candidate] === text)
  if (source) return source
  throw new RowProblem(`source: must be one of ${Object.values(SOURCE_WORDS).join(', ')}`)
}

function rowsSaid(row: Row): number | null {
  const text = said(row, 'rows')
  if (text === undefined) return row.old?.rowsSewn ?? null
  return text === null ? null : numberSaid(row, 'rows', 0)
}

const TAKE_UP = /^([\d.,]+) to ([\d.,]+) over (\d+)(?:, read to ([\d.,]+))?$/
function takeUpSaid(row: Row): Swatch['takeUp'] {
  const text = said(row, 'takeUp')
  if (text === undefined) return row.old?.takeUp ?? null
  if (text === null || text === 'not measured') return null
  const found = TAKE_UP.exec(text)
  if (!found) throw new RowProblem('takeUp: must be such as “120 to 109 over 10, read to 0.5”')
  const [beforeMm, afterMm, tucks, readMm] = found
    .slice(1)
    .map(part => (part ? parseDecimal(part) : undefined))
  return { beforeMm: beforeMm!, afterMm: afterMm!, tucks: tucks!, readMm: readMm ?? DEFAULT_READ_MM }
}

function keptAt(row: Row, now: string): string {
  const day = said(row, 'date')
  const { old } = row
  if (day == null || day === old?.keptAt.slice(0, 10)) return old?.keptAt ?? now
  return `${day}T12:00:00Z`
}
