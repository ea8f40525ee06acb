/** Whether a finger or button is down: what moves now would be missed by its release. */
let isDown = false
const note = (down: boolean) => () => {
  isDown = down
}
addEventListener('pointerdown', note(true), { capture: true })
for (const end of ['pointerup', 'pointercancel'] as const)
  addEventListener(end, note(false), { capture: true })

/** Does what moves the page once a press that is under way has landed where it was meant. */
export function afterPress(work: () => void): void {
  if (!isDown) work()
  // The click comes after the pointer is up.
  else addEventListener('pointerup', () => setTimeout(work), { once: true, capture: true })
}
