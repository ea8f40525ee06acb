import { describe, expect, it } from 'vitest'
import { clearOrSmoke, lookOnCloth } from '#core/colour'

describe('monofilament', () => {
  // Common practice: clear on light cloth, smoke on dark.
  it.each([
    ['#f7f1e6', 'clear'],
    ['#e6d9c0', 'clear'],
    ['#3a3358', 'smoke'],
    ['#2b4c7e', 'smoke'],
  ])('on %s is %s', (hex, which) => expect(clearOrSmoke(hex)).toBe(which))
})

describe('a thread on a cloth', () => {
  const thread = (kind: string, hex: string) => ({ kind, colours: [{ hex, runMm: 1 }] })
  it('stands out in another colour, and hardly shows in its own', () => {
    expect(lookOnCloth(thread('polyester', '#ffffff'), '#101010')).toBe('shows')
    expect(lookOnCloth(thread('polyester', '#101010'), '#101010')).toBe('matches')
  })
  it('never stands out where it is monofilament', () =>
    expect(lookOnCloth(thread('monofilament', '#ffffff'), '#000000')).toBe('matches'))
  it('is not told where thread or cloth is not chosen', () => {
    expect(lookOnCloth(null, '#000000')).toBeNull()
    expect(lookOnCloth(thread('polyester', '#ffffff'), null)).toBeNull()
  })
})
