import { formatNumber } from '#core/units'
import { describeNeedle, outerSpanMm } from '#core/needle'
import {
  bladeCount,
  hasHeavyThread,
  isBobbinWork,
  isLocked,
  mayForgetMode,
  needleWord,
  needsMode,
  several,
  standsWrong,
  strikesFoot,
  threadsFromSide,
  wantsSingleHole,
} from './facts'
import type { WalkInput, WalkRule } from './types'

const METAL = ['needle-', 'plate', 'foot']
/** Of a triple the mode is told the outer span: the gap between neighbours would let it swing too wide. */
function gapWords({ machine, needle }: WalkInput): string {
  if (machine?.twinMode.kind !== 'by-gap') return 'on'
  const told = formatNumber(outerSpanMm(needle!), 1)
  return needle!.construction === 'triple' ? `outer span ${told}, or its triple setting` : `gap ${told}`
}

const PRESSURE_WORDS = {
  home: { instruction: 'Foot pressure back to normal', why: 'It was changed last time.' },
  less: { instruction: 'Foot pressure down a little', why: 'So that the cloth does not creep.' },
  more: { instruction: 'Foot pressure up a little', why: 'So that the cloth does not flutter.' },
} as const satisfies Record<WalkInput['pressure'], { instruction: string; why: string }>

/** The plate that belongs on: the chosen one, unless it has a single hole where none may be. */
function plateWanted(input: WalkInput): string {
  const { name, singleHole } = input.plate
  return singleHole && !wantsSingleHole(input) ? 'Zigzag plate' : name
}

const SEATED = 'Press its corners: it must lie flat.'
function plateWhy(input: WalkInput): string {
  if (wantsSingleHole(input)) return `Fine thread is not pushed into a wide slot. ${SEATED}`
  if (several(input)) return `Blades that stand apart hit a single hole. ${SEATED} Paper back over the slot.`
  return `Its slot lets the needle swing. ${SEATED} Paper back over it.`
}

