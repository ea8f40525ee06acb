/** A swatch's verdict is never colour alone. */
export const SWATCH_LOOKS = {
  good: {
    word: 'Good',
    icon: 'i-lucide-check',
    ink: 'var(--lichen-text)',
    bg: 'var(--clear-bg)',
    edge: 'var(--lichen)',
  },
  usable: {
    word: 'Usable',
    icon: 'i-lucide-triangle-alert',
    ink: 'var(--weld-text)',
    bg: 'var(--close-bg)',
    edge: 'var(--weld)',
  },
  failed: {
    word: 'Failed',
    icon: 'i-lucide-octagon-x',
    ink: 'var(--madder-text)',
    bg: 'var(--strikes-bg)',
    edge: 'var(--madder)',
  },
} as const
