import { EMPTY_SETUP, tensionFromOf } from '../setup'
import type { SetupContent } from '../setup'

/** A setup of the demo in short: what is left out is what the attic machine usually has on. */
export interface Sewn {
  stitch: string
  width: number
  length: number
  needle: string
  machine?: string
  foot?: string | null
  left?: string
  middle?: string
  right?: string
  bobbin?: string
  cloth?: string
  layers?: number
  tension?: number | null
  mirror?: boolean
  position?: number
  plate?: 'zigzag' | 'single-hole'
  job?: SetupContent['job']
  goal?: SetupContent['goal']
  stabilizer?: 'tear' | 'cut' | null
}
const DENSE = new Set(['satin-leaf', 'satin-diamond', 'satin-wave'])
export function demoSetup(s: Sewn): SetupContent {
  const setup = withoutOrigin(s)
  return { ...setup, tensionFrom: tensionFromOf(setup, 'sewn') }
}

/** Satin for a dense stitch, else a decorative row, unless something else is said. */
const usualJob = ({ stitch }: Sewn) => (DENSE.has(stitch) ? 'satin' : 'decorative-row')

const withoutOrigin = (s: Sewn): SetupContent => ({
  ...EMPTY_SETUP,
  machineId: `demo-machine-${s.machine ?? 'attic'}`,
  footId: s.foot === null ? null : `demo-foot-${s.foot ?? 'open'}`,
  plate: s.plate ?? 'zigzag',
  needleId: `demo-needle-${s.needle}`,
  stitch: {
    stitchId: s.stitch,
    widthMm: s.width,
    lengthMm: s.length,
    mirror: s.mirror ?? false,
    positionMm: s.position ?? 0,
  },
  threadIds: {
    left: `demo-thread-${s.left ?? 'slate'}`,
    middle: s.middle ? `demo-thread-${s.middle}` : null,
    right: `demo-thread-${s.right ?? 'gold'}`,
  },
  bobbinId: `demo-thread-${s.bobbin ?? 'fine'}`,
  tension: s.tension === undefined ? 4 : s.tension,
  clothId: `demo-cloth-${s.cloth ?? 'linen'}`,
  layers: s.layers ?? 2,
  job: s.job ?? usualJob(s),
  goal: s.goal ?? 'balanced',
  stabilizerId: stabilizerOf(s),
})

/** Dense stitches have tear-away under them, unless something else is said. */
function stabilizerOf({ stabilizer, stitch }: Sewn): string | null {
  if (stabilizer) return `demo-stabilizer-${stabilizer}`
  return DENSE.has(stitch) ? 'demo-stabilizer-tear' : null
}
