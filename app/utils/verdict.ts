import type { Verdict } from '#core/swing'
import type { JobReason, JobWord } from '#core/verdict'

interface Look {
  readonly word: string
  readonly icon: string
  readonly ink: string
  readonly bg: string
  readonly edge: string
}

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
    word: 'Hits',
    icon: 'i-lucide-octagon-x',
    ink: 'var(--madder-text)',
    bg: 'var(--strikes-bg)',
    edge: 'var(--madder)',
  },
} as const satisfies Record<Verdict, Look>

/** The one verdict of all that is on the machine. */
export const JOB_LOOKS = {
  clear: VERDICT_LOOKS.clear,
  mind: { ...VERDICT_LOOKS.close, word: 'Check' },
  stop: { ...VERDICT_LOOKS.strikes, word: 'Stop' },
} as const satisfies Record<JobWord, Look>

export const REASON_LOOKS = {
  stop: JOB_LOOKS.stop,
  mind: JOB_LOOKS.mind,
  note: {
    word: 'Note',
    icon: 'i-lucide-info',
    ink: 'var(--ink)',
    bg: 'var(--white)',
    edge: 'var(--line-strong)',
  },
} as const satisfies Record<JobReason['severity'], Look>
