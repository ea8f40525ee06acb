import { CONSTRUCTIONS } from '#core/needle'
import type { NeedleRecord } from '#shared/records'

/** Singles first, then twins and triples by gap, size and type: the order in which they lie in a case. */
export function byConstructionAndGap(a: NeedleRecord, b: NeedleRecord): number {
  return CONSTRUCTIONS.indexOf(a.construction) - CONSTRUCTIONS.indexOf(b.construction)
    || a.gapMm - b.gapMm || a.sizeNm - b.sizeNm || a.type.localeCompare(b.type)
}
