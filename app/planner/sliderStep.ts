const STEPS: Readonly<Record<string, 1 | -1>> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }

/**
 * Which way an arrow key moves a slider: up and right to more, whichever way it lies. Such a key is then
 * nobody else's. 0: another key.
 *
 * Source: WAI-ARIA Authoring Practices, slider pattern.
 */
export function sliderStep(event: KeyboardEvent): -1 | 0 | 1 {
  const step = STEPS[event.key] ?? 0
  if (step === 0) return 0
  event.preventDefault()
  event.stopPropagation()
  return step
}
