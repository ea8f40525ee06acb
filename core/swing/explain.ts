import { giveOrTake } from '#core/measured'
import { bladeNames, outerSpanMm } from '#core/needle'
import { hasSwing } from '#core/stitch'
import { formatLength, formatLengthDown, formatNumber, machineLength } from '#core/units'
import { evidenceOf, evidenceWords } from './evidence'
import { keptMarginMm, openingMm, ROUNDING_MM, roomsOf, widestSwingMm } from './rooms'
import type { Part, Reason, ReasonCode, SwingInput, SwingResult } from './types'
import { otherEnd } from './undecided'

const PART_WORDS = {
  machine: 'machine’s widest stitch',
  foot: 'foot',
  plate: 'needle plate',
} as const satisfies Record<Part, string>

/**
 * The verdict in one line: what to do, with the number to dial in.
 *
 * @example
 * headline(result, input) // 'Set the width to 4.5 mm or less.'
 */
export function headline(result: SwingResult, input: SwingInput): string {
  const { verdict, safeWidthMm, swings } = result
  const hole = singleHolePart(input)
  if (hole && verdict === 'strikes') return `Do not sew: the ${hole} has a single hole.`
  const safe = `${formatLengthDown(safeWidthMm, 'mm')} mm`
  if (safeWidthMm === null) {
    return verdict === 'strikes'
      ? 'Do not sew: no width makes this fit.'
      : 'Little room: no width keeps the usual margin.'
  }
  if (verdict === 'clear') return swings ? `Clear: up to ${safe} is safe.` : 'Clear for a straight seam.'
  return safeWidthMm === 0 ? 'Sew straight only: no swing is safe here.' : `Set the width to ${safe} or less.`
}

/**
 * The sum behind the safe width, for the part that limits it: `7.0 widest − 2.0 gap − 0.5 margin = 4.5`.
 *
 * For a stitch held at an end of the swing: how far its held edge stands out, plus the room on the other
 * side, less half the gap. Drops of another shape have no one-line sum; then the check is named instead.
 *
 * @example
 * arithmetic(input) // '7.0 widest − 2.0 gap − 0.5 margin = 4.5'
 */
export function arithmetic(input: SwingInput): string {
  const sum = sumOnCloth(input)
  const factor = input.stitch.widthFactor ?? 1
  if (factor === 1 || !sum.includes(' = ')) return sum
  return `${sum}, over ${formatNumber(factor, 2)} as it comes out wider than dialled`
}

/** In mm on the cloth, which are the dial's where nobody measured that they are not. */
function sumOnCloth(input: SwingInput): string {
  const { stitch, needle } = input
  const widestMm = widestSwingMm(input)
  const movedMm = stitch.positionMm * (stitch.widthFactor ?? 1)
  const length = (mm: number) => formatLength(mm, 'mm')
  const room = roomsOf(input).reduce((least, next) =>
    next.safeMm < least.safeMm - ROUNDING_MM ? next : least,
  )
  const halfSpan = outerSpanMm(needle) / 2
  if (stitch.alignment !== 'centre') {
    const heldMm = widestMm / 2 + (heldSide(input) === 'left' ? -1 : 1) * movedMm
    const outMm = heldMm + halfSpan
    if (outMm - room.safeMm > ROUNDING_MM)
      return (
        `held edge ${length(heldMm)} + ${length(halfSpan)} half the gap = ${length(outMm)}, and `
        + `${length(room.safeMm)} is free`
      )
    return (
      `held edge ${length(heldMm)} + ${length(room.safeMm)} room on the other side − `
      + `${length(halfSpan)} half the gap = ${length(heldMm + room.safeMm - halfSpan)}`
    )
  }
  const xs = stitch.drops.map(({ x }) => x)
  const fullSwing =
    !hasSwing(stitch)
    || (Math.abs(Math.min(...xs) + 0.5) < ROUNDING_MM && Math.abs(Math.max(...xs) - 0.5) < ROUNDING_MM)
  if (!fullSwing) return `every one of ${xs.length} drops checked against the ${PART_WORDS[room.part]}`
  const gap =
    halfSpan === 0 ? '' : ` − ${length(2 * halfSpan)} ${needle.construction === 'twin' ? 'gap' : 'outer gap'}`
  const moved = movedMm === 0 ? '' : ` − 2 × ${length(Math.abs(movedMm))} needle moved`
  const left = length(2 * (room.safeMm - halfSpan - Math.abs(movedMm)))
  if (room.kind === 'half-width') {
    const kept = keptMarginMm(input)
    const margin = kept > 0 ? ` − ${length(kept)} margin` : ''
    return `${length(widestMm)} widest${gap}${margin}${moved} = ${left}`
  }
  if (room.kind === 'single-hole') return 'a single hole takes one needle in its middle, and no swing'
  const part = room.part === 'foot' ? 'foot' : 'plate'
  const atLeast = (evidenceOf(input).spreadsMm[part] ?? 0) > 0 ? ' at least' : ''
  const opening = `${length(openingMm(input, part) ?? 0)} ${part} opening${atLeast}`
  const blade = `${length(needle.sizeNm / 100)} blade − 2 × ${length(input.clearanceMm)} clearance`
  return `${opening}${gap} − ${blade}${moved} = ${left}`
}

