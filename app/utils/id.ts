/** A fresh id that no other device will make too. */
export function newId(prefix: string): string {
  return `${prefix}-${crypto.randomUUID()}`
}
