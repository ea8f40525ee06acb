import { expect, it } from 'vitest'
import { threadingWalk, type WalkInput, type WalkStep } from '#core/walk'
import { BASE, BOBBIN_WORK, MACHINE, PEARL, PLAIN, thread, TRIPLE, TWIN } from './walk.fixtures'

/**
 * Whole walks as a sewist reads them, with what each step depends on and changes. Read them against the trade
 * (common practice) whenever they change; `npx vitest run core/walk -u` writes them anew.
 */
const { lock: _, ...unlocked } = MACHINE
const BARE: WalkInput['machine'] = {
  ...unlocked,
  lock: false,
  twinMode: { kind: 'none' },
  forgetsTwinMode: null,
  tensionDial: null,
  divider: false,
  needleGuides: 0,
  spoolPins: 1,
  stand: false,
  cup: false,
  threader: false,
  cutter: false,
  hook: 'up',
}
const UNKNOWN: WalkInput['machine'] = {
  ...BARE,
  lock: null,
  divider: null,
  needleGuides: null,
  spoolPins: null,
  stand: null,
  cup: null,
  threader: null,
  cutter: null,
  hook: null,
}
const SWITCHED: WalkInput['machine'] = { ...MACHINE, lock: null, twinMode: { kind: 'by-gap' } }

const WALKS: Record<string, WalkInput> = {
  'twin on a machine that has everything': BASE,
  'twin, one thread after the other, both in the last guide': {
    ...BASE,
    schools: { threading: 'one-by-one', lastGuide: 'both-in', cutter: 'allowed', unwinding: 'back' },
  },
  'twin, both threads together, one in the guide': {
    ...BASE,
    machine: SWITCHED,
    schools: { threading: 'together', lastGuide: 'first-in', cutter: 'never', unwinding: 'back' },
  },
  'twin, one thread after the other, only the first in the last guide': {
    ...BASE,
    schools: { threading: 'one-by-one', lastGuide: 'first-in', cutter: 'allowed', unwinding: 'back' },
  },
  'twin, one thread after the other, two last guides': {
    ...BASE,
    machine: { ...MACHINE, needleGuides: 2 },
    schools: { threading: 'one-by-one', lastGuide: 'each-side', cutter: 'allowed', unwinding: 'back' },
  },
  'twin, both threads together, two last guides': {
    ...BASE,
    machine: { ...MACHINE, needleGuides: 2 },
    schools: { threading: 'together', lastGuide: 'each-side', cutter: 'allowed', unwinding: 'back' },
  },
  'twin switched off, whose mode may be forgotten': {
    ...BASE,
    machine: { ...SWITCHED, forgetsTwinMode: null },
    pressure: 'less',
    bobbinTension: 'changed',
  },
  'wide twin on a mode that counts with less': { ...BASE, needle: { ...TWIN, gapMm: 4 }, safeWidthMm: 2.5 },
  'twin on a bare machine': { ...BASE, machine: BARE, tension: 4 },
  'twin on a machine nobody has looked at': { ...BASE, machine: UNKNOWN },
  'triple with film': TRIPLE,
  'pearl from a ball, straight': { ...PEARL, pressure: 'more' },
  'bobbin work': BOBBIN_WORK,
  'one needle, single-hole plate, needle moved': {
    ...PLAIN,
    plate: { name: 'Single-hole plate', singleHole: true },
    stitch: { name: 'Straight', swings: false, widthMm: 0, lengthMm: 2.5, positionMm: -1.5, planned: null },
    tension: 4,
    left: { ...BASE.left, twinMode: 'on', needleId: 'twin', pressure: 'less' },
  },
  'one needle on a machine threaded from the side': { ...PLAIN, machine: { ...MACHINE, hook: 'left' } },
  'twin on a machine threaded from the side': { ...BASE, machine: { ...MACHINE, hook: 'left' } },
  'twin that strikes foot and stitch': {
    ...BASE,
    foot: { id: 'f', name: 'Straight foot', singleHole: true },
    plate: { name: 'Round hole', singleHole: true },
    verdict: 'strikes',
  },
  'half a twin': { ...BASE, threads: [thread('left', 'metallic')], verdict: 'strikes', safeWidthMm: null },
  'nothing chosen': {
    ...BASE,
    machine: null,
    needle: null,
    foot: null,
    threads: [],
    bobbin: null,
    stitch: null,
    verdict: null,
    safeWidthMm: null,
    tension: null,
    combination: null,
  },
}

function written({
  instruction,
  why,
  caution,
  effect,
  school,
  serves,
  needs,
  picture,
  key,
}: WalkStep): string {
  const lines = [
    instruction,
    why && `  why: ${why}`,
    caution && `  caution: ${caution}`,
    school && `  school: ${school}`,
    effect && `  changes: ${JSON.stringify(effect)}`,
    serves.length > 0 && `  serves: ${serves.join(', ')}`,
    needs.length > 0 && `  needs: ${needs.join(', ')}`,
    `  holds while: ${key}`,
    `  picture: ${JSON.stringify(picture)}`,
  ]
  return lines.filter(Boolean).join('\n')
}

it.each(Object.entries(WALKS))('the walk for %s', async (name, input) => {
  const { steps, missing } = threadingWalk(input)
  const text = [
    ...missing.map(({ code, message }) => `missing (${code}): ${message}`),
    ...steps.map((step, i) => `${i + 1}. ${written(step)}`),
  ].join('\n')
  await expect(`${text}\n`).toMatchFileSnapshot(`./written/${name.replaceAll(/\W+/g, '-')}.txt`)
})
