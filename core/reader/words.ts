import type { ReaderEstimate } from './reader'

/** How far a reading is mostly off, the steadiest first. */
const STEADY_WORDS = [
  [0.4, 'within half a step'],
  [0.75, 'within one step'],
] as const
/** Less than this is neither high nor low. */
const LEAST_BIAS = 0.15
const MUCH_BIAS = 0.4

/**
 * How a person reads, in plain words.
 *
 * @example
 * readerWords({ scatter: 0.3, bias: 0.25, … }) // 'within half a step, slightly high'
 */
export function readerWords({
  scatter,
  bias,
  biasSpread,
}: Pick<ReaderEstimate, 'scatter' | 'bias' | 'biasSpread'>): string {
  const steady = STEADY_WORDS.find(([most]) => scatter <= most)?.[1] ?? 'sometimes more than one step off'
  // What the answers cannot tell from nothing is not said.
  if (Math.abs(bias) < Math.max(LEAST_BIAS, biasSpread)) return steady
  const much = Math.abs(bias) >= MUCH_BIAS ? 'clearly' : 'slightly'
  return `${steady}, ${much} ${bias > 0 ? 'high' : 'low'}`
}
