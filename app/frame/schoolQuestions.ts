import {
  CUTTER_SCHOOLS,
  FILM_SPEED_SCHOOLS,
  HEAVY_BOBBIN_SCHOOLS,
  HIDDEN_BOBBIN_SCHOOLS,
  LAST_GUIDE_SCHOOLS,
  PEARL_EYE_SCHOOLS,
  PEARL_TENSION_SCHOOLS,
  SATIN_FILM_SCHOOLS,
  type Schools,
  THICK_PEARL_SCHOOLS,
  THREADING_SCHOOLS,
  TRIPLE_GAP_SCHOOLS,
  UNWINDING_SCHOOLS,
  WIDE_GAP_SCHOOLS,
} from '#core/schools'

/** The margin is asked about with a number of one's own. */
type Question = Exclude<keyof Schools, 'margin' | 'ownMarginMm'>
interface Asked<Q extends Question> {
  readonly legend: string
  readonly choices: readonly { readonly id: Schools[Q]; readonly name: string; readonly why: string }[]
}

/** What sewists differ on, in the order it is asked: a school that is not asked about breaks the types. */
export const SCHOOL_QUESTIONS: { readonly [Q in Question]: Asked<Q> } = {
  tripleGap: { legend: 'The gap on a triple needle’s label', choices: TRIPLE_GAP_SCHOOLS },
  wideGap: { legend: 'Swing with a wide twin', choices: WIDE_GAP_SCHOOLS },
  heavyBobbin: { legend: 'On the bobbin under heavy thread', choices: HEAVY_BOBBIN_SCHOOLS },
  pearlTension: { legend: 'Tension for pearl cotton', choices: PEARL_TENSION_SCHOOLS },
  thickPearl: { legend: 'Pearl cotton No. 8', choices: THICK_PEARL_SCHOOLS },
  pearlEye: { legend: 'Pearl cotton No. 12', choices: PEARL_EYE_SCHOOLS },
  filmSpeed: { legend: 'Speed for flat metallic (film)', choices: FILM_SPEED_SCHOOLS },
  satinFilm: { legend: 'Flat metallic (film) in satin', choices: SATIN_FILM_SCHOOLS },
  hiddenBobbin: { legend: 'On the bobbin under a hidden edge', choices: HIDDEN_BOBBIN_SCHOOLS },
  unwinding: { legend: 'A spool that unwinds from the side', choices: UNWINDING_SCHOOLS },
  cutter: { legend: 'Thread cutter with a twin', choices: CUTTER_SCHOOLS },
  threading: { legend: 'Leading the threads of a twin', choices: THREADING_SCHOOLS },
  lastGuide: { legend: 'The last guide above a twin', choices: LAST_GUIDE_SCHOOLS },
}
