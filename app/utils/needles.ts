import { CONSTRUCTIONS } from '#core/needle'
import type { NeedleRecord } from '#shared/records'

/** Singles first, then twins and triples by gap, size and type: the order in which they lie in a case. */
export function byConstructionAndGap(a: NeedleRecord, b: NeedleRecord): number {
  return (
    CONSTRUCTIONS.indexOf(a.construction) - CONSTRUCTIONS.indexOf(b.construction)
    || a.gapMm - b.gapMm
    || a.sizeNm - b.sizeNm
    || a.type.localeCompare(b.type)
  )
}

/**
 * Used-up needles are kept for the shopping list, but there is none to put in; the one that is in stays in
 * view.
 */
export function inTheCase(needle: NeedleRecord, currentId: string | null): boolean {
  return needle.count > 0 || needle.id === currentId
}
