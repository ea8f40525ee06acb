import { formatLength, formatLengthDown, readLength, stitchesPerInch, UNIT_SIGNS } from '#core/units'
import { isStitchLength, LIMITS, type LimitName, unitFor } from '#shared/fields'
import type { Reading } from './useTyped'

const EXAMPLES = { mm: '4.5', inch: '1/4 or 0.25' } as const
const MOST_QUOTED = 20

/** How a typed length is read and written in the unit shown, within a limit. */
export function useLengthReading(limit: () => LimitName) {
  const settings = useSettingsStore()
  const unitNow = () => unitFor(limit(), settings.unit)
  function read(text: string): Reading {
    const unit = unitNow()
    const typed = readLength(text, unit)
    if (!typed)
      return { problem: `“${text.trim().slice(0, MOST_QUOTED)}” is not a length. Type ${EXAMPLES[unit]}.` }
    const [min, max] = LIMITS[limit()]
    if (typed.mm >= min && typed.mm <= max) return { value: typed.mm, said: typed.said }
    const range = `${formatLength(min, unit)} to ${formatLengthDown(max, unit)} ${UNIT_SIGNS[unit]}`
    return { problem: `Type a length from ${range}.` }
  }
  const write = (mm: number) => formatLength(mm, unitNow()).replace('−', '-')
  /** A stitch length counted per inch, for those who measure in inches; '' else. */
  const perInch = (mm: number | null) =>
    settings.unit === 'inch' && mm !== null && isStitchLength(limit()) ? stitchesPerInch(mm) : ''
  return { read, write, perInch, sign: () => UNIT_SIGNS[unitNow()] }
}
