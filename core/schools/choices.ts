import type {
  CutterSchool,
  FilmSpeedSchool,
  HeavyBobbinSchool,
  HiddenBobbinSchool,
  LastGuideSchool,
  MarginSchool,
  PearlEyeSchool,
  PearlTensionSchool,
  SatinFilmSchool,
  ThickPearlSchool,
  ThreadingSchool,
  TripleGapSchool,
  UnwindingSchool,
  WideGapSchool,
} from './schools'

export interface SchoolChoice<Id extends string> {
  readonly id: Id
  readonly name: string
  readonly why: string
}

/** How much is taken off the widest stitch before a twin may swing. */
export const MARGIN_SCHOOLS: readonly SchoolChoice<MarginSchool>[] = [
  {
    id: 'bare',
    name: 'Bare rule',
    why: 'Widest stitch less the gap and nothing more. Every needle bends a little: turn it through by hand.',
  },
  {
    id: 'careful',
    name: 'Careful',
    why: 'A further half millimetre off for anything that swings: room for a needle that bends.',
  },
  {
    id: 'roomy',
    name: 'Roomy',
    why: 'A whole millimetre off: for old machines, heavy cloth and thick needles.',
  },
  { id: 'own', name: 'My own', why: 'A margin you have tried on your own machines.' },
]

/** What the gap on a triple needle's label measures. Source: from memory; labels differ. */
export const TRIPLE_GAP_SCHOOLS: readonly SchoolChoice<TripleGapSchool>[] = [
  {
    id: 'neighbour',
    name: 'Between neighbours',
    why: 'The label gives the distance from one needle to the next. The outer two stand twice as far apart.',
  },
  {
    id: 'total',
    name: 'Across all three',
    why: 'The label gives the distance between the outer needles. Measure yours with a ruler once.',
  },
]

/** Source: common practice: a wide twin is sewn straight only. */
export const WIDE_GAP_SCHOOLS: readonly SchoolChoice<WideGapSchool>[] = [
  {
    id: 'straight-only',
    name: 'Straight from 5.0 up',
    why: 'Rows so far apart do not read as one stitch. Little swing is left.',
  },
  { id: 'arithmetic', name: 'By arithmetic alone', why: 'Whatever clears may swing, however little it is.' },
]

/** What goes on the bobbin under heavy topstitch thread. */
export const HEAVY_BOBBIN_SCHOOLS: readonly SchoolChoice<HeavyBobbinSchool>[] = [
  { id: 'ordinary', name: 'Ordinary 50 wt', why: 'The seam stays flat and the tension is easy to find.' },
  { id: 'same', name: 'The same heavy thread', why: 'Both sides look alike, where both are seen.' },
]

/** Where pearl cotton starts on the dial. */
export const PEARL_TENSION_SCHOOLS: readonly SchoolChoice<PearlTensionSchool>[] = [
  { id: 'home', name: 'Normal tension', why: 'The thread lies on top and nothing else shows.' },
  { id: 'plus-one', name: 'Normal and one', why: 'A hair of bobbin comes up and ties each stitch down.' },
]

/** Where pearl No. 8 goes; thicker always lies on the bobbin. Source: common practice. */
export const THICK_PEARL_SCHOOLS: readonly SchoolChoice<ThickPearlSchool>[] = [
  { id: 'bobbin', name: 'On the bobbin', why: 'In any needle it is bulky: it drags, and the eye wears it.' },
  {
    id: 'needle',
    name: 'Through a 110/18',
    why: 'It has been sewn so, slowly and in a long stitch. Tight in the eye: try it on a scrap.',
  },
]

/** Which needles pearl No. 12 goes through. Source: common practice. */
export const PEARL_EYE_SCHOOLS: readonly SchoolChoice<PearlEyeSchool>[] = [
  {
    id: 'eye',
    name: 'As the eye allows',
    why: 'A topstitch or jeans 100/16 has room for it. In a plain needle it drags, and may fray.',
  },
  {
    id: 'as-sewn',
    name: 'Through a 90/14, or a universal 100/16',
    why: 'It has been sewn so, slowly and with a wire threader. Tight in the eye: try it on a scrap.',
  },
]

/** Whether flat metallic is sewn in satin. Source: common practice. */
export const SATIN_FILM_SCHOOLS: readonly SchoolChoice<SatinFilmSchool>[] = [
  {
    id: 'never',
    name: 'Never',
    why: 'Each stitch folds the flat thread sharply, close to the last fold: it cracks.',
  },
  {
    id: 'sewn',
    name: 'Where nothing rubs it',
    why: 'On a stabilizer and slowly it holds, and nothing shines so. Try a strip first.',
  },
]

/** What is wound under an edge that nobody is to see. Source: common practice. */
export const HIDDEN_BOBBIN_SCHOOLS: readonly SchoolChoice<HiddenBobbinSchool>[] = [
  { id: 'matched', name: 'Cotton in the cloth’s colour', why: 'What comes up at the edge is not seen.' },
  {
    id: 'fine-grey',
    name: 'Fine grey',
    why: 'So thin that it sinks in. Grey hides under most colours: one bobbin for all.',
  },
]

/** Which way a spool turns that unwinds from the side sideways. Source: common practice. */
export const UNWINDING_SCHOOLS: readonly SchoolChoice<UnwindingSchool>[] = [
  { id: 'back', name: 'Over the back', why: 'The thread leaves low behind the spool and keeps off its pin.' },
  { id: 'front', name: 'Over the front', why: 'One sees it run, and stops before it winds round the pin.' },
]

/** How fast a flat metallic is sewn. Source: common practice. */
export const FILM_SPEED_SCHOOLS: readonly SchoolChoice<FilmSpeedSchool>[] = [
  { id: 'slow', name: 'Slow', why: 'Flat metallic tears at a jerk. Sewn slowly, there is none.' },
  { id: 'full', name: 'Full speed', why: 'Once it feeds flat it runs evenly, and an even pull tears least.' },
]

/** Whether the machine's thread cutter may be used with a twin. With heavy thread it is always off. */
export const CUTTER_SCHOOLS: readonly SchoolChoice<CutterSchool>[] = [
  { id: 'never', name: 'Never with a twin', why: 'Two tails jam where one was meant to go.' },
  {
    id: 'allowed',
    name: 'Allowed with a twin',
    why: 'Some machines cut two tails well: the manual says which.',
  },
]

/** How the threads of a twin are led down. Source: common practice. */
export const THREADING_SCHOOLS: readonly SchoolChoice<ThreadingSchool>[] = [
  {
    id: 'divider',
    name: 'Left and right of the divider',
    why: 'Each thread runs in its own groove at its own tension. Without a divider, thread one at a time.',
  },
  {
    id: 'one-by-one',
    name: 'One at a time',
    why: 'The first is all the way through before the second begins, so they never twist.',
  },
  {
    id: 'together',
    name: 'Both together',
    why: 'Quick. Both lie in the same discs from the start: comb them apart with a finger.',
  },
]

/** What the threads of a twin do at the last guide above the needle. Source: common practice. */
export const LAST_GUIDE_SCHOOLS: readonly SchoolChoice<LastGuideSchool>[] = [
  { id: 'each-side', name: 'One each side', why: 'They come down apart and cannot wind round each other.' },
  { id: 'first-in', name: 'First in, second left out', why: 'For a guide that holds one thread only.' },
  { id: 'both-in', name: 'Both in', why: 'Both are held close to the needle, as with one needle.' },
]
