/** A copy of plain values, each of them looked at: what is computed from it follows every change. */
export function plainOf<T>(value: T): T {
  if (Array.isArray(value)) return value.map(plainOf) as T
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(Object.entries(value).map(([key, part]) => [key, plainOf(part)])) as T
}
