/** What has been sewn on a machine since it was last cleaned. */
export interface SewnSince {
  readonly pearl: boolean
  readonly felt: boolean
  readonly metallic: boolean
  readonly fusible: boolean
  /** Time sewn; 0 where nothing was counted. */
  readonly hours: number
}

export interface CarePrompt {
  readonly code: 'pearl' | 'felt' | 'metallic' | 'fusible' | 'hours' | 'oil'
  readonly message: string
  /** Where to look, one place each. */
  readonly look: readonly string[]
}

/** About as often as a needle is changed. Common practice. */
const CLEAN_AFTER_HOURS = 8

/** A plate that rides up breaks the next needle. */
const PLATE_SEATED = 'at the end the plate: its corners lie flat and its screws are tight'

interface Kept {
  readonly since: SewnSince
  /** Never oiled by its user; null: not known. */
  readonly sealed: boolean | null
  /** Hours sewn since it was last oiled. */
  readonly oiledHoursAgo: number
}

interface CareRule {
  readonly code: CarePrompt['code']
  readonly when: (kept: Kept) => boolean
  readonly message: (kept: Kept) => string
  readonly look: readonly string[]
}

const CARE_RULES: readonly CareRule[] = [
  {
    code: 'pearl',
    when: ({ since }) => since.pearl,
    message: () => 'Pearl cotton sheds: brush the lint out',
    look: [
      'under the plate, between the feed teeth',
      'round the hook',
      'under the spring of the bobbin case',
      PLATE_SEATED,
    ],
  },
  {
    code: 'felt',
    when: ({ since }) => since.felt,
    message: () => 'Felt and wool pack tight: lift the lint out, do not blow it in',
    look: ['under the feed teeth', 'in the hook’s track', 'on the presser foot’s sole', PLATE_SEATED],
  },
  {
    code: 'metallic',
    when: ({ since }) => since.metallic,
    message: () => 'Metallic leaves flakes and scores',
    look: [
      'between the tension discs: draw a strip of cloth through',
      'the needle’s eye: a groove frays what follows',
      'the last guide and the plate’s edge',
    ],
  },
  {
    code: 'fusible',
    when: ({ since }) => since.fusible,
    message: () => 'Fusible leaves glue',
    look: ['the needle: wipe it with alcohol', 'the presser foot’s sole'],
  },
  {
    code: 'hours',
    when: ({ since }) => since.hours >= CLEAN_AFTER_HOURS,
    message: ({ since }) => `${Math.round(since.hours)} hours since it was cleaned`,
    look: ['under the plate', 'the hook and its track', 'the bobbin case', PLATE_SEATED],
  },
  {
    code: 'oil',
    when: ({ sealed, oiledHoursAgo }) => sealed !== true && oiledHoursAgo >= CLEAN_AFTER_HOURS,
    message: ({ sealed }) => (sealed === null ? 'Oil, if its manual asks for it' : 'A drop of oil'),
    look: ['where the manual shows, nowhere else', 'then sew on a scrap until no oil shows'],
  },
]

/**
 * What to clean, and whether to oil.
 *
 * Source: common practice. Whether and where a machine is oiled its own manual says.
 *
 * @param sealed - never oiled by its user; null: not known.
 * @param oiledHoursAgo - hours sewn since it was last oiled.
 *
 * @example
 * carePrompts({ …nothing, pearl: true }, true, 0)[0].look[0] // 'under the plate, between the feed teeth'
 */
export function carePrompts(since: SewnSince, sealed: boolean | null, oiledHoursAgo: number): CarePrompt[] {
  const kept = { since, sealed, oiledHoursAgo }
  return CARE_RULES.filter(({ when }) => when(kept)).map(({ code, message, look }) => ({
    code,
    message: message(kept),
    look,
  }))
}
