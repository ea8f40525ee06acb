import { type Blade, threadedBladesOf } from '#core/needle'
import { isThickBelow } from '#core/pairing'
import type { Supply } from '#core/terms'
import { classOf, type ConflictRule, firstOf, isTooThick, nameOf, several, word } from './rule'
import type { ConflictInput } from './types'

const isThreaded = (wanted: Blade, threads: ConflictInput['threads']) =>
  threads.some(({ blade }) => blade === wanted)

/**
 * What speaks against the way threads are led: supply, threading, cutter, discs. Source: common
 * practice.
 */
export const THREAD_RULES = [
  {
    code: 'thick-in-needle',
    severity: 'stop',
    find: input => {
      const thick = input.threads.find(threaded => isTooThick(threaded, input))
      return thick
        ? {
            message: 'This thread is too thick for a needle. Wind it on the bobbin and sew wrong side up.',
            why: 'It is bulky even through 110/18.',
            mend: {
              kind: 'to-bobbin',
              label: 'Onto the bobbin',
              blade: thick.blade,
              tension: input.dial?.home ?? null,
            },
          }
        : null
    },
  },
  {
    code: 'no-top-thread',
    severity: 'warn',
    find: ({ bobbin, threads, needle }) =>
      bobbin && isThickBelow(bobbin) && threads.length === 0 && needle
        ? {
            message: 'Bobbin work: choose a thread for the needle, fine and in the same colour.',
            why: 'The needle thread holds the thick thread from above. You see it while you sew.',
            mend: null,
          }
        : null,
  },
  {
    code: 'needle-unthreaded',
    severity: 'stop',
    find: ({ needle, threads }) => {
      const [threaded] = threads
      const bare = needle && threadedBladesOf(needle.construction).find(blade => !isThreaded(blade, threads))
      if (!threaded || !bare) return null
      return {
        message: `The ${bare} needle of the ${needle.construction} has no thread: choose one.`,
        why: 'Without a thread it only pricks holes.',
        mend: { kind: 'thread-as', label: `As the ${threaded.blade}`, blade: bare, like: threaded.blade },
      }
    },
  },
  {
    code: 'bobbin-work-thin',
    severity: 'warn',
    find: ({ isBobbinWork, bobbin }) =>
      isBobbinWork && (bobbin === null || !isThickBelow(bobbin))
        ? {
            message: 'Bobbin work: wind the thick thread on the bobbin, pearl 8, crochet or floss.',
            why: 'It is the one that will be seen, and it lies below.',
            mend: null,
          }
        : null,
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
            message: 'Flat metallic must not come over the spool’s end. Let it unwind from the side.',
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
            message: 'Flat metallic must not lie in a cup. Put the spool on a pin where it turns.',
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
    code: 'pearl-on-pin',
    severity: 'warn',
    find: input => {
      const ball = input.threads.find(
        ({ thread, supply }) =>
          thread.kind === 'pearl-cotton' && runOf(supply) === 'pin' && supply.draw !== 'rolling off',
      )
      return ball
        ? {
            message: 'A ball of pearl cotton drags on a pin: let it lie in a cup.',
            why: 'It has no core to turn on, and the thread tightens with every turn.',
            mend: { kind: 'supply', label: 'In a cup', blade: ball.blade, supply: { place: 'cup' } },
          }
        : null
    },
  },
  {
    code: 'cutter-thick-thread',
    severity: 'warn',
    find: input => {
      const thread = firstOf(input, 'pearl', 'heavy', 'thick')
      const isBelow = input.bobbin !== null && isThickBelow(input.bobbin)
      const name = thread ? nameOf(thread) : 'the bobbin, sewn from below,'
      return (thread || isBelow) && input.cutter
        ? {
            message: `Switch the automatic cutter off: ${name} jams it.`,
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
      several(input) && input.cutter && input.schools.cutter === 'never'
        ? {
            message: `Switch the automatic cutter off with a ${word(input)} needle.`,
            why:
              'Your choice: several tails jam where one was meant to go. Sewists differ: see the other '
              + 'choice.',
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
              'Both threads lie between the same tension discs. Part them left and right of the divider.',
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
] as const satisfies readonly ConflictRule[]

/** Pins brake alike; a stand brakes less, and a cup least of all. */
function runOf({ place }: Supply): 'pin' | 'stand' | 'cup' | null {
  return place === null || place === 'stand' || place === 'cup' ? place : 'pin'
}

function differ<T>(a: T | null, b: T | null): boolean {
  return a !== null && b !== null && a !== b
}
