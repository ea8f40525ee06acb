import { describe, expect, it } from 'vitest'
import { brightnessAt, type GrayImage } from './image'

/** Three by two pixels. */
const image: GrayImage = { width: 3, height: 2, data: [0, 100, 200, 40, 140, 240] }

describe('brightness between pixels', () => {
  it('is a pixel’s own in its middle', () => {
    expect(brightnessAt(image, 0.5, 0.5)).toBe(0)
    expect(brightnessAt(image, 1.5, 0.5)).toBe(100)
    expect(brightnessAt(image, 2.5, 1.5)).toBe(240)
  })
  it('goes straight from one middle to the next', () => {
    expect(brightnessAt(image, 1, 0.5)).toBe(50)
    expect(brightnessAt(image, 0.75, 0.5)).toBe(25)
    expect(brightnessAt(image, 1.5, 1)).toBe(120)
    // By hand: the mean of 100, 200, 140 and 240.
    expect(brightnessAt(image, 2, 1)).toBe(170)
  })
  it('is the edge’s beyond the picture', () => {
    expect(brightnessAt(image, -50, -50)).toBe(0)
    expect(brightnessAt(image, 50, 0.5)).toBe(200)
    expect(brightnessAt(image, 1.5, 99)).toBe(140)
  })
  it('is never brighter or darker than what lies about it', () => {
    for (let x = -1; x <= 4; x += 0.13)
      for (let y = -1; y <= 3; y += 0.17) {
        const seen = brightnessAt(image, x, y)
        expect(seen).toBeGreaterThanOrEqual(0)
        expect(seen).toBeLessThanOrEqual(240)
      }
  })
})
