import { expect, it } from 'vitest'
import { LOW_STOCK_M, stockOf } from '#core/thread'

it.each([
  [null, 'not known'],
  [0, 'used up'],
  [0.1, 'low'],
  [LOW_STOCK_M - 0.1, 'low'],
  [LOW_STOCK_M, 'enough'],
  [5000, 'enough'],
] as const)('of %j m left: %s', (metresLeft, stock) => expect(stockOf(metresLeft)).toBe(stock))
