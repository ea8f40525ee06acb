import { type Change, type ChangeMinutes, type Needs, orderOfWork } from '#core/order'
import { needleNameAndType, threadedBladesOf } from '#core/needle'
import { planPintucks } from '#core/pintucks'
import type { ItemKind } from '#core/project'
import { type Piece, pieceName, type Project, type ProjectItem, type Settings, type Tables } from '../records'
import type { SetupContent } from '../setup'
import { answerForBand, bandRuns } from './band'
import { bandRowSetup } from './bandSetup'
import { dialScaleOf } from './feed'
import { pintuckInputOf, rowsInputOf, topstitchRows, topstitchWork, tuckWork } from './pieces'
import type { PieceRun } from './runs'
import { PLATE_NAMES } from './swing'

/** The book as far as projects read it. */
export type ProjectTables = {
  readonly pieces: ReadonlyMap<string, Piece>
} & Parameters<typeof answerForBand>[2]
  & Parameters<typeof rowsInputOf>[2]

/** An item of a project with what it stands for. */
export interface ProjectWork {
  readonly item: ProjectItem
  readonly name: string
  readonly kind: ItemKind
  /** What it is sewn with; null: no machine. */
  readonly setup: SetupContent | null
  readonly piece: Piece | null
}

/** Everything a project has to do, in its order. */
export function projectWorkOf(project: Project, tables: ProjectTables): ProjectWork[] {
  return project.items.map((item): ProjectWork => {
    const { work } = item
    switch (work.kind) {
      case 'piece': {
        const piece = tables.pieces.get(work.pieceId) ?? null
        const kind = piece?.plan.kind ?? 'other'
        return {
          item,
          name: piece ? pieceName(piece) : 'Piece gone',
          kind,
          setup: piece?.setup ?? null,
          piece,
        }
      }
      case 'plain':
        return { item, name: work.words, kind: work.step, setup: null, piece: null }
    }
  })
}

/** What must be on the machine for a setup, by the records it points at. */
export function needsOfSetup(setup: SetupContent, tables: Pick<ProjectTables, 'needles'>): Needs {
  const needle = tables.needles.get(setup.needleId ?? '')
  const blades = threadedBladesOf(needle?.construction ?? 'single')
  return {
    machine: setup.machineId ?? '',
    needle: setup.needleId ?? '',
    threads: blades.map(blade => setup.threadIds[blade] ?? ''),
    bobbin: setup.bobbinId ?? '',
    plate: setup.plateId ?? setup.plate,
    foot: setup.footId ?? '',
    stabilizer: setup.stabilizerId ?? '',
    tension: setup.tension === null ? '' : String(setup.tension),
  }
}

/** What a piece is begun with, what is on when it is done, and what is changed on the way. */
export interface SewnNeeds {
  readonly needs: Needs
  readonly leaves: Needs
  readonly inside: readonly Change[]
}

/**
 * What must be on the machine for an item. The rows of a band may want needles and threads of their own: they
 * are sewn in the order with the least changing.
 */
export function sewnNeedsOf(
  setup: SetupContent,
  piece: Piece | null,
  tables: Pick<ProjectTables, 'needles'>,
  minutes: ChangeMinutes,
): SewnNeeds {
  const setups = piece?.plan.kind === 'band' ? piece.plan.rows.map(row => bandRowSetup(row, setup)) : [setup]
  const each = new Map(
    setups.map(own => {
      const needs = needsOfSetup(own, tables)
      return [JSON.stringify(needs), needs]
    }),
  )
  const pieces = [...each].map(([id, needs]) => ({ id, needs }))
  const { order, steps } = orderOfWork(pieces, [], null, minutes)
  return {
    needs: pieces[order[0]!]!.needs,
    leaves: pieces[order.at(-1)!]!.needs,
    inside: steps.flatMap(({ changes }) => changes),
  }
}

/** What is put on for a change, in words: “90/14 metallic”. */
export function changeTarget(
  change: Change,
  setup: SetupContent,
  tables: Pick<Tables, 'machines' | 'feet' | 'threads' | 'plates' | 'stabilizers'>
    & Pick<ProjectTables, 'needles'>,
): string {
  const named = (table: 'machines' | 'feet' | 'threads' | 'plates' | 'stabilizers', id: string | null) => {
    const record = tables[table].get(id ?? '')
    return record && 'name' in record ? record.name : 'none'
  }
  switch (change) {
    case 'machine':
      return named('machines', setup.machineId)
    case 'needle': {
      const needle = tables.needles.get(setup.needleId ?? '')
      return needle ? needleNameAndType(needle) : 'none'
    }
    case 'thread': {
      const needle = tables.needles.get(setup.needleId ?? '')
      const blades = threadedBladesOf(needle?.construction ?? 'single')
      return blades.map(blade => named('threads', setup.threadIds[blade])).join(' + ')
    }
    case 'bobbin':
      return named('threads', setup.bobbinId)
    case 'plate':
      return setup.plateId ? named('plates', setup.plateId) : PLATE_NAMES[setup.plate]
    case 'foot':
      return named('feet', setup.footId)
    case 'stabilizer':
      return named('stabilizers', setup.stabilizerId)
    case 'tension':
      return setup.tension === null ? 'not set' : String(setup.tension)
  }
}

/** Sewn metres of a seam are those of its setup; how often it is begun nobody said. */
function seamRun(setup: SetupContent, copies: number): PieceRun {
  const seamM = copies * setup.seamM
  const stitches = setup.stitch.lengthMm > 0 ? Math.round((1000 * seamM) / setup.stitch.lengthMm) : 0
  return { setup, work: { seamM, rows: copies, turns: 0, stitches } }
}

/**
 * What an item asks of hands and machine, for so many of the whole thing. Edges and line drawings are worked
 * out in a worker: they are not told here.
 *
 * @returns null: its setup is not complete, or it is worked out elsewhere.
 * @throws {CoreError} for what cannot be sewn.
 */
export function itemRuns(
  { setup, piece }: ProjectWork,
  copies: number,
  tables: ProjectTables,
  settings: Settings,
): PieceRun[] | null {
  if (!setup) return []
  if (!piece) return []
  const all = copies * piece.copies
  const { plan } = piece
  switch (plan.kind) {
    case 'seam':
      return [seamRun(setup, all)]
    case 'pintucks': {
      const input = pintuckInputOf(plan, setup, tables)
      return input && [{ setup, work: tuckWork(plan, planPintucks(input), setup.stitch.lengthMm, all) }]
    }
    case 'topstitching': {
      const input = rowsInputOf(plan, setup, tables)
      const needle = tables.needles.get(setup.needleId ?? '')
      const isTwin = needle !== undefined && needle.construction !== 'single'
      return (
        input && [
          {
            setup,
            work: topstitchWork(
              plan,
              setup.stitch.lengthMm,
              topstitchRows(plan, input),
              dialScaleOf(plan.feed, setup, tables),
              isTwin,
              all,
            ),
          },
        ]
      )
    }
    case 'band': {
      const answer = answerForBand(plan, setup, tables, settings)
      return answer && bandRuns(plan, answer, all)
    }
    case 'edge':
    case 'lines':
      return null
  }
}
