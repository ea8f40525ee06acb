import { describe, expect, it } from 'vitest'
import { sliderStep } from './sliderStep'

const pressed = (key: string) => new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true })

describe('the arrows of a slider', () => {
  // Source: WAI-ARIA Authoring Practices, slider pattern.
  it.each([
    ['ArrowRight', 1],
    ['ArrowUp', 1],
    ['ArrowLeft', -1],
    ['ArrowDown', -1],
  ])('%s moves by %i, and nobody else hears of it', (key, step) => {
    const event = pressed(key)
    let heard = 0
    const above = document.createElement('div')
    const slider = above.appendChild(document.createElement('i'))
    above.addEventListener('keydown', () => heard++)
    slider.addEventListener('keydown', its => expect(sliderStep(its)).toBe(step))
    slider.dispatchEvent(event)
    expect(event.defaultPrevented).toBe(true)
    expect(heard).toBe(0)
  })
  it('leaves every other key to the page', () => {
    const event = pressed('Tab')
    expect(sliderStep(event)).toBe(0)
    expect(event.defaultPrevented).toBe(false)
  })
})
