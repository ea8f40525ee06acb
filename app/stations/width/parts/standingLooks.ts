import type { StitchStanding } from '#shared/inputs'
import { VERDICT_LOOKS } from '~/utils/verdict'

/** What a stitch would lead to, in a word and a sign; null: nothing can be said. */
export const STANDING_LOOKS = {
  ...VERDICT_LOOKS,
  'straight only': { ...VERDICT_LOOKS.close, word: 'Straight only', icon: 'i-lucide-minus' },
  'muddy': { ...VERDICT_LOOKS.close, word: 'Muddy' },
  'not judged': null,
} as const satisfies Record<StitchStanding | 'muddy', { word: string; icon: string; ink: string } | null>
