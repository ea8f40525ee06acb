import { type Blade, BLADES } from '#core/needle'
import { threadClassOf } from '#core/pairing'
import { type BobbinTension, type Draw, DRAW_WORDS, type SupplyPlace } from '#core/terms'
import {
  hasHeavyThread,
  isBobbinWork,
  pathPicture,
  needleWord,
  several,
  standsWrong,
  threadsFromSide,
  wantedBobbinTension,
} from './facts'
import { isWoundAsSecond, ledSupplies, sharesSpool } from './supply'
import type { WalkInput, WalkRule, WalkThread } from './types'

const BLADE_WORDS = { left: 'Left', middle: 'Middle', right: 'Right' } as const satisfies Record<
  Blade,
  string
>
/** Nothing is threaded through a needle that cannot be fitted. */
const threadsOf = (input: WalkInput) => (standsWrong(input) ? [] : input.threads)
const isTriple = ({ needle }: WalkInput) => needle?.construction === 'triple'
/** As many as there are. */
const allOf = (input: WalkInput) => (isTriple(input) ? 'All three threads' : 'Both threads')
const find = (input: WalkInput, blade: Blade) => threadsOf(input).find(thread => thread.blade === blade)
const called = (input: WalkInput, { blade, name }: WalkThread) =>
  several(input) ? `${BLADE_WORDS[blade]} thread, ${name}` : name
const sides = (input: WalkInput) => threadsOf(input).map(({ blade }) => blade)
/** Threading has to be done anew when any of this changes. */
const worn = (input: WalkInput) => [
  input.machine?.id,
  input.needle?.id,
  ...input.threads.map(({ blade, id }) => `${blade} ${id}`),
]

/** One at a time: always with one thread, by that school, and where the divider's school finds no divider. */
function oneByOne(input: WalkInput): boolean {
  return (
    input.threads.length === 1
    || input.schools.threading === 'one-by-one'
    || (input.schools.threading === 'divider' && input.machine?.divider !== true)
  )
}
const schoolOf = (input: WalkInput) => (several(input) ? ('threading' as const) : null)
/** A divider has two grooves: the third thread shares with the one it is like. */
const GROOVES = {
  left: 'left of the divider',
  middle: 'at the divider beside the one it is like',
  right: 'right of the divider',
} as const

function placeWords(place: SupplyPlace): string {
  switch (place) {
    case 'cup':
      return 'in the cup'
    case 'over the winder':
    case 'in front of the machine':
      return place
    default:
      return `on the ${place}`
  }
}

/** A spool that lies rolls over its front or its back: sewists disagree. */
const rollsOnPin = (draw: Draw, place: SupplyPlace) =>
  draw === 'rolling off' && place !== 'cup' && place !== 'stand'

const CAP = 'A cap that fits, not so tight that it brakes.'
const FILM_CAP = 'A cap as wide as the spool, clear of the thread. The spool turns and nothing creases.'
const SECOND_SPOOL = 'A second place takes a small spool, or a bobbin wound as a spool.'
function supplyWhy(
  input: WalkInput,
  { place, shared, film }: { readonly place: SupplyPlace; readonly shared: boolean; readonly film: boolean },
): string {
  if (shared)
    return 'No place for a spool is left. A bobbin wound as a spool may share the pin, if both turn freely.'
  if (film)
    return `Flat thread must unwind from the side. Over the top it twists, and twisted it tears. ${FILM_CAP}`
  if (place === 'cup') return cupWhy(input)
  if (place === 'winder pin') return `${SECOND_SPOOL} Let it turn freely.`
  if (!several(input)) return CAP
  return `${needleWord(input) === 'triple' ? 'All three' : 'Both'} must run off equally freely. ${CAP}`
}

/** With one pin the second thread has no way of its own to the first guide. */
function cupWhy(input: WalkInput): string {
  const ball = 'It jumps about on a pin.'
  return several(input) && input.machine?.spoolPins === 1
    ? `${ball} Lead it through a loop or a safety pin beside the spool pin. With the cup in front, lead it `
        + 'over the winder pin. Both threads must come down alike.'
    : ball
}

