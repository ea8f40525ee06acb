import { pieceMinutes, seamHours, stitchesPerMinute } from '#core/care'
import {
  type DialScale,
  evenFit,
  fitCount,
  type LengthDial,
  marksAsSewn,
  marksOfPlans,
  UNKNOWN_LENGTH_DIAL,
} from '#core/fit'
import { leastOf } from '#core/measured'
import { CONSTRUCTIONS, type Needle } from '#core/needle'
import { type PintuckInput, swatchTucksFor } from '#core/pintucks'
import {
  areaRows,
  type Guide,
  outlineOfShape,
  type PlannedRow,
  planRows,
  type RowsInput,
} from '#core/topstitch'
import { CORNER_DEG } from '#core/shape'
import { spreadOf } from '../fields'
import type {
  Cloth,
  Foot,
  Machine,
  NeedleRecord,
  PintuckPiece,
  Settings,
  Swatch,
  TopstitchPiece,
} from '../records'
import type { SetupContent } from '../setup'
import { dialScaleOf } from './feed'
import { type ThreadNeeds, threadNeedsOf } from './needs'
import { seamOf } from './seam'
import { type SetupTables, setupPartsOf, gapOf } from './swing'

type SeamTables = Parameters<typeof seamOf>[1]

/** A plan as the core works out it; null while there is no twin needle to make tucks with. */
export function pintuckInputOf(
  plan: PintuckPiece,
  setup: SetupContent,
  tables: SetupTables & { readonly cloths: ReadonlyMap<string, Cloth> },
): PintuckInput | null {
  const { needle, foot } = setupPartsOf(setup, tables)
  if (!needle || needle.construction === 'single') return null
  const { grooves = null, groovePitchMm = null } = foot ?? {}
  return {
    needle: { gapMm: gapOf(needle), sizeNm: needle.sizeNm },
    layout: {
      wanted: plan.wanted.by === 'count' ? { count: plan.wanted.count } : { fillMm: plan.wanted.fillMm },
      spacingMm: plan.spacingMm,
      group: plan.group,
      pieceMm: plan.pieceMm,
      edgeMm: plan.edgeMm,
    },
    clothMm: tables.cloths.get(setup.clothId ?? '')?.thicknessMm ?? null,
    reserveMm: plan.reserveMm,
    takeUp: plan.takeUp,
    foot:
      foot && grooves !== null && groovePitchMm !== null
        ? { grooves, pitchMm: groovePitchMm, ...pitchSpread(foot) }
        : null,
    cordMm: plan.cordMm,
  }
}

const pitchSpread = (foot: Foot) => {
  const pitchSpreadMm = spreadOf(foot, 'groovePitchMm')
  return pitchSpreadMm === null ? {} : { pitchSpreadMm }
}

/** From and to which height each tuck runs, in mm from the lower edge. */
export function tuckRuns({ runs, tallMm }: PintuckPiece, count: number): (readonly [number, number])[] {
  const said = new Map(
    runs.map(({ tuck, fromMm, toMm }) => [tuck, [fromMm, Math.min(toMm, tallMm)] as const]),
  )
  return Array.from({ length: count }, (_, i) => said.get(i + 1) ?? ([0, tallMm] as const))
}

/** Swatches whose take-up was measured with the same needle, cloth, threads and tension, the newest first. */
export function takeUpSwatches(
  setup: SetupContent,
  needle: Needle,
  swatches: Iterable<Swatch>,
): { readonly swatch: Swatch; readonly isSame: boolean }[] {
  const found = [...swatches].filter(
    ({ takeUp, frozen }) => takeUp && frozen.needle && frozen.needle.gapMm === needle.gapMm,
  )
  return found
    .map(swatch => ({ swatch, isSame: isSameSeam(swatch.setup, setup) }))
    .sort((a, b) => Number(b.isSame) - Number(a.isSame) || b.swatch.keptAt.localeCompare(a.swatch.keptAt))
}
function isSameSeam(a: SetupContent, b: SetupContent): boolean {
  return (
    a.clothId === b.clothId
    && a.layers === b.layers
    && a.tension === b.tension
    && a.threadIds.left === b.threadIds.left
    && a.threadIds.right === b.threadIds.right
  )
}

/** How many tucks a swatch needs for the tolerance of this piece. */
export const piecePrecision = (plan: PintuckPiece, count: number): number =>
  swatchTucksFor(count, plan.toleranceMm, plan.takeUp?.readMm)

