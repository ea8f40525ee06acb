import type { CoreErrorData } from '#core/errors'
import { formatLength, lengthWithUnit } from '#core/units'

/** What the core calls a field, as the planners call it. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  'spacingMm': 'Tuck to tuck',
  'count': 'The number of tucks',
  'fillMm': 'The width to fill',
  'group.of': 'Tucks each',
  'group.gapMm': 'Between groups',
  'pieceMm': 'The finished width',
  'edgeMm': 'The distance to the first tuck',
  'reserveMm': 'The allowance',
  'cordMm': 'The cord',
  'takeUp.beforeMm': 'Wide before',
  'takeUp.afterMm': 'Wide after',
  'takeUp.tucks': 'Tucks on the swatch',
  'takeUp.readMm': 'The ruler',
  'toleranceMm': 'Wanted to within',
  'angleDeg': 'The angle',
  'rowsMm': 'A row',
  'wantedMm': 'The stitch length',
  'mostMissMm': 'What it may miss a corner by',
  'wideMm': 'The width',
  'tallMm': 'The height',
  'cornerMm': 'The corner',
  'spreadMm': 'How far the points stand out',
  'lengthMm': 'The length',
  'diameterMm': 'The diameter',
  'distanceMm': 'Row to row',
  'marginMm': 'Free before the first row',
  'sagMm': 'The bow of the first row',
  'stitch.widthMm': 'The bite',
  'stitch.lengthMm': 'The stitch length',
  'stemMm': 'The stem',
  'stemBowMm': 'The bow of the stem',
  'overlapsMm': 'The overlap',
  'legsMm': 'A side',
  'alongMm': 'The length',
  'bandMm': 'The band',
  'overlapMm': 'The overlap',
  'mostRows': 'The number of rows',
  'choices': 'The stitches',
  'leanDeg': 'The lean of the fronds',
}

/** Their lengths are dialled, or lie in the machine: in mm always. */
const ON_THE_MACHINE = new Set(['wantedMm', 'stitch.widthMm', 'stitch.lengthMm'])

/** Words for what a plan cannot be worked out with, in the planners' names for its fields. */
export function useProblemWords() {
  const settings = useSettingsStore()
  const fromTo = (min: number, max: number, field: string) => {
    const unit = ON_THE_MACHINE.has(field) ? 'mm' : settings.unit
    return `${formatLength(min, unit)} to ${lengthWithUnit(max, unit)}`
  }
  const wordsOf = ({ code, message, details }: CoreErrorData): string => {
    const field = String(details.field ?? '')
    const point = /^(?:outline|shape)\.pointsMm\.(\d+)/.exec(field)
    if (code === 'bad-outline' && point)
      return message.replace(field, `Point ${Number(point[1]) + 1} of the edge`)
    if (field === 'shape.path') return `${message.replace(field, 'The drawing')}.`
    const side = /^sides\.(\d+)\./.exec(field)
    const name = side ? `Side ${Number(side[1]) + 1}` : FIELD_WORDS[field]
    if (!name) return message
    if (code === 'non-finite') return `${name} is not a number.`
    if (code !== 'out-of-range') return message
    const [min, max] = [Number(details.min), Number(details.max)]
    return field.endsWith('Mm')
      ? `${name} goes from ${fromTo(min, max, field)} here.`
      : `${name} goes from ${min} to ${max} here.`
  }
  return (error: CoreErrorData): string => asSentence(wordsOf(error))
}
/** The core's messages end without a full stop: something may follow them. */
const asSentence = (words: string): string => (/[.!?]$/.test(words) ? words : `${words}.`)
