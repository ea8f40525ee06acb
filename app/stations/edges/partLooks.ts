import { FORMS } from '#core/shape'
import type { Cloth, EdgePart } from '#shared/records'

/** Of a cloth nobody chose. */
export const UNCHOSEN_PART_HEX = '#b57e12'

/** What a cloth of an appliqué is called where it has no name, and its colour. */
export function partLook(part: EdgePart, cloths: ReadonlyMap<string, Cloth>) {
  const hex = part.hex ?? cloths.get(part.clothId ?? '')?.hex ?? UNCHOSEN_PART_HEX
  return { name: part.name || cutName(part), hex }
}

function cutName({ cut }: EdgePart): string {
  switch (cut.kind) {
    case 'form':
      return FORMS[cut.form].name
    case 'letters':
      return `“${cut.text}”`
    case 'drawn':
      return 'Drawn shape'
    case 'path':
      return 'Shape from a file'
    case 'string':
      return 'By string'
  }
}