/** Before any thread: modes, needle, plate, foot. Source: common practice. */
export const PREPARE_RULES: readonly WalkRule[] = [
  {
    id: 'start-state',
    step: ({ machine }) => ({
      on: [machine?.id],
      serves: METAL,
      instruction: 'Straight stitch, width 0, length 2.5, needle in the middle',
      why: 'Then nothing swings while you fit the needle and try the first stitches.',
      picture: { kind: 'handwheel' },
    }),
  },
  {
    id: 'mode',
    step: input => {
      const { machine, needle } = input
      if (!needsMode(input)) {
        return !several(input)
          && input.needle
          && input.left.twinMode === 'on'
          && machine?.twinMode.kind !== 'none'
          && machine
          ? {
              on: [machine.id, 'off'],
              instruction: 'Twin mode off',
              why: 'It is still on from last time.',
              effect: { twinMode: 'off' },
              picture: { kind: 'mode', gapMm: 0, blades: 1 },
            }
          : null
      }
      const mode = machine!.twinMode
      const over = mode.kind === 'on-off' && outerSpanMm(needle!) > mode.assumedGapMm
      return {
        on: [machine!.id, needle!.construction, needle!.gapMm],
        instruction: `Twin mode: ${gapWords(input)}`,
        why: 'Before the needle goes in, so that no stitch swings wider than the plate allows.',
        caution: over
          ? `This mode counts with ${formatNumber(mode.assumedGapMm, 1)} mm; yours needs `
            + `${formatNumber(outerSpanMm(needle!), 1)}. It lets you set more than is safe: keep to the `
            + 'width below.'
          : '',
        effect: { twinMode: 'on' },
        picture: { kind: 'mode', gapMm: needle!.gapMm, blades: bladeCount(input) },
      }
    },
  },
  {
    id: 'lock',
    step: input => ({
      on: [input.machine?.id, isLocked(input)],
      serves: METAL,
      instruction: isLocked(input) ? 'Lock the machine' : 'Switch the machine off',
      why:
        isLocked(input) && needsMode(input) && input.machine?.forgetsTwinMode !== false
          ? 'Locked, not off: off, it may forget the twin mode.'
          : 'Your fingers will be under the needle.',
      caution: 'No foot on the pedal while hands are near the needle. Your machine’s own manual comes first.',
      picture: { kind: 'power' },
    }),
  },
  {
    id: 'cover',
    step: ({ machine }) => ({
      on: [machine?.id],
      serves: ['needle-', 'plate'],
      instruction: 'Paper under the presser foot, over the hole',
      why: 'A needle or screw that drops stays on top.',
      picture: { kind: 'cover' },
    }),
  },
  {
    id: 'needle-out',
    step: input =>
      standsWrong(input)
        ? null
        : {
            on: [input.machine?.id, input.needle?.id],
            serves: ['needle-in'],
            instruction: 'Old needle out',
            why: 'Loosen the screw only a little, or it falls out too.',
            caution: 'Bent or blunt ones go into the tin, not the bin.',
            picture: {
              kind: 'needle',
              gapMm: 0,
              sizeNm: 80,
              blades: 1,
              flat: threadsFromSide(input) ? 'right' : 'back',
              out: true,
            },
          },
  },
  {
    id: 'plate',
    step: input => ({
      on: [input.machine?.id, wantsSingleHole(input) ? input.plate.name : 'zigzag', wantsSingleHole(input)],
      instruction: `${plateWanted(input)} on`,
      why: plateWhy(input),
      effect: { plate: wantsSingleHole(input) ? 'single-hole' : 'zigzag' },
      picture: {
        kind: 'plate',
        gapMm: input.needle?.gapMm ?? 0,
        sizeNm: input.needle?.sizeNm ?? 80,
        blades: bladeCount(input),
        singleHole: wantsSingleHole(input),
        reachMm: 0,
        maxWidthMm: input.machine?.maxWidthMm ?? null,
      },
    }),
  },
  {
    id: 'needle-in',
    step: input => {
      const { needle } = input
      if (!needle || standsWrong(input)) return null
      const flat = threadsFromSide(input) ? 'right' : 'back'
      return {
        on: [input.machine?.id, needle.id, needle.construction, needle.gapMm, needle.sizeNm, needle.type],
        instruction: `${describeNeedle(needle)}: flat to the ${flat}, up to the stop`,
        why: 'Finger-tight, then a last quarter turn with the driver.',
        effect: { needleId: needle.id },
        picture: {
          kind: 'needle',
          gapMm: needle.gapMm,
          sizeNm: needle.sizeNm,
          blades: bladeCount(input),
          flat,
          out: false,
        },
      }
    },
  },
  {
    id: 'foot',
    step: input => {
      const { foot } = input
      if (!foot || strikesFoot(input)) return null
      return {
        on: [input.machine?.id, foot.id],
        instruction: `${foot.name} foot on`,
        why: several(input) ? 'Its slot must clear both outer blades.' : '',
        effect: { footId: foot.id },
        picture: {
          kind: 'plate',
          gapMm: input.needle?.gapMm ?? 0,
          sizeNm: input.needle?.sizeNm ?? 80,
          blades: bladeCount(input),
          singleHole: foot.singleHole,
          reachMm: 0,
          maxWidthMm: input.machine?.maxWidthMm ?? null,
        },
      }
    },
  },
  {
    id: 'pressure',
    step: ({ machine, pressure, left }) => {
      if (pressure === 'home' && (left.pressure === null || left.pressure === 'home')) return null
      return {
        on: [machine?.id, pressure],
        effect: { pressure },
        ...PRESSURE_WORDS[pressure],
        picture: { kind: 'foot-up' },
      }
    },
  },
  {
    id: 'cutter-off',
    step: input => {
      const { machine, cutter, schools } = input
      const has = machine?.cutter === true || (machine?.cutter == null && cutter)
      const heavy = hasHeavyThread(input) || isBobbinWork(input)
      if (!has || !(heavy || (several(input) && schools.cutter === 'never'))) return null
      return {
        on: [machine?.id, heavy],
        instruction: 'Automatic cutter off',
        why: heavy
          ? 'Thick thread jams it.'
          : `Several tails jam where one was meant to go with a ${needleWord(input)}.`,
        school: heavy ? null : 'cutter',
        picture: { kind: 'cutter' },
      }
    },
  },
  {
    id: 'uncover',
    step: ({ machine }) => ({
      on: [machine?.id],
      serves: ['needle-', 'plate', 'foot'],
      instruction: 'Paper away',
      picture: { kind: 'uncover' },
    }),
  },
  {
    id: 'power-on',
    step: input => ({
      on: [input.machine?.id, isLocked(input)],
      serves: METAL,
      instruction: isLocked(input) ? 'Unlock the machine' : 'Switch the machine on',
      why: '',
      picture: { kind: 'power' },
      caution: isLocked(input) ? '' : 'Hands away from the needle: some machines move it when they start.',
    }),
  },
  {
    id: 'mode-again',
    step: input =>
      mayForgetMode(input) && !standsWrong(input)
        ? {
            on: [input.machine!.id, input.needle!.construction, input.needle!.gapMm],
            serves: METAL,
            instruction: `Twin mode still ${gapWords(input)}? Tell it again if not`,
            why: input.machine!.forgetsTwinMode
              ? 'This machine forgets it when it is switched off.'
              : 'It is not known whether this machine keeps it.',
            effect: { twinMode: 'on' },
            picture: { kind: 'mode', gapMm: input.needle!.gapMm, blades: bladeCount(input) },
          }
        : null,
  },
]
