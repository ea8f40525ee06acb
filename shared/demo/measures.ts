import type { Measure } from '../records'

const measure = (
  id: string,
  at: string,
  known: Omit<Measure, 'id' | 'at' | 'dialledMm' | 'photoId' | 'note'> & Partial<Measure>,
): Measure => ({
  dialledMm: null,
  photoId: null,
  note: '',
  ...known,
  id: `demo-measure-${id}`,
  at,
})

/** What the costume room measured, the earlier try of one opening among it. All of it is made up. */
export const measures: Measure[] = [
  measure('tuck-first', '2026-03-02T18:10:00Z', {
    quantity: 'foot-opening',
    ofId: 'demo-foot-tuck',
    name: 'Five-groove',
    value: 6.6,
    spread: 0.3,
    way: 'photo',
    note: 'With a phone, aslant.',
  }),
  measure('tuck', '2026-03-09T17:40:00Z', {
    quantity: 'foot-opening',
    ofId: 'demo-foot-tuck',
    name: 'Five-groove',
    value: 6.4,
    spread: 0.14,
    way: 'wedge',
  }),
  measure('pitch', '2026-03-09T17:52:00Z', {
    quantity: 'groove-pitch',
    ofId: 'demo-foot-tuck',
    name: 'Five-groove',
    value: 3.2,
    spread: 0.03,
    way: 'photo',
  }),
  measure('attic', '2026-03-09T18:05:00Z', {
    quantity: 'machine-opening',
    ofId: 'demo-machine-attic',
    name: 'Attic seven',
    value: 8.2,
    spread: 0.06,
    way: 'photo',
  }),
  measure('batiste', '2026-04-11T19:00:00Z', {
    quantity: 'cloth-thickness',
    ofId: 'demo-cloth-batiste',
    name: 'Batiste',
    value: 0.18,
    spread: 0.018,
    way: 'counting',
    note: 'Twenty layers under the lid of the button tin.',
  }),
  measure('linen', '2026-05-04T16:30:00Z', {
    quantity: 'feed',
    ofId: 'demo-cloth-linen',
    name: 'Linen',
    value: 0.97,
    spread: 0.006,
    way: 'counting',
    dialledMm: 3,
  }),
]
