import { needleLife } from '#core/care'
import { needleSizeLabel } from '#core/needle'
import { suitsKnit, type ThreadClass } from '#core/pairing'
import type { FootKind } from '#core/terms'
import { capital } from '#core/units'
import type { ConflictInput, Mend } from './types'
import {
  classOf,
  type ConflictRule,
  firstOf,
  fitIn,
  isRefused,
  isTooThick,
  nameOf,
  several,
  word,
} from './rule'

/** Bigger leaves holes, with fine thread and in light cloth. Common practice. */
const BIGGEST_FOR_FINE_NM = 80
const BIGGEST_FOR_LIGHT_NM = 90
/** Threads that nobody needs a big needle for. */
const FOR_SMALL_NEEDLES: readonly ThreadClass[] = ['embroidery', 'all-purpose', 'fine', 'monofilament']
const MADE_FOR_ONE: readonly FootKind[] = ['quarter-inch', 'edge guide', 'straight']

/** What takes the place of the parts on that have a single hole. */
type WiderKind = 'plate' | 'foot' | 'plate-and-foot'
const WIDER: Readonly<Record<WiderKind, { readonly label: string; readonly doing: string }>> = {
  'plate': { label: 'Zigzag plate', doing: 'fit the zigzag plate' },
  'foot': { label: 'A foot with a slot', doing: 'fit a foot with a slot' },
  'plate-and-foot': {
    label: 'Zigzag plate and a foot with a slot',
    doing: 'fit the zigzag plate and a foot with a slot',
  },
}
function widerKind({ plate, foot }: ConflictInput): WiderKind {
  if (!plate.singleHole) return 'foot'
  return foot?.singleHole ? 'plate-and-foot' : 'plate'
}
const widerWords = (input: ConflictInput) => WIDER[widerKind(input)].doing
const widerMend = (input: ConflictInput): Mend => {
  const kind = widerKind(input)
  return { kind, label: WIDER[kind].label }
}

/**
 * What speaks against the needle: the holes it must pass, the cloth, the thread's weight, its wear. Source:
 * common practice.
 */
