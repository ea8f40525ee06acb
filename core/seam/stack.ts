/** Some layers alike under the foot. */
export interface Layers {
  readonly count: number
  /** Of one of them, in mm; null: not measured. */
  readonly thicknessMm: number | null
}

/**
 * How thick everything under the foot is together. The needle goes through all of it, so thread and bobbin
 * need it; and where the foot climbs onto it, a shim of this height levels the foot.
 *
 * @returns mm; null while any of it is not measured, or nothing is there.
 *
 * @example
 * stackMm([{ count: 2, thicknessMm: 0.45 }, { count: 1, thicknessMm: 3 }]) // 3.9
 */
export function stackMm(stack: readonly Layers[]): number | null {
  if (stack.length === 0) return null
  let sum = 0
  for (const { count, thicknessMm } of stack) {
    if (thicknessMm === null) return null
    sum += count * thicknessMm
  }
  return sum
}
