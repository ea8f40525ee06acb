export const NEEDLE_STATES = ['good', 'bent', 'burred', 'sticky'] as const
export type NeedleState = (typeof NEEDLE_STATES)[number]

export interface NeedleUse {
  readonly state: NeedleState
  /** Time sewn with the one that is in use; null: not counted. */
  readonly hoursSewn: number | null
  /** Fused-wool blocks sewn with it. */
  readonly blocksSewn: number
  readonly seen: { readonly metallic: boolean; readonly fusible: boolean; readonly pearl: boolean }
}

/** Just out of its packet. */
export const FRESH_USE = {
  state: 'good',
  hoursSewn: null,
  blocksSewn: 0,
  seen: { metallic: false, fusible: false, pearl: false },
} as const satisfies NeedleUse