/** One spool for two needles: the second comes from a bobbin wound of it. */
const windSecondRule: WalkRule = {
  id: 'wind-second',
  step: input => {
    const at = threadsOf(input).findIndex((_, i) => isWoundAsSecond(input, i))
    const thread = threadsOf(input)[at]
    if (!thread) return null
    const { metres } = thread
    return {
      on: [input.machine?.id, thread.blade, thread.id, metres],
      instruction:
        metres === null
          ? `Wind a bobbin of ${thread.name}: it is the second spool`
          : `Wind ${Math.ceil(metres)} m of ${thread.name} on a bobbin: it is the second spool`,
      why: 'One spool for two needles. Wound slowly and evenly it runs off as the spool does.',
      picture: {
        kind: 'supply',
        strand: thread.blade,
        draw: 'rolling off',
        place: 'winder pin',
        film: false,
      },
    }
  },
}

const ASK_SECOND = 'One spool for both needles? Say so at Spools: then a bobbin is wound as the second.'

const supplyRule = (blade: Blade): WalkRule => ({
  id: `supply-${blade}`,
  step: input => {
    const thread = find(input, blade)
    if (!thread) return null
    const { place, draw, shared } = ledSupplies(input)[input.threads.indexOf(thread)]!
    const film = threadClassOf(thread.thread) === 'film'
    const at = input.threads.indexOf(thread)
    const { unwinding } = input.schools
    const rolls = rollsOnPin(draw, place)
    const off = rolls ? `unwinds from the side, over the ${unwinding}` : DRAW_WORDS[draw]
    const isBobbin = isWoundAsSecond(input, at)
    const wound = shared ? 'some wound on a bobbin, ' : ''
    const from = isBobbin ? 'the wound bobbin, ' : wound
    const isAsked = input.secondSpool === null && sharesSpool(input.threads, at)
    return {
      // What is as it always was keeps its tick.
      on: [
        ...[input.machine?.id, blade, thread.id, place, draw, shared],
        ...(rolls && unwinding !== 'back' ? [unwinding] : []),
        ...(isBobbin ? ['wound'] : []),
      ],
      instruction: `${called(input, thread)}: ${from}${placeWords(place)}, ${off}`,
      why: `${supplyWhy(input, { place, shared, film })}${isAsked ? ` ${ASK_SECOND}` : ''}`,
      school: rolls ? 'unwinding' : null,
      picture: { kind: 'supply', strand: blade, draw, place, film },
    }
  },
})

function leadWhy(input: WalkInput, blade: Blade, parted: boolean): string {
  if (parted && blade === 'middle') return 'Two grooves for three threads: two that are alike share one.'
  if (parted && isTriple(input))
    return 'Each thread in a separate groove: no thread holds the discs open for another.'
  if (parted) return 'Separate grooves: neither thread holds the discs open for the other.'
  return several(input) ? 'One all the way through before the next: they do not twist.' : ''
}

/** It may have been let down for the eye before. */
const footUpAgainRule = (blade: Blade): WalkRule => ({
  id: `foot-up-${blade}`,
  step: input => {
    const thread = find(input, blade)
    return thread && thread !== threadsOf(input)[0]
      ? {
          on: worn(input),
          serves: [`lead-${blade}`],
          instruction: 'Presser foot up again',
          why: 'Let down for the last eye, it has closed the discs.',
          picture: { kind: 'foot-up' },
        }
      : null
  },
})

const leadRule = (blade: Blade): WalkRule => ({
  id: `lead-${blade}`,
  step: input => {
    const thread = find(input, blade)
    if (!thread) return null
    const together = several(input) && input.schools.threading === 'together'
    if (together) {
      return blade !== sides(input)[0]
        ? null
        : {
            on: worn(input),
            school: 'threading',
            instruction: `${allOf(input)} together: down through the guides, between the discs`,
            why: 'Your choice. Comb them apart with a finger so that they do not twist.',
            picture: pathPicture(input, 'discs', sides(input)),
          }
    }
    const parted = several(input) && !oneByOne(input)
    return {
      on: [...worn(input), parted, blade],
      school: schoolOf(input),
      instruction:
        `${called(input, thread)}: down through the guides, `
        + `${parted ? GROOVES[blade] : 'between the discs'}`,
      why: leadWhy(input, blade, parted),
      picture: pathPicture(input, 'discs', [blade]),
    }
  },
})

