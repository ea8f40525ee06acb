import type { Verdict } from '#core/swing'

/** A verdict is never colour alone: each has a word and a sign. */
export const VERDICT_LOOKS = {
  clear: {
    word: 'Clear',
    icon: 'i-lucide-check',
    ink: 'var(--lichen-text)',
    bg: 'var(--clear-bg)',
    edge: 'var(--lichen)',
  },
  close: {
    word: 'Close',
    icon: 'i-lucide-triangle-alert',
    ink: 'var(--weld-text)',
    bg: 'var(--close-bg)',
    edge: 'var(--weld)',
  },
  strikes: {
    word: 'Strikes',
    icon: 'i-lucide-octagon-x',
    ink: 'var(--madder-text)',
    bg: 'var(--strikes-bg)',
    edge: 'var(--madder)',
  },
} as const satisfies Record<Verdict, { word: string; icon: string; ink: string; bg: string; edge: string }>
