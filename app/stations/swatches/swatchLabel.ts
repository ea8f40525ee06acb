import type { CardFieldId, Label } from '#core/card'
import { swatchFields } from '#shared/inputs'
import type { Swatch } from '#shared/records'
import { dayOf } from '~/utils/dates'

/** The few fields of a swatch that a label has room for. */
const LABEL_FIELDS: readonly CardFieldId[] = [
  'tension',
  'width',
  'length',
  'needle',
  'left',
  'middle',
  'right',
  'bobbin',
  'foot',
]

/** A swatch as it stands on a label to pin to it, without its code. */
export function swatchLabel(swatch: Swatch): Omit<Label, 'code'> {
  const fields = new Map(swatchFields(swatch).map(({ id, value }) => [id, value]))
  const note = { tension: `normal ${fields.get('home')}` } as Partial<Record<CardFieldId, string>>
  return {
    title: swatch.name,
    date: dayOf(swatch.keptAt),
    card: {
      fields: LABEL_FIELDS.filter(id => fields.get(id) !== 'none').map(id => ({
        id,
        label: id,
        value: fields.get(id)!,
        note: note[id] ?? '',
      })),
    },
  }
}