/**
 * The verdict in words with its arithmetic, worst first. Codes are stable, messages are not.
 *
 * @param result - from `judgeSwing` on the same input.
 *
 * @example
 * explainSwing(result, input)[0].code // 'beyond-machine'
 */
export function explainSwing(result: SwingResult, input: SwingInput): Reason[] {
  const reasons: Reason[] = []
  const say = (code: ReasonCode, message: string) => reasons.push({ code, message })
  const length = machineLength
  const { verdict, worstDrop, broken } = result
  const place = worstPlace(result, input, length)

  const hole = singleHolePart(input)
  if (hole && verdict === 'strikes') say('single-hole', singleHoleSentence(hole, worstDrop, length))
  for (const [index, part] of broken.entries()) {
    const text = reasonFor(part, result, input, index === 0 ? `${place} ` : '', length)
    if (text) say(text.code, text.message)
  }
  if (verdict === 'strikes' && input.stitch.alignment !== 'centre' && result.limitWidthMm === null && !hole) {
    say(
      'held-at-side',
      `This stitch starts at the ${heldSide(input)} end of the swing. A narrower width does not `
        + 'help. Move the needle towards the middle, or choose a centred stitch.',
    )
  }
  const other = otherEnd(result, input)
  if (other) say('spread-undecided', undecidedSentence(other, input))
  if (verdict === 'clear') say('fits', `${place} ${spareSentence(result, input, length)}`)
  const evidence = evidenceOf(input)
  if (evidence.evidence === 'rule' && !hole && input.needle.construction !== 'single')
    say('openings-unmeasured', `${evidenceWords(evidence)}.`)
  say(...safeWidthReason(result, input))
  if (verdict !== 'strikes')
    say(
      'hand-walk',
      'Turn the handwheel toward you through one whole repeat before you sew. The machine’s own '
        + 'manual comes first.',
    )
  return reasons
}

function undecidedSentence(other: 'clear' | 'close', input: SwingInput): string {
  const { spreadsMm } = evidenceOf(input)
  const parts = (['foot', 'plate'] as const).filter(part => (spreadsMm[part] ?? 0) > 0)
  const known = parts.map(
    part => `${part} ± ${machineLength(giveOrTake({ value: 0, spread: spreadsMm[part]! }))}`,
  )
  return (
    `Measured to ${known.join(', ')}. At the narrow end a needle hits, at the wide end it is ${other}. `
    + 'The opening counts as too narrow until you measure it more closely.'
  )
}

function singleHoleSentence(
  hole: 'foot' | 'plate',
  { blade, xMm }: SwingResult['worstDrop'],
  length: (mm: number) => string,
): string {
  return (
    `The ${hole} has one round hole and the ${blade === 'only' ? '' : `${blade} `}needle lands `
    + `${length(Math.abs(xMm))} beside its middle. Change the ${hole} before you turn the handwheel.`
  )
}

