import { type BladeName, bladeNames, CONSTRUCTIONS } from '#core/needle'
import { UNCHOSEN_HEX } from '#core/seam'

/** How each blade looks in every drawing: its ink on screen, the same as a plain colour, and its letter. */
export const BLADE_LOOKS = {
  only: { ink: 'var(--woad)', hex: UNCHOSEN_HEX.left, letter: '' },
  left: { ink: 'var(--woad)', hex: UNCHOSEN_HEX.left, letter: 'L' },
  middle: { ink: 'var(--middle)', hex: UNCHOSEN_HEX.middle, letter: 'M' },
  right: { ink: 'var(--weld)', hex: UNCHOSEN_HEX.right, letter: 'R' },
} as const satisfies Record<
  BladeName,
  { readonly ink: string; readonly hex: string; readonly letter: string }
>

/** The looks of a needle's blades, left to right. @param count - 1 to 3. */
export const bladeLooksOf = (count: number) =>
  bladeNames(CONSTRUCTIONS[count - 1] ?? 'single').map(name => BLADE_LOOKS[name])
