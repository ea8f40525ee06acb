import type * as z from 'zod/mini'

/** Deeper than any record lies. */
const MOST_TRIES = 12

/**
 * Something that was kept outside the book, made whole: each part that breaks the schema is taken from a good
 * one instead, and what holds it where that is not enough.
 *
 * @param fresh - fits the schema.
 * @returns Fits the schema; `fresh` itself where nothing can be kept.
 *
 * @example
 * healed(schema, { lengthMm: null, rows: 3 }, { lengthMm: 3, rows: 1 }) // { lengthMm: 3, rows: 3 }
 */
export function healed<T>(schema: z.ZodMiniType<T>, kept: unknown, fresh: T): T {
  let now = kept
  for (let around = 0; around < MOST_TRIES; around++) {
    const parsed = schema.safeParse(now)
    if (parsed.success) return parsed.data
    for (const { path } of parsed.error.issues) {
      const shorter = path.slice(0, Math.max(0, path.length - around))
      if (shorter.length === 0) return fresh
      now = withPart(now, shorter, fresh)
    }
  }
  return fresh
}

/** A copy whose part at a path is the one the other has there: taken out where the other has none. */
function withPart(whole: unknown, [key, ...rest]: readonly PropertyKey[], other: unknown): unknown {
  if (key === undefined) return other
  if (typeof whole !== 'object' || whole === null) return other
  const own = part(other, key)
  const copy = (Array.isArray(whole) ? [...whole] : { ...whole }) as Record<PropertyKey, unknown>
  const next = rest.length === 0 ? own : withPart(copy[key], rest, own)
  copy[key] = next
  return next === undefined ? without(copy, key) : copy
}
function without(whole: object, key: PropertyKey): unknown {
  if (Array.isArray(whole)) return whole.filter((_, i) => i !== key)
  return Object.fromEntries(Object.entries(whole).filter(([name]) => name !== key))
}
const part = (of: unknown, key: PropertyKey): unknown =>
  typeof of === 'object' && of !== null ? (of as Record<PropertyKey, unknown>)[key] : undefined
