/** From which chance on each is said, the surest first. */
const SURE_WORDS = [
  [0.9, 'almost surely right'],
  [0.75, 'probably right'],
  [0.5, 'more likely right than not'],
] as const

/**
 * How sure a number is, as one would say it beside the machine.
 *
 * @param chance - that it truly reads within half a step, 0 to 1.
 *
 * @example
 * sureWords(0.93) // 'almost surely right'
 */
export function sureWords(chance: number): string {
  return SURE_WORDS.find(([least]) => chance >= least)?.[1] ?? 'a guess so far'
}
