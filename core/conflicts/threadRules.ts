import { formatShort } from '#core/units'
import { shareOf } from '#core/dial'
import { onDial, startSettings, type ThreadClass } from '#core/pairing'
import type { Supply } from '#core/terms'
import { capital, classOf, type ConflictRule, firstOf, nameOf, several, word } from './rule'
import type { ConflictInput } from './types'

/** A monofilament above this share of the way down from home puckers. */
const MONOFILAMENT_SHARE = -0.6

/**
 * What speaks against the way threads are led: supply, threading, cutter, discs, tension. Source: common
 * practice.
 */
export const THREAD_RULES: readonly ConflictRule[] = [
  {
    code: 'thick-in-needle',
    severity: 'stop',
    find: input => {
      const thick = firstOf(input, 'thick')
      return thick
        ? {
            message: 'This thread is too thick for a needle: wind it on the bobbin and sew wrong side up.',
            why: 'It is bulky even through 110/18.',
            mend: { kind: 'to-bobbin', label: 'Onto the bobbin', blade: thick.blade },
          }
        : null
    },
  },
  {
    code: 'threader-several',
    severity: 'stop',
    find: input =>
      several(input) && input.threader
        ? {
            message: `Do not use the built-in threader with a ${word(input)} needle: thread by hand.`,
            why: 'Its hook catches between the blades and bends.',
            mend: { kind: 'threader-off', label: 'By hand' },
          }
        : null,
  },
  {
    code: 'threader-thick-thread',
    severity: 'stop',
    find: input => {
      const thread = firstOf(input, 'pearl', 'heavy', 'thick')
      return thread && input.threader
        ? {
            message: `Do not use the built-in threader with ${nameOf(thread)}: use a wire threader.`,
            why: 'The thread bends the threader’s fine hook.',
            mend: { kind: 'threader-off', label: 'By hand' },
          }
        : null
    },
  },
  {
    code: 'film-over-end',
    severity: 'stop',
    find: input => {
      const film = input.threads.find(
        threaded => classOf(threaded) === 'film' && threaded.supply.draw === 'over the end',
      )
      return film
        ? {
            message: 'A film must not be drawn over the spool’s end: let it roll off sideways.',
            why: 'Each turn twists the band once, and twisted it tears.',
            mend: {
              kind: 'supply',
              label: 'Roll it off',
              blade: film.blade,
              supply: { draw: 'rolling off' },
            },
          }
        : null
    },
  },
  {
    code: 'film-in-cup',
    severity: 'stop',
    find: input => {
      const film = input.threads.find(
        threaded => classOf(threaded) === 'film' && threaded.supply.place === 'cup',
      )
      return film
        ? {
            message: 'A film must not lie in a cup: put the spool on a pin where it turns.',
            why: 'In a cup the spool jumps and the band folds.',
            mend: {
              kind: 'supply',
              label: 'Second pin',
              blade: film.blade,
              supply: { place: 'second pin', draw: 'rolling off' },
            },
          }
        : null
    },
  },
  {
    code: 'metallic-in-cup',
    severity: 'warn',
    find: input => {
      const metallic = input.threads.find(
        threaded => classOf(threaded) === 'metallic' && threaded.supply.place === 'cup',
      )
      return metallic
        ? {
            message: 'Metallic kinks in a cup: put it on a stand.',
            why: 'A longer way lets the twist run out before the needle.',
            mend: { kind: 'supply', label: 'Stand', blade: metallic.blade, supply: { place: 'stand' } },
          }
        : null
    },
  },
  {
    code: 'cutter-thick-thread',
    severity: 'warn',
    find: input => {
      const thread = firstOf(input, 'pearl', 'heavy', 'thick')
      return thread && input.cutter
        ? {
            message: `Switch the automatic cutter off: ${nameOf(thread)} jams it.`,
            why: 'It was made for fine thread.',
            mend: { kind: 'cutter-off', label: 'Cutter off' },
          }
        : null
    },
  },
  {
    code: 'cutter-several',
    severity: 'warn',
    find: input =>
      several(input) && input.cutter && input.cutterSchool === 'never'
        ? {
            message: `Switch the automatic cutter off with a ${word(input)} needle.`,
            why: 'Your school: several tails jam where one was meant to go. Schools has the other view.',
            mend: { kind: 'cutter-off', label: 'Cutter off' },
          }
        : null,
  },
  {
    code: 'uneven-supply',
    severity: 'warn',
    find: input => {
      const [first, ...rest] = input.threads
      const odd =
        first && several(input)
          ? rest.find(
              ({ supply }) =>
                differ(runOf(supply), runOf(first.supply)) || differ(supply.draw, first.supply.draw),
            )
          : undefined
      return odd
        ? {
            message:
              'The threads run off differently: one is braked more than the other. Let both run off alike.',
            why: 'The braked one lies tighter, and the rows differ.',
            mend: { kind: 'supply', label: 'Both alike', blade: odd.blade, supply: first!.supply },
          }
        : null
    },
  },
  {
    code: 'one-groove',
    severity: 'warn',
    find: input =>
      several(input) && input.sharedDiscs === true
        ? {
            message:
              'Both threads lie between the same tension discs: part them left and right of the divider.',
            why: 'One holds the discs open and the other runs slack.',
            mend: { kind: 'split-discs', label: 'Part them' },
          }
        : null,
  },
  {
    code: 'triple-groove',
    severity: 'note',
    find: ({ needle }) =>
      needle?.construction === 'triple'
        ? {
            message:
              'Three threads: two of them share a tension groove. Put the two that are alike together.',
            why: 'A machine has two grooves at the most.',
            mend: null,
          }
        : null,
  },
  {
    code: 'different-threads',
    severity: 'note',
    find: ({ threads }) =>
      new Set(threads.map(classOf)).size > 1
        ? {
            message: 'The threads differ: tension and speed follow the more delicate one.',
            why: 'Each has its own needs, and the delicate one breaks first.',
            mend: null,
          }
        : null,
  },
  {
    code: 'monofilament-tension',
    severity: 'warn',
    find: input => {
      const { tension, dial } = input
      if (
        !firstOf(input, 'monofilament')
        || tension === null
        || dial === null
        || shareOf(tension, dial) <= MONOFILAMENT_SHARE
      )
        return null
      const low = startDial(input, 'monofilament')
      return {
        message: `Monofilament puckers at ${formatShort(tension)}: go down to about ${formatShort(low)}.`,
        why: 'It stretches like elastic and draws the cloth together after.',
        mend: { kind: 'tension', label: `Tension ${formatShort(low)}`, dial: low },
      }
    },
  },
  {
    code: 'metallic-tension',
    severity: 'warn',
    find: input => {
      const { tension, dial } = input
      const delicate = firstOf(input, 'metallic', 'film')
      if (!delicate || tension === null || dial === null || tension < dial.home) return null
      const low = startDial(input, classOf(delicate))
      return {
        message: `${capital(nameOf(delicate))} breaks at home tension: begin at about ${formatShort(low)}.`,
        why: 'The wrapping strips where it is pulled over an edge.',
        mend: { kind: 'tension', label: `Tension ${formatShort(low)}`, dial: low },
      }
    },
  },
]

/** Pins brake alike; a stand brakes less, and a cup least of all. */
function runOf({ place }: Supply): 'pin' | 'stand' | 'cup' | null {
  return place === null || place === 'stand' || place === 'cup' ? place : 'pin'
}

function differ<T>(a: T | null, b: T | null): boolean {
  return a !== null && b !== null && a !== b
}

function startDial(
  { needle, technique, goal, stitch, threads, dial, washed }: ConflictInput,
  threadClass: ThreadClass,
): number {
  const thread = threads.find(threaded => classOf(threaded) === threadClass)!.thread
  const { tensionShare } = startSettings({
    thread,
    construction: needle?.construction ?? 'single',
    technique,
    goal,
    swings: stitch?.swings ?? false,
    dial,
    washed,
    pearlTension: 'home',
    own: null,
  })
  return onDial(tensionShare, dial!)
}
