/** Which side of which stretch, both from 0. */
export interface SideAt {
  readonly stretch: number
  readonly side: number
}

export function isSameSide(a: SideAt, b: SideAt | null): boolean {
  return b !== null && a.stretch === b.stretch && a.side === b.side
}
