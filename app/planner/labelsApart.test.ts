import { describe, expect, it } from 'vitest'
import { labelsApart } from './labelsApart'

describe('labels of a drawing', () => {
  const at = (x: number, y: number) => ({ x, y, widePx: 20 })
  const shown = (all: ReturnType<typeof at>[], mmPerPx: number) => labelsApart(all, one => one, mmPerPx)
  it('are left out where they would lie over one before them', () =>
    expect(shown([at(0, 0), at(10, 0), at(30, 0), at(30, 10)], 1)).toEqual([at(0, 0), at(30, 0)]))
  it('are all there once one looks closely', () =>
    expect(shown([at(0, 0), at(10, 0), at(10, 10)], 0.1)).toHaveLength(3))
})
