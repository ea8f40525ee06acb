import type { EdgeStretch } from '#core/edge'
import { CoreError } from '#core/errors'
import type { Point } from '#core/plane'
import {
  boundsOf,
  checkOutline,
  drawnOutline,
  type Font,
  formRegion,
  grown,
  type Outline,
  outlinesOfPath,
  placed,
  type Region,
  regionOf,
  seenEdges,
  signedAreaMm2,
  wordRegion,
} from '#core/shape'
import type { EdgePart, EdgePiece } from '../records'
import type { EdgeKind } from './edgeSetup'

export type FontId = Extract<EdgePart['cut'], { kind: 'letters' }>['font']
/** A font that was read; null: it is not there. */
export type Fonts = (id: FontId) => Font | null

/** A stretch of edge, and the cloth it belongs to. */
export interface PartStretch extends EdgeStretch {
  readonly part: number
}

/** The fonts an edge's letters need. */
export const fontsOf = ({ parts }: Pick<EdgePiece, 'parts'>): FontId[] => [
  ...new Set(parts.flatMap(({ cut }) => (cut.kind === 'letters' ? [cut.font] : []))),
]

/** The cloths of a plan, where they lie. A string has no shape. */
export function regionsOf({ parts }: EdgePiece, fonts: Fonts): Region[] {
  return parts.map(part => placed(cutRegion(part, fonts), part))
}

function cutRegion({ cut }: EdgePart, fonts: Fonts): Region {
  switch (cut.kind) {
    case 'form':
      return formRegion(cut)
    case 'letters': {
      const font = fonts(cut.font)
      if (!font)
        throw new CoreError('bad-font', 'The font of the letters is not there yet', { field: 'font' })
      return aboutMiddle(wordRegion(font, cut))
    }
    case 'drawn': {
      const outline = drawnOutline(cut.points, true)
      checkOutline(outline)
      return [signedAreaMm2(outline.pointsMm) > 0 ? outline.pointsMm : outline.pointsMm.toReversed()]
    }
    case 'path':
      return aboutMiddle(pathRegion(cut.path, cut.mmPerUnit))
    case 'string':
      return []
  }
}

/** Y runs down in path data, and up here. */
function pathRegion(path: string, mmPerUnit: number): Region {
  const outlines = outlinesOfPath(path, mmPerUnit)
  const open = outlines.find(({ closed }) => !closed)
  if (open)
    throw new CoreError('bad-path', 'The drawing has an open line: a cloth’s edge runs all round', {
      field: 'path',
    })
  for (const outline of outlines) checkOutline(outline)
  const region = regionOf(
    outlines.map(({ pointsMm }) => pointsMm.map(({ x, y }) => ({ x, y: -y }))),
    'evenodd',
  )
  if (region.length === 0) throw new CoreError('bad-path', 'The drawing encloses nothing', { field: 'path' })
  return region
}

function aboutMiddle(region: Region): Region {
  const { left, right, foot, top } = boundsOf(region)
  return placed(region, { x: -(left + right) / 2, y: -(foot + top) / 2, turnDeg: 0, flipped: false })
}

/** The edges that are sewn: what no cloth above covers; a string as a straight way with its points. */
export function stretchesOf(plan: EdgePiece, kind: EdgeKind, regions: readonly Region[]): PartStretch[] {
  // Strings lie below the shapes and each other.
  const belowMm = boundsOf(regions.flat()).foot - STRING_APART_MM
  const found = plan.parts.flatMap((part, i): PartStretch[] => {
    if (part.cut.kind === 'string')
      return [{ ...stringOutline(part.cut.sidesMm, belowMm - i * STRING_APART_MM), cloth: i, part: i }]
    const sewn = kind === 'straight' ? grown(regions[i]!, -plan.insetMm) : regions[i]!
    const covers = regions.slice(i + 1).filter(region => region.length > 0)
    return seenEdges(sewn, covers).map(outline => withCorners(outline, i, plan))
  })
  if (found.length === 0)
    throw new CoreError(
      'bad-outline',
      'Nothing is left to sew: the cloths cover each other, or are too narrow',
      {
        field: 'parts',
      },
    )
  return found
}

const withCorners = (outline: Outline, part: number, { corners }: EdgePiece): PartStretch => ({
  ...outline,
  clothOn: 'left',
  cloth: part,
  part,
  settled: corners,
})

const STRING_APART_MM = 30
function stringOutline(sidesMm: readonly number[], y: number): EdgeStretch {
  const pointsMm: Point[] = [{ x: 0, y }]
  for (const mm of sidesMm) pointsMm.push({ x: pointsMm.at(-1)!.x + mm, y })
  return {
    pointsMm,
    closed: false,
    clothOn: 'left',
    settled: pointsMm.map(point => ({ ...point, isPoint: true })),
  }
}
