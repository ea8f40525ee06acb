import { TURN_WORDS } from '#core/edge'
import type { TurnedPoints } from '#shared/inputs'

type Length = (mm: number) => string
/** No width is turned down finer. */
const tenth = (mm: number) => Math.round(10 * mm) / 10

/** “5 points of 36°”, “1 inside corner of 270°” */
export function pointWords({ count, insideDeg, kind }: TurnedPoints): string {
  const [one, many] = kind === 'inner' ? ['inside corner', 'inside corners'] : ['point', 'points']
  return `${count} ${count === 1 ? one : many} of ${insideDeg}°`
}

/** What one does there, step by step. */
export function turnSteps(
  { how, narrowsOverMm: overMm }: TurnedPoints,
  widthMm: number,
  length: Length,
): string {
  const over = length(tenth(overMm))
  switch (how) {
    case 'overlap':
      return 'Sew up to the point, needle down outside, turn, and sew on over the corner.'
    case 'mitre':
      return `Turn the width from ${length(widthMm)} to nothing over the last ${over}. Turn, and widen again.`
    case 'taper':
      return `Narrow from edge to edge over the last ${over}, to a stitch at the tip. Turn, and widen again.`
    case 'fan':
      return 'Needle down in the corner. Turn a little, sew one bite, go back to the same hole. Repeat.'
  }
}

/** A line for the card: “5 points of 36°: taper the tip. Narrow …” */
export const turnLine = (turned: TurnedPoints, widthMm: number, length: Length): string =>
  `${pointWords(turned)}: ${TURN_WORDS[turned.how].name.toLowerCase()}. ${turnSteps(turned, widthMm, length)}`
