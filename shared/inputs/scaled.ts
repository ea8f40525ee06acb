import type { EdgePart, Piece } from '../records'

type Plan = Piece['plan']
/** Scales a length. */
type Scale = (mm: number) => number

/**
 * A piece of another size: its shape, tucks, metres. What belongs to needle, stitch and cloth stays: stitch,
 * spacing, distance of rows, allowances.
 *
 * @param percent - 100: as it is.
 * @returns Plan and setup, unchecked: a length may have left its range.
 *
 * @example
 * scaledPiece({ plan: { kind: 'seam' }, setup }, 50).setup.seamM // half of it
 */
export function scaledPiece<T extends Pick<Piece, 'plan' | 'setup'>>(piece: T, percent: number): T {
  if (percent === 100) return piece
  const scale: Scale = mm => Math.round(mm * percent * 1000) / 100_000
  const { plan, setup } = piece
  return {
    ...piece,
    plan: scaledPlan(plan, scale),
    setup: plan.kind === 'seam' ? { ...setup, seamM: scale(setup.seamM) } : setup,
  }
}

function scaledPlan(plan: Plan, scale: Scale): Plan {
  switch (plan.kind) {
    case 'seam':
      return plan
    case 'pintucks':
      return scaledTucks(plan, scale)
    case 'topstitching':
      return { ...plan, ...scaledTopstitching(plan, scale) }
    case 'edge':
      return {
        ...plan,
        parts: plan.parts.map(part => ({ ...part, ...at(part, scale), cut: scaledCut(part.cut, scale) })),
        starts: plan.starts.map(start => ({ ...start, alongMm: scale(start.alongMm) })),
        corners: plan.corners.map(corner => ({ ...corner, ...at(corner, scale) })),
        // Stitches that were settled fill sides of the old length.
        settled: [],
      }
    case 'lines':
      return { ...plan, drawing: scaledDrawing(plan.drawing, scale) }
    case 'band':
      return { ...plan, legsMm: plan.legsMm.map(scale) }
  }
}

const orNull = (mm: number | null, scale: Scale) => (mm === null ? null : scale(mm))
const at = ({ x, y }: { x: number; y: number }, scale: Scale) => ({ x: scale(x), y: scale(y) })
const points = <P extends { x: number; y: number }>(all: readonly P[], scale: Scale) =>
  all.map(point => ({ ...point, ...at(point, scale) }))

function scaledTucks(plan: Extract<Plan, { kind: 'pintucks' }>, scale: Scale): Plan {
  const { wanted } = plan
  return {
    ...plan,
    wanted:
      wanted.by === 'count'
        ? { by: 'count', count: Math.max(1, Math.round(scale(wanted.count))) }
        : { by: 'fill', fillMm: scale(wanted.fillMm) },
    pieceMm: orNull(plan.pieceMm, scale),
    edgeMm: orNull(plan.edgeMm, scale),
    tallMm: scale(plan.tallMm),
    freeLeftMm: scale(plan.freeLeftMm),
    freeRightMm: scale(plan.freeRightMm),
    widths: plan.widths.map(({ atMm, widthMm }) => ({ atMm: scale(atMm), widthMm: scale(widthMm) })),
    runs: plan.runs.map(run => ({ ...run, fromMm: scale(run.fromMm), toMm: scale(run.toMm) })),
  }
}

function scaledTopstitching(
  { shape, humps, area }: Extract<Plan, { kind: 'topstitching' }>,
  scale: Scale,
): Partial<Extract<Plan, { kind: 'topstitching' }>> {
  return {
    shape: scaledShape(shape, scale),
    humps: humps.map(hump => ({ ...hump, atMm: scale(hump.atMm), wideMm: scale(hump.wideMm) })),
    area: area && {
      ...area,
      acrossMm: scale(area.acrossMm),
      alongMm: scale(area.alongMm),
      marginMm: scale(area.marginMm),
      sagMm: scale(area.sagMm),
    },
  }
}

type Shape = Extract<Plan, { kind: 'topstitching' }>['shape']
function scaledShape(shape: Shape, scale: Scale): Shape {
  switch (shape.kind) {
    case 'rectangle':
      return { ...shape, wideMm: scale(shape.wideMm), tallMm: scale(shape.tallMm) }
    case 'pocket':
      return {
        ...shape,
        wideMm: scale(shape.wideMm),
        tallMm: scale(shape.tallMm),
        cornerMm: scale(shape.cornerMm),
      }
    case 'collar':
      return {
        ...shape,
        wideMm: scale(shape.wideMm),
        tallMm: scale(shape.tallMm),
        spreadMm: scale(shape.spreadMm),
      }
    case 'strip':
      return { ...shape, lengthMm: scale(shape.lengthMm) }
    case 'circle':
      return { ...shape, diameterMm: scale(shape.diameterMm) }
    case 'typed':
      return { ...shape, sides: shape.sides.map(side => ({ ...side, lengthMm: scale(side.lengthMm) })) }
    case 'drawn':
      return { ...shape, pointsMm: points(shape.pointsMm, scale) }
  }
}

function scaledCut(cut: EdgePart['cut'], scale: Scale): EdgePart['cut'] {
  switch (cut.kind) {
    case 'form':
      return { ...cut, wideMm: scale(cut.wideMm), tallMm: scale(cut.tallMm) }
    case 'letters':
      return { ...cut, tallMm: scale(cut.tallMm), spacingMm: scale(cut.spacingMm) }
    case 'drawn':
      return { ...cut, points: points(cut.points, scale) }
    case 'path':
      return { ...cut, mmPerUnit: scale(cut.mmPerUnit) }
    case 'string':
      return { ...cut, sidesMm: cut.sidesMm.map(scale) }
  }
}

type Drawing = Extract<Plan, { kind: 'lines' }>['drawing']
function scaledDrawing(drawing: Drawing, scale: Scale): Drawing {
  switch (drawing.by) {
    case 'plume':
      return {
        ...drawing,
        stemMm: scale(drawing.stemMm),
        stemBowMm: scale(drawing.stemBowMm),
        vanes: drawing.vanes.map(({ lengthMm, bowMm }) => ({
          lengthMm: scale(lengthMm),
          bowMm: scale(bowMm),
        })),
      }
    case 'drawn':
      return { ...drawing, ways: drawing.ways.map(way => points(way, scale)) }
    case 'path':
      return { ...drawing, mmPerUnit: scale(drawing.mmPerUnit) }
  }
}
