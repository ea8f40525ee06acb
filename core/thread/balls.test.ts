import { describe, expect, it } from 'vitest'
import { pearlBalls } from '#core/thread'

describe('balls of pearl cotton', () => {
  // Arithmetic: 125 tex is 125 g a kilometre, so 10 g are 80 m.
  it.each([
    [80, 125, 1],
    [80.1, 125, 2],
    [0, 125, 0],
    [330, 83, 3],
  ])('%d m of %d tex take %d', (metres, tex, balls) => expect(pearlBalls(metres, tex)).toBe(balls))
  it('are not counted of NaN', () => expect(() => pearlBalls(Number.NaN, 125)).toThrow(/metres/))
})
