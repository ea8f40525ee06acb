import { describe, expect, it } from 'vitest'
import { startSettings } from '#core/pairing'
import { demoBackup } from '#shared/demo'
import { DEFAULT_SETTINGS, type Swatch } from '#shared/records'
import type { SetupContent } from '#shared/setup'
import { startInputOf } from '#shared/inputs'
import { demoTables } from '../../tests/unit/demoTables'

const collar: SetupContent = demoBackup.records.pieces.find(({ id }) => id === 'demo-plan-collar')!.setup
const [some] = demoBackup.records.swatches
const own = (over: Partial<Swatch> & { setup?: SetupContent } = {}): Swatch => ({
  ...some!,
  id: 'own',
  name: 'Kept once',
  source: 'own',
  verdict: 'good',
  setup: { ...collar, tension: 3.3 },
  ...over,
})
function begin(setup: SetupContent, ...swatches: Swatch[]) {
  const tables = {
    ...demoTables,
    pieces: new Map(),
    swatches: new Map(swatches.map((swatch, i) => [String(i), swatch])),
  }
  return startSettings(startInputOf(setup, 'twin', tables, DEFAULT_SETTINGS)!).tension
}

describe('where to begin, from one own swatch', () => {
  it('is its number, with the same machine, needle, thread and cloth', () =>
    expect(begin(collar, own())).toMatchObject({
      value: 3.3,
      source: 'own swatches',
      why: 'sewn in “Kept once”',
    }))
  it('is still its number where job, stitch of the family or length differ, and says what differs', () => {
    const setup: SetupContent = {
      ...collar,
      job: 'topstitching',
      stitch: { ...collar.stitch, stitchId: 'zigzag', lengthMm: 1.5 },
    }
    expect(begin(setup, own()).why).toBe(
      'sewn in “Kept once”; here differ: job decorative row there, stitch honeycomb there, length 2.5 there',
    )
  })
  it('is the nearest one’s, where several were kept', () => {
    const far = own({ name: 'Far', setup: { ...collar, tension: 5, job: 'seam' } })
    expect(begin(collar, far, own()).value).toBe(3.3)
  })
  it.each<[string, Swatch]>([
    ['another machine', own({ setup: { ...collar, tension: 3.3, machineId: 'demo-machine-ferry' } })],
    ['another cloth', own({ setup: { ...collar, tension: 3.3, clothId: 'demo-cloth-felt' } })],
    ['another goal', own({ setup: { ...collar, tension: 3.3, goal: 'flat' } })],
    [
      'another family of stitches',
      own({ setup: { ...collar, tension: 3.3, stitch: { ...collar.stitch, stitchId: 'straight' } } }),
    ],
    ['a failed one', own({ verdict: 'failed' })],
    ['a guess', own({ source: 'guess' })],
    ['one without a number', own({ setup: { ...collar, tension: null } })],
  ])('is not taken from %s', (_, swatch) => expect(begin(collar, swatch).source).toBe('rule'))
})
