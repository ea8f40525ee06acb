import { capital, formatNumber, formatShort } from '#core/units'
import { threadClassOf, type ThreadFacts } from '#core/pairing'
import { isStraightOnly } from '#core/schools'
import { type ConflictRule, firstOf, nameOf, several } from './rule'

/** Where a seam must hold. */
const STRENGTH: readonly string[] = ['seam', 'topstitching']
const DECORATIVE: readonly string[] = ['decorative', 'appliqué edge', 'blanket stitch']
const HEAVY_LENGTH_MM = 3
/** Up to here a thread is too weak to sew a seam with itself: 100 wt is 10 tex, 80 wt 12.5. */
const WEAK_TEX = 11
const isWeak = (thread: ThreadFacts | null) =>
  thread !== null && thread.tex !== null && thread.tex <= WEAK_TEX && threadClassOf(thread) === 'fine'
const PINTUCK_WIDEST_MM = 2.5

/** What speaks against the cloth, what is behind it, and the stitch. Source: common practice. */
export const SEWING_RULES = [
  {
    code: 'cotton-on-knit',
    severity: 'warn',
    find: ({ threads, cloth }) =>
      cloth.structure === 'knit' && threads.some(({ thread }) => thread.kind === 'cotton')
        ? {
            message: 'Cotton has no give: on a knit take polyester.',
            why: 'The cloth stretches, the thread breaks.',
            mend: null,
          }
        : null,
  },
  {
    code: 'fine-both',
    severity: 'warn',
    find: input => {
      const strong = STRENGTH.includes(input.technique)
      return strong && isWeak(input.bobbin) && input.threads.some(({ thread }) => isWeak(thread))
        ? {
            message: 'Thread of 100 wt above and below does not hold a seam. Use 80 wt or 50 wt.',
            why: 'So fine on both sides is for decoration only; 80 over 80 holds.',
            mend: null,
          }
        : null
    },
  },
  {
    code: 'dense-no-stabilizer',
    severity: 'warn',
    find: ({ stitch, stabilizer, washed }) =>
      stitch?.dense && stabilizer === 'none'
        ? {
            message: 'A dense stitch without a stabilizer draws the cloth into a tunnel: put one behind.',
            why: 'The thread pulls harder than the cloth can hold.',
            mend: {
              kind: 'stabilizer',
              label: washed ? 'Cut-away' : 'Tear-away',
              stabilizer: washed ? 'cut-away' : 'tear-away',
            },
          }
        : null,
  },
  {
    code: 'tear-away-washed',
    severity: 'warn',
    find: ({ stabilizer, washed }) =>
      washed && stabilizer === 'tear-away'
        ? {
            message: 'Tear-away goes lumpy when washed and tumbled: take cut-away.',
            why: 'What is left of it crumples behind the stitch.',
            mend: { kind: 'stabilizer', label: 'Cut-away', stabilizer: 'cut-away' },
          }
        : null,
  },
  {
    code: 'wide-gap-decorative',
    severity: 'warn',
    find: input =>
      input.needle && isStraightOnly(input.needle, input.schools) && input.stitch?.swings === true
        ? {
            message:
              `A gap of ${formatNumber(input.needle.gapMm, 1)} with a swinging stitch leaves two `
              + 'separate rows. '
              + 'Take 1.6 to 2.5, or sew straight.',
            why: 'Your choice: straight only from a gap of 5.0 up. Sewists differ: see the other choice.',
            mend: null,
          }
        : null,
  },
  {
    code: 'heavy-short',
    severity: 'warn',
    find: input => {
      const thick = firstOf(input, 'heavy', 'pearl')
      return thick && input.stitch && !input.stitch.swings && input.stitch.lengthMm < HEAVY_LENGTH_MM
        ? {
            message:
              `${capital(nameOf(thick))} at length ${formatShort(input.stitch.lengthMm)} sinks into the `
              + 'cloth: 3.0 to 3.5.',
            why: 'A thick thread needs room to lie on top.',
            mend: {
              kind: 'length',
              label: `Length ${formatNumber(HEAVY_LENGTH_MM, 1)}`,
              lengthMm: HEAVY_LENGTH_MM,
            },
          }
        : null
    },
  },
  {
    code: 'pintuck-gap',
    severity: 'note',
    find: input =>
      input.technique === 'pintucks' && several(input) && input.needle!.gapMm > PINTUCK_WIDEST_MM
        ? {
            message:
              `A gap of ${formatNumber(input.needle!.gapMm, 1)} raises a wide, flat tuck. Usual is 1.6 `
              + 'to 2.5: try 2.0 first.',
            why: 'More cloth than the bobbin thread can lift.',
            mend: null,
          }
        : null,
  },
  {
    code: 'pintuck-cloth',
    severity: 'note',
    find: ({ technique, cloth }) =>
      technique === 'pintucks' && (cloth.weight === 'heavy' || cloth.structure === 'felt')
        ? {
            message: 'Heavy cloth does not stand up in pintucks: take a light one.',
            why: 'It is too stiff to fold between two needles.',
            mend: null,
          }
        : null,
  },
  {
    code: 'decorative-cover',
    severity: 'note',
    find: ({ technique, stitch, foot }) =>
      DECORATIVE.includes(technique) && stitch?.dense && foot?.sole === 'grooved'
        ? {
            message: 'A grooved foot presses a dense stitch flat and sticks: take one with a tunnel.',
            why: 'Thick stitches need one wide channel under the sole.',
            mend: null,
          }
        : null,
  },
  {
    code: 'flat-sole-satin',
    severity: 'warn',
    find: ({ stitch, foot }) =>
      stitch?.dense && foot?.sole === 'flat'
        ? {
            message: 'A flat sole stops on a dense stitch. Use a foot with a tunnel under the sole.',
            why: 'The raised stitch has to pass under the foot.',
            mend: null,
          }
        : null,
  },
  {
    code: 'film-dense',
    severity: 'warn',
    find: input =>
      input.schools.satinFilm === 'never' && input.stitch?.dense && firstOf(input, 'film')
        ? {
            message: 'Flat metallic cracks in dense satin: lengthen the stitch or choose an open stitch.',
            why: 'Each stitch folds the flat thread sharply, close to the last fold.',
            mend: null,
          }
        : null,
  },
  {
    code: 'film-dense-school',
    severity: 'note',
    find: input =>
      input.schools.satinFilm === 'sewn' && input.stitch?.dense && firstOf(input, 'film')
        ? {
            message: 'Flat metallic in satin, as you chose: on a stabilizer, slowly, a strip first.',
            why: 'Each stitch folds the flat thread sharply. Where it is rubbed, it cracks.',
            mend: null,
          }
        : null,
  },
] as const satisfies readonly ConflictRule[]
