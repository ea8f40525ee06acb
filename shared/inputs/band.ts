import {
  type Band,
  type BandRow,
  fallsBeside,
  holdOf,
  isMirrorAlike,
  layBand,
  DENSE_LENGTH_MM,
  type PicturedRow,
  type RibbonHold,
  ribbonMarginMm,
  type RowGuide,
  rowGuide,
  type RowLeg,
  rowLegs,
  rowsToMirror,
} from '#core/band'
import { dialledMm, type DialScale, type Feed, marksAsSewn } from '#core/fit'
import { outerSpanMm } from '#core/needle'
import type { BandPiece, Settings } from '../records'
import type { SetupContent } from '../setup'
import { bandRowSetup } from './bandSetup'
import { clothFeedOf, dialScaleOf } from './feed'
import { lengthDialOf } from './pieces'
import type { PieceRun } from './runs'
import { seamOf } from './seam'
import { setupPartsOf, gapOf, type NamedStitch } from './swing'

type Tables = Parameters<typeof seamOf>[1]

/** A row worked out: what is sewn, how it lies, and what it leaves for the eye. */
export interface BandAnswerRow {
  readonly stitch: NamedStitch
  readonly setup: SetupContent
  readonly gapMm: number
  /** The patterns on each side. */
  readonly legs: readonly RowLeg[]
  /** Where the row before lies while this one is sewn; null: there is none. */
  readonly guide: RowGuide | null
}

/** A band worked out. */
export interface BandAnswer {
  readonly band: Band
  /** Rows as the core lays them: for lengths that keep step. */
  readonly laid: readonly BandRow[]
  readonly rows: readonly BandAnswerRow[]
  readonly pictured: readonly PicturedRow[]
  readonly notes: readonly BandNote[]
  readonly ribbon: { readonly marginMm: number; readonly hold: RibbonHold } | null
  readonly isDialKnown: boolean
  /** How long stitches come out on this cloth; null: not measured. */
  readonly feed: Feed | null
  /** How lengths as sewn stand on the dial. */
  readonly scale: DialScale
  /** Of the dial, as they come out on this cloth. */
  readonly marks: readonly number[]
}

/** What a person should know of a band; rows and sides from 0. */
export type BandNote =
  | { readonly code: 'mirror'; readonly rows: readonly number[] }
  /** The pattern is longer than the way: it is squeezed or drawn out to fit once. */
  | { readonly code: 'long-repeat'; readonly row: number; readonly leg: number; readonly repeatMm: number }
  | { readonly code: 'stretched'; readonly row: number; readonly leg: number; readonly stretch: number }
  | { readonly code: 'falls-beside'; readonly row: number }
  | { readonly code: 'dense-on-sheer'; readonly row: number }
  | { readonly code: 'needles'; readonly count: number }
  | { readonly code: 'hidden-edge'; readonly row: number; readonly underMm: number }

/**
 * A band worked out; null while machine, needle or a stitch are missing.
 *
 * @throws {CoreError} `out-of-range` for a side its corners eat up; as `layBand`.
 */
export function answerForBand(
  plan: BandPiece,
  setup: SetupContent,
  tables: Tables,
  settings: Settings,
): BandAnswer | null {
  const setups = plan.rows.map(row => bandRowSetup(row, setup))
  const seams = setups.map(own => seamOf(own, tables, settings))
  const partsOfRows = setups.map(own => setupPartsOf(own, tables))
  if (seams.some(seam => seam === null)) return null
  const machine = partsOfRows[0]!.machine
  const dial = lengthDialOf(machine)
  const scale: DialScale = { ...dialScaleOf(null, setup, tables), counted: 'patterns' }
  const marks = marksAsSewn(dial.dial, scale)
  const factor = machine?.widthFactor ?? 1
  const laid = plan.rows.map(({ widthMm, lengthMm }, i): BandRow => {
    const needle = partsOfRows[i]!.needle!
    const gapMm = outerSpanMm({ ...needle, gapMm: gapOf(needle) })
    return { widthMm: factor * widthMm, gapMm, repeat: seams[i]!.swing.stitch.repeat, lengthMm }
  })
  const alongMm = plan.legsMm.reduce((sum, mm) => sum + mm, 0)
  const band = layBand(laid, plan.overlapsMm, alongMm, marks)
  const legsMm = plan.ring ? [alongMm] : plan.legsMm
  const slotMm = partsOfRows[0]!.foot?.slotMm ?? null
  const rows = plan.rows.map((row, i): BandAnswerRow => {
    const legs = rowLegs(laid[i]!, legsMm, insideMm(band, i), band.bandMm, plan.corner, marks)
    return {
      stitch: partsOfRows[i]!.stitch!,
      setup: bandRowSetup(row, setup, dialledMm(legs[0]!.dialLengthMm, scale)),
      gapMm: laid[i]!.gapMm,
      legs,
      guide: i === 0 ? null : rowGuide(band.rows[i]!.spanMm, plan.overlapsMm[i - 1]!, slotMm),
    }
  })
  const ribbon = plan.ribbon && ribbonOf(plan.ribbon.wideMm, band.bandMm)
  return {
    band,
    laid,
    rows,
    pictured: rows.map(({ stitch, legs }, i) => ({
      shape: stitch,
      widthMm: laid[i]!.widthMm,
      lengthMm: legs[0]!.evenLengthMm,
      mirror: plan.rows[i]!.mirror,
      needle: seams[i]!.swing.needle,
      threads: seams[i]!.threads,
      bobbin: seams[i]!.bobbin,
      centreMm: band.rows[i]!.centreMm,
    })),
    notes: notesOf(plan, laid, rows),
    ribbon,
    isDialKnown: dial.isKnown,
    feed: clothFeedOf(tables.cloths.get(setup.clothId ?? '') ?? null),
    scale,
    marks,
  }
}