/** Where on the picture of the path each stage lies. */
const STAGE_PICTURES = { floss: 'discs', lever: 'lever', guide: 'guide' } as const

/** A stage done for each thread by itself, or for all of them at the first thread's place. */
function stageRule(
  stage: keyof typeof STAGE_PICTURES,
  blade: Blade,
  words: (input: WalkInput, thread: WalkThread | null) => { instruction: string; why: string } | null,
): WalkRule {
  return {
    id: `${stage}-${blade}`,
    step: input => {
      const thread = find(input, blade)
      if (!thread) return null
      const each = oneByOne(input)
      if (!each && blade !== sides(input)[0]) return null
      const wording = words(input, each ? thread : null)
      return (
        wording && {
          ...wording,
          on: [...worn(input), input.schools.threading, stage === 'guide' ? input.schools.lastGuide : null],
          school: stage === 'guide' && several(input) ? 'lastGuide' : null,
          picture: pathPicture(input, STAGE_PICTURES[stage], each ? [blade] : sides(input)),
        }
      )
    },
  }
}
const flossRule = (blade: Blade) =>
  stageRule('floss', blade, (input, thread) => ({
    instruction: `Floss ${thread ? 'it' : allOf(input).toLowerCase()} to and fro between the discs`,
    why: 'You feel it when it sits: outside the discs it loops below.',
  }))
const leverRule = (blade: Blade) =>
  stageRule('lever', blade, (input, thread) => ({
    instruction: thread ? 'Through the take-up lever' : `${allOf(input)} through the take-up lever`,
    why: 'Lever at its highest: turn the handwheel toward you.',
  }))
/** @param thread - the one led alone; null: all are led together. */
function sideWords(input: WalkInput, blade: Blade, thread: WalkThread | null, guides: number | null): string {
  if (isTriple(input)) return tripleSideWords(blade, thread)
  if (guides === 2) return thread ? 'its own of the two' : 'one thread in each'
  return thread ? `the ${blade} side` : 'one thread each side'
}
function tripleSideWords(blade: Blade, thread: WalkThread | null): string {
  if (!thread) return 'the outer two one each side, the middle one in'
  return blade === 'middle' ? 'in' : `the ${blade} side`
}
function firstWords(input: WalkInput, thread: WalkThread | null, isFirst: boolean): string {
  if (!thread) return isTriple(input) ? 'first in, the others left out' : 'first in, the other left out'
  return isFirst ? 'in' : 'left out'
}
const guideRule = (blade: Blade) =>
  stageRule('guide', blade, (input, thread) => {
    const guides = input.machine?.needleGuides ?? null
    if (guides === 0) return null
    const where =
      guides === null ? 'Last guide above the needle, where there is one' : 'Last guide above the needle'
    if (!several(input)) return { instruction: where, why: '' }
    switch (input.schools.lastGuide) {
      case 'each-side':
        return {
          instruction: `${where}: ${sideWords(input, blade, thread, guides)}`,
          why: 'They come down apart and cannot wind round each other.',
        }
      case 'first-in':
        return {
          instruction: `${where}: ${firstWords(input, thread, blade === sides(input)[0])}`,
          why: 'The guide holds one thread only.',
        }
      case 'both-in':
        return {
          instruction: `${where}: ${thread ? 'in' : `${allOf(input).toLowerCase()} in`}`,
          why: 'Held close to the needle, as with one needle.',
        }
    }
  })

const BUILT_IN_EYE = { instruction: 'Eye: with the built-in threader', why: '' } as const

function eyeByHand(input: WalkInput, blade: Blade): { readonly instruction: string; readonly why: string } {
  const heavy = hasHeavyThread(input)
  const eye = several(input) ? `${BLADE_WORDS[blade]} eye` : 'Eye'
  const way = threadsFromSide(input) ? 'from right to left' : 'from the front to the back'
  return {
    instruction: `${eye} ${heavy ? 'with a wire threader' : 'by hand'}, ${way}`,
    why: heavy
      ? 'Thick thread goes through folded in a wire loop.'
      : 'Cut the end on a slant first. The foot may be down for this: more room for fingers.',
  }
}

