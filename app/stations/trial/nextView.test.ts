import { describe, expect, it } from 'vitest'
import type { TrialAdvice, TrialReasonCode } from '#core/trial'
import type { TrialRowRecord } from '#shared/records'
import { nextView } from './nextView'

const advice = (code: TrialReasonCode, over: Partial<TrialAdvice> = {}): TrialAdvice => ({
  next: 5,
  settled: false,
  best: 4.5,
  chance: 0.5,
  chanceRange: { low: 0, high: 1 },
  evidence: 'sewn',
  offReadings: 0.3,
  estimate: { tension: 4.5, spread: 0.5 },
  bracket: null,
  outOfReach: false,
  reason: { code, message: '' },
  beside: null,
  disagree: null,
  ...over,
})
const row = (over: Partial<TrialRowRecord>): TrialRowRecord => ({
  dial: 4,
  ridge: 0,
  show: 0,
  skips: false,
  breaks: false,
  holes: false,
  sound: 'usual',
  comparable: true,
  changed: '',
  at: '2026-05-20T19:52:00Z',
  photos: { front: null, back: null },
  ...over,
})
const beside = (name: 'ridge' | 'show', reading: 2 | -2) =>
  advice('settled', { settled: true, beside: { name, reading, allowed: [-1, 1], mend: '' } })

describe('the card with the next number', () => {
  it.each([
    ['beyond-top', { outOfReach: true, next: null }, 'stop', 'Out of reach'],
    ['settled', { settled: true, next: null }, 'clear', 'Found'],
    ['settled', { settled: true, next: null, evidence: 'between' }, 'clear', 'Likely'],
    ['stuck', { next: null }, 'stop', 'Stuck'],
    ['backwards', { next: null }, 'stop', 'Read it again'],
    ['nearest', { next: null }, 'close', 'As near as this dial goes'],
    ['confirm', {}, '', 'Sew it to be sure'],
    ['restless', { next: null }, 'stop', 'Stop here'],
    ['unsteady', { next: null }, 'stop', 'Stop here'],
    ['contradiction', {}, 'close', 'Sew the next row'],
    ['higher', {}, '', 'Sew the next row'],
  ] as const)('for %s looks and says what it is', (code, over, kind, word) => {
    expect(nextView(advice(code, over), 2, null)).toMatchObject({ kind, word })
  })

  it('says so before the first row', () => {
    expect(nextView(advice('first'), 0, null).word).toBe('Sew the first row')
  })

  it('shows the number to sew, else the best one, else none', () => {
    expect(nextView(advice('higher'), 1, null).number).toBe(5)
    expect(nextView(advice('settled', { next: null }), 1, null).number).toBe(4.5)
    expect(nextView(advice('breaks-first', { next: null, best: null }), 1, null).number).toBeNull()
    expect(nextView(advice('stuck', { next: null }), 3, null).number).toBeNull()
  })

  it.each([
    ['ridge', 2, 'ridge'],
    ['ridge', -2, 'ridge'],
    ['show', 2, 'bobbin-on-top'],
    ['show', -2, 'loops-below'],
  ] as const)('asks the doctor about %s at %d as %s', (name, reading, sign) => {
    expect(nextView(beside(name, reading), 3, null).besideSign).toBe(sign)
  })

  it('names every fault of the last row, the worst first, and lets an odd sound stop the work', () => {
    expect(nextView(advice('higher'), 1, row({})).fault).toBeNull()
    expect(nextView(advice('higher'), 1, null).fault).toBeNull()
    expect(nextView(advice('higher'), 1, row({ holes: true, breaks: true })).fault).toEqual({
      words: 'a broken thread and holes',
      signs: ['breaks', 'holes'],
      stopsWork: false,
    })
    expect(nextView(advice('higher'), 1, row({ sound: 'odd', skips: true })).fault).toEqual({
      words: 'an odd sound and skipped stitches',
      signs: ['odd-sound', 'skips'],
      stopsWork: true,
    })
  })
})
