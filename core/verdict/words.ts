import { headline, type Part, type SwingInput } from '#core/swing'
import { formatLengthDown, machineLength } from '#core/units'
import type { JobVerdict } from './judge'

/**
 * What the verdict comes to, beside its word: the number that decides, or how many things do.
 *
 * @example
 * verdictWords(judgeJob(input)) // '0.5 mm to spare in the swing'
 */
export function verdictWords(job: JobVerdict): string {
  const { verdict, swing, reasons } = job
  if (!swing) return 'machine and needle missing'
  const spare = swing.bindingSpareMm
  if (swing.verdict === 'strikes')
    return swing.isHole ? `single hole in the ${swing.binding}` : `${machineLength(-spare)} too far`
  const waiting = reasons.filter(({ about, severity }) => about === 'setup' && severity === verdict)
  if (verdict === 'stop') return `${waiting.length} to mend first`
  if (verdict === 'mind' && !isSwingMinded(job)) return `${waiting.length} to check`
  if (verdict === 'clear' && swing.isHole) return 'straight only'
  if (verdict === 'clear' && isAsGoodAsNothing(spare)) return 'to the end of the swing'
  return `${machineLength(Math.max(0, spare))} to spare ${PLACES[swing.binding]}`
}

/** Shown as 0.0; only a single needle at all of its swing is clear with so little. */
const isAsGoodAsNothing = (mm: number) => mm < 0.05

/** Of what it is: the part that binds need not be the nearest edge. */
const PLACES: Readonly<Record<Part, string>> = {
  machine: 'in the swing',
  foot: 'at the foot',
  plate: 'at the plate',
}

/**
 * The verdict in one line: what to do, with the number to dial in where the swing decides.
 *
 * @param input - the swing's, as it was judged.
 *
 * @example
 * jobHeadline(judgeJob({ swing, setup }), swing) // 'Clear: up to 4.5 mm is safe.'
 */
export function jobHeadline(job: JobVerdict, input: SwingInput): string {
  const { verdict, swing, reasons } = job
  if (!swing || swing.verdict !== 'clear') return swing ? headline(swing, input) : ''
  if (verdict === 'stop') return 'Do not sew yet: mend this first.'
  if (reasons.some(({ code, severity }) => code === 'touching' && severity === 'mind'))
    return 'Almost touching. Make the stitch narrower, or turn it through by hand first.'
  if (verdict === 'clear') return headline(swing, input)
  const safe = swing.swings ? ` up to ${formatLengthDown(swing.safeWidthMm, 'mm')} mm` : ''
  return `The swing is clear${safe}, but check this first.`
}

const isSwingMinded = ({ reasons }: JobVerdict) =>
  reasons.some(({ about, severity }) => about === 'swing' && severity === 'mind')
