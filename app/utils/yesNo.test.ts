import { describe, expect, it } from 'vitest'
import { yesNoText, yesNoValue } from './yesNo'

describe('a yes or no that may be unknown', () => {
  it.each([
    [null, ''],
    [true, 'yes'],
    [false, 'no'],
  ] as const)('%s is written %j and read back', (value, text) => {
    expect(yesNoText(value)).toBe(text)
    expect(yesNoValue(text)).toBe(value)
  })
})
