import { outerSpanMm } from '#core/needle'
import { asSentence, formatLengthDown, formatShort } from '#core/units'
import { dialledLengthsMm, dialledWidthMm, plannedNote } from './dialled'
import { bladeCount, several, standsWrong } from './facts'
import type { TensionDoubt } from '#core/conflicts'
import type { StepDraft, WalkInput, WalkRule } from './types'

const isPlain = ({ stitch }: WalkInput) => stitch !== null && (!stitch.swings || stitch.widthMm === 0)
const ready = (input: WalkInput) => input.machine !== null && input.needle !== null && !standsWrong(input)

function homeWords(tension: number, home: number | null): string {
  if (home === null) return 'Normal tension on this dial is not known: note where it stood.'
  return tension === home ? 'Normal on this dial.' : `Normal is ${formatShort(home)}: put it back after.`
}

/** Nobody is told to dial in what speaks against itself. */
const unsettled = (machineId: string | null, { why }: TensionDoubt): StepDraft => ({
  on: [machineId, why],
  instruction: 'Tension: settle it on a trial strip',
  why,
  picture: { kind: 'handwheel' },
})

const safeWords = (safeWidthMm: number | null) =>
  safeWidthMm === null ? '' : `Up to ${formatLengthDown(safeWidthMm, 'mm')} is safe here.`
function plannedWords(stitch: NonNullable<WalkInput['stitch']>): string {
  const note = plannedNote(stitch, formatShort)
  return asSentence(note)
}

/** From the dial to the turning through by hand. Source: common practice. */
export const SETTING_RULES: readonly WalkRule[] = [
  {
    id: 'tension',
    step: ({ machine, tension: set, tensionDoubt: doubt }) => {
      const tension = doubt ? doubt.start : set
      if (doubt && tension === null) return unsettled(machine?.id ?? null, doubt)
      if (tension === null) return null
      const dial = machine?.tensionDial ?? null
      return {
        on: [machine?.id, tension],
        effect: { tension },
        instruction: `Tension ${formatShort(tension)}${doubt ? ' to begin with' : ''}`,
        why: doubt?.why ?? homeWords(tension, dial?.home ?? null),
        picture: dial ? { kind: 'dial', dial, value: tension } : { kind: 'handwheel' },
      }
    },
  },
  {
    id: 'first-stitches',
    step: input =>
      ready(input) && input.threads.length > 0
        ? {
            on: [
              input.machine!.id,
              input.needle!.id,
              input.foot?.id,
              input.plate.singleHole,
              ...input.threads.map(({ id }) => id),
              input.bobbin?.id,
            ],
            needs: ['needle-in'],
            instruction: 'First stitches by handwheel: straight, width 0',
            why:
              'Then a few slowly with the pedal. A straight seam first shows whether threads and '
              + 'bobbin are right.',
            caution: 'Glasses on. Turn toward you; if anything touches, stop and turn back.',
            picture: { kind: 'handwheel' },
          }
        : null,
  },
  {
    id: 'stitch',
    step: input => {
      const { stitch, verdict, safeWidthMm, machine, needle } = input
      if (!stitch || !ready(input) || verdict === null || verdict === 'strikes') return null
      const widthMm = dialledWidthMm(stitch)
      const lengthsMm = dialledLengthsMm(stitch)
      const width = isPlain(input) ? '' : `, width ${formatShort(widthMm)}`
      const lengths = lengthsMm.map(mm => formatShort(mm)).join(' and ')
      const position =
        stitch.positionMm === 0
          ? ''
          : `, needle ${Math.abs(stitch.positionMm)} mm ${stitch.positionMm < 0 ? 'left' : 'right'}`
      return {
        on: [machine!.id, needle!.id, stitch.name, widthMm, ...lengthsMm, stitch.positionMm],
        effect: { widthMm: isPlain(input) ? 0 : widthMm, positionMm: stitch.positionMm },
        instruction: `${stitch.name}: length ${lengths}${width}${position}`,
        why: [plannedWords(stitch), isPlain(input) ? '' : safeWords(safeWidthMm)].filter(Boolean).join(' '),
        caution: isPlain(input) || !several(input) ? '' : 'Never wider, whatever the machine allows.',
        picture: {
          kind: 'plate',
          gapMm: needle!.gapMm,
          sizeNm: needle!.sizeNm,
          blades: bladeCount(input),
          singleHole: input.plate.singleHole && !several(input),
          reachMm: (isPlain(input) ? 0 : widthMm) + outerSpanMm(needle!),
          maxWidthMm: machine!.maxWidthMm,
        },
      }
    },
  },
  {
    id: 'hand-walk',
    step: input =>
      ready(input) && input.combination !== null && input.verdict !== null && input.verdict !== 'strikes'
        ? {
            on: [input.combination],
            instruction: 'Turn the whole pattern through by hand',
            why: 'One whole repeat by handwheel, toward you. Then sew slowly, then faster.',
            caution:
              'Your machine’s own manual first. Glasses on. If anything touches, stop: do not force it.',
            picture: { kind: 'handwheel' },
          }
        : null,
  },
]
