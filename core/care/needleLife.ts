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

export interface NeedleLife {
  readonly advice: 'now' | 'soon' | 'fine' | 'not counted'
  readonly why: string
  /** Hours it may sew, and where that comes from. */
  readonly limitHours: number
  readonly source: 'rule' | 'guess'
  /** Share of its life that is used, 0 and up; null: not counted. */
  readonly share: number | null
}

/** Just out of its packet. */
export const FRESH_USE = {
  state: 'good',
  hoursSewn: null,
  blocksSewn: 0,
  seen: { metallic: false, fusible: false, pearl: false },
} as const satisfies NeedleUse

/** Change after about this many hours of sewing. Common practice. */
const NEEDLE_LIFE_HOURS = 8
/** Common practice says sooner after metallic, without a number: half as long is a guess. */
const AFTER_METALLIC_HOURS = NEEDLE_LIFE_HOURS / 2
/** Common practice: after about six fused-wool blocks. */
const MOST_BLOCKS = 6
/** From this share of its life on it is soon. */
const SOON = 0.8
const SPENT: Readonly<Record<Exclude<NeedleState, 'good'>, string>> = {
  bent: 'bent: into the tin at once',
  burred: 'burred: it cuts threads and cloth; change it at once',
  sticky: 'sticky: wipe it with alcohol, or change it at once',
}

/**
 * Whether a needle is to be changed.
 *
 * Source: common practice: about 8 hours; sooner after metallic; about 6 fused-wool blocks; bent, burred or
 * sticky at once.
 *
 * @example
 * needleLife({ state: 'good', hoursSewn: 8, blocksSewn: 0, seen: nothing }).advice // 'now'
 */
export function needleLife({ state, hoursSewn, blocksSewn, seen }: NeedleUse): NeedleLife {
  const limitHours = seen.metallic ? AFTER_METALLIC_HOURS : NEEDLE_LIFE_HOURS
  const source = seen.metallic ? 'guess' : 'rule'
  const hourShare = hoursSewn === null ? null : hoursSewn / limitHours
  const blockShare = blocksSewn / MOST_BLOCKS
  const share = hourShare === null && blocksSewn === 0 ? null : Math.max(hourShare ?? 0, blockShare)
  const said = { limitHours, source, share } as const
  if (state !== 'good') return { ...said, advice: 'now', why: SPENT[state] }
  if (share === null) return { ...said, advice: 'not counted', why: `change after about ${limitHours} hours` }
  const by =
    blockShare > (hourShare ?? 0)
      ? `${blocksSewn} of about ${MOST_BLOCKS} fused blocks`
      : `${hoursSewn} of about ${limitHours} `
        + `hours${seen.metallic ? ', fewer because it has sewn metallic' : ''}`
  return { ...said, advice: adviceAt(share), why: by }
}

/** @param share - of its life that is sewn; 1: all of it. */
function adviceAt(share: number): 'now' | 'soon' | 'fine' {
  if (share >= 1) return 'now'
  return share >= SOON ? 'soon' : 'fine'
}
