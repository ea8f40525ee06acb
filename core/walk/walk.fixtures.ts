import { USUAL_THREADS, type ThreadClass } from '#core/pairing'
import { UNKNOWN_STATE } from '#core/putback'
import type { WalkInput, WalkMachine, WalkThread } from '#core/walk'

// Setups for the tests of the walk; machine and threads are made up.

export const MACHINE: WalkMachine = {
  id: 'm',
  maxWidthMm: 7,
  twinMode: { kind: 'on-off', assumedGapMm: 2 },
  forgetsTwinMode: true,
  tensionDial: { min: 0, home: 4, max: 9 },
  divider: true,
  needleGuides: 1,
  spoolPins: 2,
  stand: true,
  cup: true,
  threader: true,
  cutter: true,
  lock: true,
  hook: 'front',
}
export const thread = (
  blade: WalkThread['blade'],
  threadClass: ThreadClass,
  form: WalkThread['form'] = 'spool',
): WalkThread => ({
  blade,
  thread: USUAL_THREADS[threadClass],
  supply: { place: null, draw: null },
  id: `${threadClass} ${blade}`,
  name: threadClass,
  form,
  metres: null,
})
export const TWIN = { id: 'twin', construction: 'twin', gapMm: 2, sizeNm: 80, type: 'metallic' } as const
export const SINGLE = {
  id: 'single',
  construction: 'single',
  gapMm: 0,
  sizeNm: 100,
  type: 'topstitch',
} as const
export const BASE: WalkInput = {
  machine: MACHINE,
  needle: TWIN,
  foot: { id: 'f', name: 'Open toe', singleHole: false },
  plate: { name: 'Zigzag plate', singleHole: false },
  secondSpool: null,
  threads: [thread('left', 'embroidery'), thread('right', 'metallic')],
  bobbin: { ...USUAL_THREADS.fine, id: 'b', name: 'Fine grey' },
  stitch: { name: 'Honeycomb', swings: true, widthMm: 4, lengthMm: 2.5, positionMm: 0, planned: null },
  verdict: 'clear',
  safeWidthMm: 4.5,
  tension: 2.8,
  tensionDoubt: null,
  bobbinTension: 'home',
  pressure: 'home',
  threader: true,
  cutter: true,
  schools: { threading: 'divider', lastGuide: 'each-side', cutter: 'never', unwinding: 'back' },
  left: UNKNOWN_STATE,
  combination: 'combination',
}
export const PEARL: WalkInput = {
  ...BASE,
  needle: SINGLE,
  threads: [thread('left', 'pearl', 'ball')],
  stitch: { name: 'Straight', swings: false, widthMm: 0, lengthMm: 3, positionMm: 0, planned: null },
}
export const BOBBIN_WORK: WalkInput = {
  ...BASE,
  needle: SINGLE,
  threads: [thread('left', 'all-purpose')],
  bobbin: { ...USUAL_THREADS.thick, id: 'rope', name: 'Rope' },
}
export const TRIPLE: WalkInput = {
  ...BASE,
  needle: { ...TWIN, id: 't', construction: 'triple', gapMm: 2.5 },
  threads: [thread('left', 'film'), thread('middle', 'embroidery', 'cone'), thread('right', 'film')],
}
export const PLAIN: WalkInput = { ...BASE, needle: SINGLE, threads: [thread('left', 'all-purpose')] }
export const SETUPS = { twin: BASE, pearl: PEARL, bobbinWork: BOBBIN_WORK, triple: TRIPLE, plain: PLAIN }