/** How far in from the outer edge a row runs; a band of one row runs along its own middle. */
const insideMm = ({ rows }: Band, i: number): number => Math.max(0, rows[i]!.centreMm)

function ribbonOf(wideMm: number, bandMm: number): BandAnswer['ribbon'] {
  const marginMm = ribbonMarginMm(wideMm, bandMm)
  return { marginMm, hold: holdOf(marginMm) }
}

/** Patterns drawn out or squeezed by more than this look it, as a share. A guess. */
const SEEN_STRETCH = 0.15
/** A neighbour farther under the foot than this is sewn blind, in mm. */
const HIDDEN_MM = 0.5

function notesOf(plan: BandPiece, laid: readonly BandRow[], rows: readonly BandAnswerRow[]): BandNote[] {
  const toMirror = rowsToMirror(
    rows.map(({ stitch }, i) => ({
      stitchId: stitch.id,
      mirror: plan.rows[i]!.mirror,
      isAlike: isMirrorAlike(stitch),
    })),
  )
  const needles = new Set(rows.map(({ setup }) => setup.needleId)).size
  return [
    ...(toMirror.length > 0 ? [{ code: 'mirror' as const, rows: toMirror }] : []),
    ...rows.flatMap(({ legs }, row) => legs.flatMap((leg, i) => patternNotes(leg, row, i))),
    ...(plan.ribbon ? ribbonNotes(plan.ribbon, laid) : []),
    ...rows.flatMap(({ guide }, row): BandNote[] =>
      guide?.insideRimMm != null && guide.insideRimMm < -HIDDEN_MM
        ? [{ code: 'hidden-edge', row, underMm: -guide.insideRimMm }]
        : [],
    ),
    ...(needles > 1 ? [{ code: 'needles' as const, count: needles }] : []),
  ]
}

function patternNotes({ repeatMm, lengthMm, stretch }: RowLeg, row: number, leg: number): BandNote[] {
  if (repeatMm > lengthMm) return [{ code: 'long-repeat', row, leg, repeatMm }]
  return Math.abs(stretch) > SEEN_STRETCH ? [{ code: 'stretched', row, leg, stretch }] : []
}

function ribbonNotes(
  { wideMm, sheer }: NonNullable<BandPiece['ribbon']>,
  laid: readonly BandRow[],
): BandNote[] {
  return laid.flatMap(({ gapMm, widthMm, lengthMm }, row): BandNote[] => {
    const beside = gapMm > 0 && fallsBeside(wideMm, gapMm, widthMm)
    const isDense = sheer && widthMm > 0 && lengthMm < DENSE_LENGTH_MM
    return [
      ...(beside ? [{ code: 'falls-beside' as const, row }] : []),
      ...(isDense ? [{ code: 'dense-on-sheer' as const, row }] : []),
    ]
  })
}

/** What a band asks of hands and machine, one run for each row. */
export function bandRuns(plan: BandPiece, { rows }: BandAnswer, copies: number): PieceRun[] {
  return rows.map(({ setup, stitch, legs }): PieceRun => {
    const sewnMm = legs.reduce((sum, leg) => sum + leg.lengthMm - leg.bareMm, 0)
    const stitches = legs.reduce((sum, { repeats }) => sum + repeats * stitch.drops.length, 0)
    const corners = plan.ring ? 0 : plan.legsMm.length - 1
    const isOpen = plan.corner === 'open'
    return {
      setup,
      work: {
        seamM: (copies * sewnMm) / 1000,
        rows: copies * (isOpen ? corners + 1 : 1),
        turns: copies * (isOpen ? 0 : corners),
        stitches: copies * stitches,
      },
    }
  })
}