type Say = readonly [ReasonCode, string]

function safeWidthReason({ safeWidthMm, swings }: SwingResult, input: SwingInput): Say {
  if (safeWidthMm === null) return ['no-width-helps', `No width keeps the margin: ${arithmetic(input)}.`]
  if (safeWidthMm === 0) return ['straight-only', `Straight only: ${arithmetic(input)}.`]
  const lead = swings ? 'Safe width' : 'Room to swing'
  return ['safe-width', `${lead} ${formatLengthDown(safeWidthMm, 'mm')} mm: ${arithmetic(input)}.`]
}

function reasonFor(
  part: Part,
  result: SwingResult,
  input: SwingInput,
  place: string,
  length: (mm: number) => string,
) {
  const { verdict, swings, spanMm } = result
  const half = length(widestSwingMm(input) / 2)
  const slot = part === 'machine' ? null : openingMm(input, part)
  if (verdict === 'strikes') {
    if (part === 'machine')
      return { code: 'beyond-machine', message: `${place}The machine swings ${half} to each side.` } as const
    if (slot === null || isSingleHole(part, input)) return null
    return {
      code: part === 'foot' ? 'beyond-foot' : 'beyond-plate',
      message: `${place}The ${PART_WORDS[part]} opens ${length(slot / 2)} to each side.`,
    } as const
  }
  if (part !== 'machine') {
    return {
      code: part === 'foot' ? 'within-foot-clearance' : 'within-plate-clearance',
      message:
        `${place}The ${PART_WORDS[part]} opens ${length((slot ?? 0) / 2)} to each side: less than `
        + `${length(input.clearanceMm)} stays free.`,
    } as const
  }
  if (!swings)
    return { code: 'straight-within-margin', message: straightSentence(input, spanMm, length) } as const
  return {
    code: 'within-margin',
    message:
      `${place}The machine swings ${half} to each side: less than half the `
      + `${length(input.marginMm)} margin is left.`,
  } as const
}

function straightSentence(input: SwingInput, spanMm: number, length: (mm: number) => string): string {
  return (
    `The needles stand ${length(spanMm)} apart; the widest stitch is ${length(widestSwingMm(input))}. `
    + `Even a straight stitch leaves no more than the ${length(input.marginMm)} margin.`
  )
}

function worstPlace(
  { worstDrop }: SwingResult,
  { needle, stitch }: SwingInput,
  length: (mm: number) => string,
): string {
  const who = bladeNames(needle.construction).length === 1 ? 'the needle' : `the ${worstDrop.blade} needle`
  const side = worstDrop.xMm < 0 ? 'left' : 'right'
  return (
    `Needle position ${worstDrop.index + 1} of ${stitch.drops.length}: ${who} goes down `
    + `${length(Math.abs(worstDrop.xMm))} ${side} of the middle. Its edge is at `
    + `${length(Math.abs(worstDrop.xMm) + needle.sizeNm / 200)}.`
  )
}

function spareSentence(
  { spareLeftMm, spareRightMm, binding }: SwingResult,
  input: SwingInput,
  length: (mm: number) => string,
): string {
  const measured = input.machine.plateSlotMm !== null || input.foot.slotMm !== null
  if (!measured && input.needle.construction === 'single')
    return 'A single needle may use all of the machine’s own swing.'
  const what = measured ? 'to the nearest measured edge' : 'to the end of the machine’s swing'
  return (
    `${length(spareLeftMm)} to spare on the left and ${length(spareRightMm)} on the right, ${what}. `
    + `The ${PART_WORDS[binding]} is the tightest.`
  )
}

function singleHolePart({ foot, plate }: SwingInput): 'plate' | 'foot' | null {
  if (plate.singleHole) return 'plate'
  return foot.singleHole ? 'foot' : null
}

function isSingleHole(part: Part, input: SwingInput): boolean {
  return part === 'foot' ? input.foot.singleHole : part === 'plate' && input.plate.singleHole
}

function heldSide({ stitch }: SwingInput): 'left' | 'right' {
  return (stitch.alignment === 'left') !== stitch.mirror ? 'left' : 'right'
}
