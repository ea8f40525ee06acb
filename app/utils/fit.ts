import type { Fit } from '#core/pairing'

/** A fit is never colour alone: each has a word and a sign. */
export const FIT_LOOKS = {
  good: {
    word: 'Good',
    icon: 'i-lucide-check',
    ink: 'var(--lichen-text)',
    bg: 'var(--clear-bg)',
    edge: 'var(--lichen)',
  },
  loose: {
    word: 'Loose',
    icon: 'i-lucide-triangle-alert',
    ink: 'var(--weld-text)',
    bg: 'var(--close-bg)',
    edge: 'var(--weld)',
  },
  tight: {
    word: 'Tight',
    icon: 'i-lucide-triangle-alert',
    ink: 'var(--weld-text)',
    bg: 'var(--close-bg)',
    edge: 'var(--weld)',
  },
  refuse: {
    word: 'Refuse',
    icon: 'i-lucide-octagon-x',
    ink: 'var(--madder-text)',
    bg: 'var(--strikes-bg)',
    edge: 'var(--madder)',
  },
} as const satisfies Record<Fit, { word: string; icon: string; ink: string; bg: string; edge: string }>
