import { DEFAULT_SCHOOLS } from '#core/schools'
import { DEFAULT_CLEARANCE_MM } from '#core/swing'
import type { Machine, Settings, Setup } from './records'

/** Before anything is chosen. Straight, centred, length 2.5: the start state before a twin is fitted. */
export const EMPTY_SETUP = {
  id: 'current',
  machineId: null,
  footId: null,
  plate: 'zigzag',
  needleId: null,
  stitch: { stitchId: 'straight', widthMm: 0, lengthMm: 2.5, mirror: false, positionMm: 0 },
  threadIds: { left: null, middle: null, right: null },
  bobbinId: null,
  tension: null,
  clothId: null,
  layers: 2,
} as const satisfies Setup

export const DEFAULT_SETTINGS = {
  id: 'settings', unit: 'mm', clearanceMm: DEFAULT_CLEARANCE_MM, schools: DEFAULT_SCHOOLS,
} as const satisfies Settings

/** A machine about which only its widest stitch is known. */
export const UNKNOWN_MACHINE = {
  maxWidthMm: 7, twinMode: { kind: 'none' }, forgetsTwinMode: null, needlePositions: null, plateSlotMm: null, tensionDial: null,
} as const satisfies Omit<Machine, 'id' | 'name'>