/** The dial for stitch length, and whether anybody described it. */
export interface LengthDialOn {
  readonly dial: LengthDial
  readonly isKnown: boolean
}
export function lengthDialOf(machine: Pick<Machine, 'lengthDial'> | null): LengthDialOn {
  const known = machine?.lengthDial ?? null
  return { dial: known ?? UNKNOWN_LENGTH_DIAL, isKnown: known !== null }
}

/** A guide of a foot one owns. */
export interface OwnedGuide extends Guide {
  readonly footId: string
  readonly words: string
  /** How well its distance is known, one standard deviation; null: nobody noted it. */
  readonly spreadMm: number | null
}
const PARTS = [
  ['flangeMm', 'flange'],
  ['toeInsideMm', 'toe, inside'],
  ['toeOutsideMm', 'toe, outside'],
] as const

/** What an opening is at least. */
const openingOf = (foot: Foot): number =>
  leastOf({ value: foot.slotMm ?? 0, spread: spreadOf(foot, 'slotMm') ?? 0 })

type MeasuredGap = Partial<Pick<NeedleRecord, 'trueGapMm'>>

/** Half of what stands beside the middle of a needle: its span and its blade. */
function reachOf(needle: Needle & MeasuredGap): number {
  const { construction, sizeNm } = needle
  const between = CONSTRUCTIONS.indexOf(construction)
  return (between * gapOf(needle)) / 2 + sizeNm / 200
}

/** Guides of all feet owned; a foot that this needle would hit, by its opening or its flange, is none. */
export function guidesOf(feet: Iterable<Foot>, needle: Needle & MeasuredGap): OwnedGuide[] {
  const reachMm = reachOf(needle)
  const isTwin = needle.construction !== 'single'
  return [...feet].flatMap(foot => {
    const isStruck = (isTwin && foot.singleHole) || (foot.slotMm !== null && openingOf(foot) / 2 < reachMm)
    if (isStruck) return []
    return PARTS.flatMap(([field, words]): OwnedGuide[] => {
      const mm = foot[field]
      const isInTheWay = field === 'flangeMm' && isTwin && mm !== null && Math.abs(mm) < reachMm
      if (mm === null || isInTheWay) return []
      return [
        {
          id: `${foot.id} ${field}`,
          footId: foot.id,
          words: `${foot.name}: ${words}`,
          fromNeedleMm: mm,
          spreadMm: spreadOf(foot, field),
        },
      ]
    })
  })
}

/** Rows along an edge as the core works out them; null while machine or needle are missing. */
export function rowsInputOf(
  plan: TopstitchPiece,
  setup: SetupContent,
  tables: SetupTables & { readonly cloths: ReadonlyMap<string, Cloth> },
): RowsInput | null {
  const { machine, needle } = setupPartsOf(setup, tables)
  if (!machine || !needle) return null
  const steps = machine.needlePositions
  return {
    outline: outlineOfShape(plan.shape),
    rowsMm: plan.rowsMm,
    needle: { construction: needle.construction, gapMm: gapOf(needle) },
    machineMaxMm: machine.maxWidthMm,
    positionStepMm: steps && steps > 1 ? machine.maxWidthMm / (steps - 1) : null,
    guides: guidesOf(tables.feet.values(), needle),
    wantedMm: setup.stitch.lengthMm,
    marks: marksAsSewn(lengthDialOf(machine).dial, dialScaleOf(plan.feed, setup, tables)),
    mostMissMm: plan.mostMissMm,
    cornerDeg: CORNER_DEG,
  }
}

/** Planned rows, and where it is wanted every row of a side with as many stitches as the first. */
export function topstitchRows(plan: TopstitchPiece, input: RowsInput): PlannedRow[] {
  const rows = planRows(input)
  const [first] = rows
  if (!plan.alike || !first) return rows
  return rows.map((row, i) =>
    i === 0 ? row : { ...row, plans: row.plans.map(likeFirst(row, first, input)) },
  )
}
function likeFirst(row: PlannedRow, first: PlannedRow, { wantedMm, marks }: RowsInput) {
  return (plans: PlannedRow['plans'][number], leg: number): PlannedRow['plans'][number] => {
    const [lengthMm, wantedFor] = [row.legs[leg]!.lengthMm, first.plans[leg]?.[0]?.stitches]
    if (!wantedFor || lengthMm <= 0) return plans
    const same = fitCount(lengthMm, wantedFor, wantedMm, marks)
    return same ? [same, ...plans] : plans
  }
}

/** What a piece asks of hands and machine, for all its copies. */
export interface PieceWork {
  /** Sewn length, in m. */
  readonly seamM: number
  /** Rows that are begun and ended. */
  readonly rows: number
  readonly turns: number
  readonly stitches: number
  /** What is dialled where its plan decides that; left out: what is set. */
  readonly dialled?: Dialled
}