export const NEEDLE_RULES = [
  {
    code: 'several-single-hole-plate',
    severity: 'stop',
    find: input =>
      several(input) && input.plate.singleHole
        ? {
            message: `A ${word(input)} needle hits the single-hole plate: ${widerWords(input)}.`,
            why: 'Blades stand beside the hole’s middle.',
            mend: widerMend(input),
          }
        : null,
  },
  {
    code: 'several-single-hole-foot',
    severity: 'stop',
    find: input =>
      several(input) && input.foot?.singleHole && !input.plate.singleHole
        ? {
            message: `A ${word(input)} needle hits a foot with a single hole: ${widerWords(input)}.`,
            why: 'Blades stand beside the hole’s middle.',
            mend: widerMend(input),
          }
        : null,
  },
  {
    code: 'swing-single-hole',
    severity: 'stop',
    find: input => {
      if (several(input) || !input.needle || !input.stitch?.swings) return null
      if (!input.plate.singleHole && !input.foot?.singleHole) return null
      const part = input.plate.singleHole ? 'the single-hole plate' : 'a foot with a single hole'
      return {
        message: `A stitch that swings hits ${part}: ${widerWords(input)}.`,
        why: 'The hole takes a needle in its middle only.',
        mend: widerMend(input),
      }
    },
  },
  {
    // Geometry; which machines thread from the side: from memory.
    code: 'several-side-hook',
    severity: 'stop',
    find: input =>
      several(input) && input.hook === 'left'
        ? {
            message:
              `This machine threads from the side. A ${word(input)} needle’s blades would stand behind `
              + 'each other. Take a single needle.',
            why: 'Its clamp holds the flat to the right, not to the back.',
            mend: null,
          }
        : null,
  },
  {
    code: 'bent-needle',
    severity: 'stop',
    find: ({ needle }) =>
      needle?.wear.state === 'bent'
        ? {
            message: 'This needle is bent: put it into the tin and change the needle.',
            why: 'A bent needle lands where nothing was measured.',
            mend: null,
          }
        : null,
  },
  {
    code: 'needle-not-for-knit',
    severity: 'warn',
    find: ({ needle, cloth }) =>
      needle && cloth.structure === 'knit' && !suitsKnit(needle.type)
        ? {
            message: `A ${needle.type} needle on a knit: take stretch or ballpoint.`,
            why: 'A sharp point cuts loops and skips stitches.',
            mend: null,
          }
        : null,
  },
  {
    code: 'leather-needle',
    severity: 'warn',
    find: ({ needle, cloth }) =>
      needle?.type === 'leather' && cloth.structure !== null && cloth.structure !== 'leather'
        ? {
            message: `A leather needle cuts ${cloth.structure} cloth: take another type.`,
            why: 'Its point is a blade.',
            mend: null,
          }
        : null,
  },
  {
    code: 'thread-refused',
    severity: 'stop',
    find: input => {
      const { needle } = input
      // What is too thick for any needle is told where it belongs: see `thick-in-needle`.
      const refused =
        needle
        && input.threads.find(threaded => isRefused(threaded, needle, input) && !isTooThick(threaded, input))
      if (!refused) return null
      const { practiceWhy, fill } = fitIn(refused, needle, input)
      const size = needleSizeLabel(needle.sizeNm)
      return {
        message:
          `${capital(nameOf(refused))} does not run through a ${needle.type} ${size}: `
          + 'take another needle.',
        why: `${capital(practiceWhy ?? `it would fill ${Math.round(100 * fill)} % of the eye (eye model)`)}.`,
        mend: null,
      }
    },
  },
  {
    code: 'needle-too-big',
    severity: 'warn',
    find: input => {
      const fine = firstOf(input, 'fine', 'monofilament')
      return fine && input.needle && input.needle.sizeNm > BIGGEST_FOR_FINE_NM
        ? {
            message:
              `Size ${input.needle.sizeNm} leaves holes with ${nameOf(fine)}: `
              + `${classOf(fine) === 'monofilament' ? '60/8 or 70/10' : '70/10 or 80/12'}.`,
            why: 'The hole is wider than the thread that should fill it.',
            mend: null,
          }
        : null
    },
  },
  {
    code: 'needle-too-big-for-cloth',
    severity: 'warn',
    find: ({ needle, cloth, threads }) => {
      const needsIt = threads.some(threaded => !FOR_SMALL_NEEDLES.includes(classOf(threaded)))
      return needle && cloth.weight === 'light' && needle.sizeNm > BIGGEST_FOR_LIGHT_NM && !needsIt
        ? {
            message: `Size ${needle.sizeNm} leaves holes in light cloth: 70/10 to 80/12.`,
            why: 'Each stitch pushes the fine threads of the cloth apart, and they stay apart.',
            mend: null,
          }
        : null
    },
  },
  {
    // Which feet are made for one needle: common practice. A measured opening is judged by the swing itself.
    code: 'narrow-foot-several',
    severity: 'warn',
    find: input => {
      const { foot } = input
      const isNarrow =
        foot?.kind && !foot.singleHole && foot.slotMm === null && MADE_FOR_ONE.includes(foot.kind)
      return several(input) && isNarrow
        ? {
            message:
              `This ${foot.kind} foot is made for one needle. Measure its opening or change it before a `
              + `${word(input)} goes down.`,
            why: 'Its opening is narrow, and its guide may stand where a blade comes down.',
            mend: { kind: 'foot', label: 'Another foot' },
          }
        : null
    },
  },
  {
    code: 'heavy-twin-type',
    severity: 'warn',
    find: input => {
      const { needle } = input
      return several(input)
        && firstOf(input, 'heavy')
        && needle!.type !== 'jeans'
        && needle!.type !== 'topstitch'
        ? {
            message: 'Heavy thread in a twin needs a jeans or topstitch one.',
            why: 'Other twins have neither the eye nor the stiffness.',
            mend: null,
          }
        : null
    },
  },
  {
    code: 'needle-spent',
    severity: 'warn',
    find: ({ needle }) => {
      const life = needle && needle.wear.state !== 'bent' ? needleLife(needle.wear) : null
      return life?.advice === 'now'
        ? {
            message: `Change this needle: ${life.why}.`,
            why: 'A dull or rough one skips, frays and pulls threads.',
            mend: null,
          }
        : null
    },
  },
  {
    code: 'metallic-wear',
    severity: 'note',
    find: input =>
      input.needle?.wear.seen.metallic && !firstOf(input, 'metallic', 'film')
        ? {
            message: 'This needle has sewn metallic: look at its eye before other thread goes through.',
            why: 'Metallic cuts a groove that frays what follows.',
            mend: null,
          }
        : null,
  },
  {
    code: 'fusible-residue',
    severity: 'note',
    find: ({ needle }) =>
      needle?.wear.seen.fusible
        ? {
            message: 'This needle has sewn fusible: wipe it with alcohol.',
            why: 'The glue makes it sticky, and sticky it skips.',
            mend: null,
          }
        : null,
  },
] as const satisfies readonly ConflictRule[]