const eyeRule = (blade: Blade): WalkRule => ({
  id: `eye-${blade}`,
  step: input => {
    const thread = find(input, blade)
    if (!thread || !input.needle) return null
    const heavy = hasHeavyThread(input)
    const builtIn = input.machine?.threader === true && input.threader && !several(input) && !heavy
    return {
      on: [...worn(input), builtIn],
      needs: ['needle-in'],
      ...(builtIn ? BUILT_IN_EYE : eyeByHand(input, blade)),
      caution:
        !builtIn && input.machine?.threader === true && (several(input) || heavy)
          ? 'Never the built-in threader here: its hook bends.'
          : 'Foot off the pedal; still locked or off.',
      picture: pathPicture(input, 'eye', [blade]),
    }
  },
})

/** Stage by stage for all, or thread by thread, in the order of the school. */
export function threadingOrder(input: WalkInput): readonly WalkRule[] {
  const stages = [leadRule, flossRule, leverRule, guideRule] as const
  return oneByOne(input)
    ? BLADES.flatMap(blade => [footUpAgainRule, ...stages, eyeRule].map(rule => rule(blade)))
    : [...stages, eyeRule].flatMap(rule => BLADES.map(blade => rule(blade)))
}

/** Supplies and the open discs, before any thread is led. Source: common practice. */
export const BEFORE_THREADING: readonly WalkRule[] = [
  windSecondRule,
  ...BLADES.map(supplyRule),
  {
    id: 'foot-up',
    step: input =>
      threadsOf(input).length === 0
        ? null
        : {
            on: [input.machine?.id],
            serves: ['lead-'],
            instruction: 'Presser foot up',
            why: 'Down, it closes the discs: no thread gets between them, and it loops below.',
            picture: { kind: 'foot-up' },
          },
  },
]

const BOBBIN_TENSION_WORDS = {
  bypassed: {
    instruction: 'Lead the bobbin thread past its tension',
    why: 'Thread this thick jams under the spring. Sew wrong side up: it comes out mirrored.',
  },
  home: { instruction: 'Bobbin tension back to normal', why: 'It was changed last time.' },
  changed: {
    instruction: 'Bobbin tension as noted for this piece',
    why: 'Note how far you turned the screw: put it back after.',
  },
} as const satisfies Record<BobbinTension, { instruction: string; why: string }>

/** The thread below. Source: common practice. */
export const BOBBIN_RULES: readonly WalkRule[] = [
  {
    id: 'bobbin',
    step: input =>
      input.bobbin && {
        on: [input.machine?.id, input.bobbin.id],
        instruction: `Bobbin in: ${input.bobbin.name}`,
        why:
          input.machine?.hook === 'up'
            ? 'It drops in from above; see the manual which way it turns.'
            : 'See the manual which way it turns in its case.',
        picture: { kind: 'bobbin', hook: input.machine?.hook ?? null, bypassed: false },
      },
  },
  {
    id: 'bobbin-tension',
    step: input => {
      const wanted = wantedBobbinTension(input)
      if (wanted === 'home' && (input.left.bobbinTension === null || input.left.bobbinTension === 'home'))
        return null
      return {
        on: [input.machine?.id, wanted, input.bobbin?.id],
        effect: { bobbinTension: wanted },
        ...BOBBIN_TENSION_WORDS[wanted],
        picture: { kind: 'bobbin', hook: input.machine?.hook ?? null, bypassed: wanted === 'bypassed' },
      }
    },
  },
  {
    id: 'bring-up',
    step: input =>
      input.bobbin && input.threads.length > 0 && !standsWrong(input)
        ? {
            on: [...worn(input), input.bobbin.id],
            instruction: isBobbinWork(input)
              ? 'Bring the thick thread up by one turn of the handwheel'
              : 'Bring the bobbin thread up by one turn of the handwheel',
            why: isBobbinWork(input)
              ? 'Begun below, it knots and jams.'
              : 'All threads to the back, under the foot, a hand long.',
            caution: 'Turn it toward you, never away.',
            picture: { kind: 'handwheel' },
          }
        : null,
  },
]