/** What a plan dials, in mm on the dial. */
export interface Dialled {
  /** null: the width that is set. */
  readonly widthMm: number | null
  /** Every length, the shortest first; empty: nothing on the dial lands. */
  readonly lengthsMm: readonly number[]
}

/**
 * Every tuck from end to end, those of a second direction across the whole piece.
 *
 * @param pieceMm - the finished piece as it is planned.
 */
export function tuckWork(
  plan: PintuckPiece,
  { count, pieceMm }: { readonly count: number; readonly pieceMm: number },
  lengthMm: number,
  copies: number,
): PieceWork {
  const firstMm = tuckRuns(plan, count).reduce((sum, [from, to]) => sum + Math.max(0, to - from), 0)
  const second = secondWay(plan, pieceMm)
  const sewnMm = firstMm + second.sewnMm
  return {
    seamM: (copies * sewnMm) / 1000,
    rows: copies * (count + second.lines),
    turns: 0,
    stitches: Math.round((copies * sewnMm) / lengthMm),
  }
}
/** Lines so far apart cover an area with its share of length; how many follows from its width across. */
function secondWay({ second, tallMm }: PintuckPiece, pieceMm: number) {
  if (!second) return { sewnMm: 0, lines: 0 }
  const angle = (second.angleDeg * Math.PI) / 180
  const acrossMm = pieceMm * Math.cos(angle) + tallMm * Math.sin(angle)
  return { sewnMm: (pieceMm * tallMm) / second.spacingMm, lines: Math.floor(acrossMm / second.spacingMm) }
}

/**
 * Every row along its sides, or the rows over an area.
 *
 * @param wantedMm - the stitch length one would have.
 * @param scale - how the planned lengths stand on the dial.
 */
export function topstitchWork(
  plan: TopstitchPiece,
  wantedMm: number,
  rows: readonly PlannedRow[],
  scale: DialScale,
  isTwin: boolean,
  copies: number,
): PieceWork {
  if (plan.area) {
    const area = areaRows(plan.area)
    const stitches = area.rows.reduce((sum, row) => sum + evenFit(row.lengthMm, wantedMm).stitches, 0)
    const seamM = (copies * area.totalMm) / 1000
    return { seamM, rows: copies * area.rows.length, turns: 0, stitches: copies * stitches }
  }
  // Each of two passes sews one of a twin's rows: the same metres, twice the rows, turns and stitches.
  const passes = isTwin && plan.corner === 'passes' ? 2 : 1
  const times = copies * passes
  const legs = rows.flatMap(row => row.legs.map((leg, i) => ({ leg, plan: row.plans[i]?.[0] })))
  const sewn = legs.filter(({ leg }) => leg.lengthMm > 0)
  return {
    seamM: (copies * sewn.reduce((sum, { leg }) => sum + leg.lengthMm, 0)) / 1000,
    rows: times * rows.length,
    turns: times * Math.max(0, sewn.length - rows.length),
    stitches:
      times
      * sewn.reduce((sum, { leg, plan: own }) => sum + (own ?? evenFit(leg.lengthMm, wantedMm)).stitches, 0),
    dialled: {
      widthMm: null,
      lengthsMm: marksOfPlans(
        sewn.map(({ plan: own }) => own ?? null),
        scale,
      ),
    },
  }
}

/** Stitches a minute of a setup, as its machine was timed. */
export const perMinuteOf = (
  { speed, machineId }: Pick<SetupContent, 'speed' | 'machineId'>,
  machines: ReadonlyMap<string, Machine>,
): number => stitchesPerMinute(speed, machines.get(machineId ?? '')?.perMinute ?? null)

/** Left at each end of a row to pull through and tie, in m. A guess. */
export const TAIL_M = 0.1

/** Thread, bobbins, minutes and needle hours of a piece; null while the setup is not complete. */
export function pieceNeedsOf(
  work: PieceWork,
  setup: SetupContent,
  tables: SeamTables & Parameters<typeof threadNeedsOf>[2],
  settings: Settings,
): { readonly needs: ThreadNeeds; readonly minutes: number; readonly needleHours: number } | null {
  const seam = seamOf(setup, tables, settings)
  if (!seam || work.seamM <= 0) return null
  const perMinute = perMinuteOf(setup, tables.machines)
  return {
    needs: threadNeedsOf(
      seam,
      { ...setup, seamM: Math.max(0.01, work.seamM), tailsM: 2 * TAIL_M * work.rows },
      tables,
    ),
    minutes: pieceMinutes(work, perMinute),
    needleHours: seamHours(work.stitches, perMinute),
  }
}
