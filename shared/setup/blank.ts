import type { SetupContent } from './schema'

/** Before anything is chosen. Straight, centred, length 2.5: the start state before a twin is fitted. */
export const EMPTY_SETUP: SetupContent = {
  machineId: null,
  footId: null,
  plate: 'zigzag',
  plateId: null,
  needleId: null,
  stitch: { stitchId: 'straight', widthMm: 0, lengthMm: 2.5, mirror: false, positionMm: 0 },
  threadIds: { left: null, middle: null, right: null },
  bobbinId: null,
  tension: null,
  tensionFrom: null,
  clothId: null,
  layers: 2,
  under: [],
  stabilizerId: null,
  job: 'seam',
  goal: 'balanced',
  washed: false,
  supplies: {
    left: { place: null, draw: null },
    middle: { place: null, draw: null },
    right: { place: null, draw: null },
  },
  threader: false,
  cutter: false,
  sharedDiscs: null,
  seamM: 1,
  bobbinTension: 'home',
  pressure: 'home',
  speed: null,
}
