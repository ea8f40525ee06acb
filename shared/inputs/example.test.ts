import { describe, expect, it } from 'vitest'
import { judgeSwing } from '#core/swing'
import { exampleSeam } from '#shared/inputs'
import { FRESH_NEEDLE, UNKNOWN_MACHINE, DEFAULT_SETTINGS } from '#shared/records'
import { EMPTY_SETUP } from '#shared/setup'

const none = {
  machines: new Map(),
  needles: new Map(),
  feet: new Map(),
  plates: new Map(),
  stitches: new Map(),
  threads: new Map(),
  cloths: new Map(),
  bobbins: new Map(),
  swatches: new Map(),
}
const shown = (setup: Partial<typeof EMPTY_SETUP>, tables: object, hasStitch = false) =>
  exampleSeam({ ...EMPTY_SETUP, ...setup }, { ...none, ...tables }, DEFAULT_SETTINGS, hasStitch)

describe('the example of an empty book', () => {
  it('is a twin on a 7 mm machine, clear', () => {
    const example = shown({}, {})!
    expect(example.stitchName).toBe('Zigzag')
    expect(example.seam.swing).toMatchObject({ machine: { maxWidthMm: 7 }, stitch: { widthMm: 4 } })
    expect(judgeSwing(example.seam.swing).verdict).toBe('clear')
  })
  it('becomes one’s own with each choice, and never shows a needle that hits', () => {
    const machine = { ...UNKNOWN_MACHINE, id: 'mine', name: 'Mine', maxWidthMm: 5 }
    const needle = {
      ...FRESH_NEEDLE,
      id: 'wide',
      construction: 'twin',
      gapMm: 4,
      sizeNm: 90,
      type: 'universal',
    }
    const machines = new Map([['mine', machine]])
    // By the rule: 5 − 2 − 0.5 = 2.5, then 5 − 4 − 0.5 = 0.5.
    expect(shown({ machineId: 'mine' }, { machines })).toMatchObject({
      seam: { swing: { machine: { maxWidthMm: 5 }, stitch: { widthMm: 2.5 } } },
    })
    const both = shown(
      { machineId: 'mine', needleId: 'wide' },
      { machines, needles: new Map([['wide', needle]]) },
    )
    expect(both!.seam.swing).toMatchObject({ machine: { maxWidthMm: 5 }, stitch: { widthMm: 0.5 } })
    expect(judgeSwing(both!.seam.swing).verdict).toBe('clear')
  })
  it('leaves a stitch alone that was chosen', () => {
    expect(shown({}, {}, true)).toMatchObject({
      stitchName: 'Straight',
      seam: { swing: { stitch: { widthMm: 0 } } },
    })
  })
})
