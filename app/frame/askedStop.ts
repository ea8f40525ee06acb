import { shallowRef } from 'vue'

/** The stops of the line-up, by what each is called. */
export type StopTitle =
  'Piece' | 'Stitch' | 'Tension' | 'Machine' | 'Spools' | 'Needle' | 'Foot and plate' | 'Cloth' | 'Bobbin'

/** The stop that a page asks to be opened: what it misses is chosen there. */
export const askedStop = shallowRef<StopTitle | null>(null)
