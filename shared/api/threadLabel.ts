import { parseThreadLabel, type ThreadCount } from '#core/thread'
import { RequestProblem } from './requestProblem'

/**
 * A label sent over the API, understood.
 *
 * @param path - the field it stands in, named in the issues.
 * @throws {RequestProblem} `ambiguous` with every reading as an issue, the likely first; else the label's
 *   own code.
 */
export function readLabel(label: string, path: string): ThreadCount {
  const reading = parseThreadLabel(label)
  if (reading.ok) return reading.count
  const hints = reading.code === 'ambiguous' ? reading.readings.map(({ said }) => said) : [reading.message]
  throw new RequestProblem(
    reading.code,
    reading.message,
    hints.map(message => ({ path, message })),
  )
}
