import { capital, formatShort } from '#core/units'
import { shareOf } from '#core/dial'
import { decidingThread, onDial, startSettings, type ThreadClass, type ThreadFacts } from '#core/pairing'
import { classOf, type ConflictRule, firstOf, nameOf } from './rule'
import type { ConflictInput } from './types'

/** A monofilament above this share of the way down from normal tension puckers. */
const MONOFILAMENT_SHARE = -0.6

/** What speaks against the tension that is set. Source: common practice. */
export const TENSION_RULES = [
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
        mend: tensionMend(low),
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
        message: `${capital(nameOf(delicate))} breaks at normal tension: begin at about ${formatShort(low)}.`,
        why: 'The wrapping strips where it is pulled over an edge.',
        mend: tensionMend(low),
      }
    },
  },
  {
    code: 'tension-carried',
    severity: 'warn',
    find: input => {
      const { tension, carriedOver } = input
      if (tension === null || carriedOver.length === 0) return null
      const start = startHere(input)
      const begin = start === null || start === tension ? '' : ` Here one begins at ${formatShort(start)}.`
      return {
        message:
          `Tension ${formatShort(tension)} is carried over (${carriedOver.join('; ')}): `
          + `sew a row before you trust it.${begin}`,
        why: 'A tension belongs to its machine, stitch, thread and needle.',
        mend: start === null ? null : tensionMend(start),
      }
    },
  },
  {
    code: 'tension-far',
    severity: 'warn',
    find: input => {
      const off = offStart(input)
      if (off === null || Math.abs(off.share) <= FAR_SHARE || isLowForRidge(off, input)) return null
      const start = formatShort(off.start)
      const side = off.share > 0 ? 'above' : 'below'
      return {
        message:
          `Tension ${formatShort(input.tension!)} is far ${side} what this asks for: `
          + `begin at about ${start}.`,
        why: off.share > 0 ? 'So tight it puckers, and thread breaks.' : 'So loose the thread loops below.',
        mend: tensionMend(off.start),
      }
    },
  },
  {
    code: 'tension-low-for-ridge',
    severity: 'note',
    find: input => {
      const off = offStart(input)
      if (off === null || !isLowForRidge(off, input)) return null
      const start = formatShort(off.start)
      return {
        message: `At ${formatShort(input.tension!)} a tuck hardly rises: try ${start} first.`,
        why: 'Only a tight thread lifts the cloth between the needles.',
        mend: tensionMend(off.start),
      }
    },
  },
] as const satisfies readonly ConflictRule[]

const tensionMend = (dial: number) =>
  ({ kind: 'tension', label: `Tension ${formatShort(dial)}`, dial }) as const

/** So far from where the rule begins, as a share of the way to the end stop, a number is another job's. */
const FAR_SHARE = 0.5

interface OffStart {
  readonly share: number
  readonly start: number
}

/** How far the tension is from where the rule begins; null: another rule speaks, or too little is known. */
function offStart(input: ConflictInput): OffStart | null {
  const { tension, dial } = input
  const start = startHere(input)
  if (tension === null || dial === null || start === null) return null
  if (firstOf(input, 'monofilament', 'metallic', 'film')) return null
  return { share: shareOf(tension, dial) - shareOf(start, dial), start }
}

const isLowForRidge = ({ share }: OffStart, { goal }: ConflictInput) =>
  share < -FAR_SHARE && goal === 'raised'

function startDial(input: ConflictInput, threadClass: ThreadClass): number {
  return startNumber(input, input.threads.find(threaded => classOf(threaded) === threadClass)!.thread)
}

/** Where one begins here; null: no dial, or no thread to go by. */
function startHere(input: ConflictInput): number | null {
  const { dial, threads, bobbin } = input
  const thread = decidingThread(
    threads.map(({ thread }) => thread),
    bobbin,
  )
  return dial && thread ? startNumber(input, thread) : null
}

function startNumber(input: ConflictInput, thread: ThreadFacts): number {
  if (input.ownStart !== null) return input.ownStart
  const { needle, technique, goal, stitch, dial, washed, schools } = input
  const { ruleShare } = startSettings({
    thread,
    construction: needle?.construction ?? 'single',
    technique,
    goal,
    swings: stitch?.swings ?? false,
    dial,
    dialStep: null,
    washed,
    schools,
    foretold: null,
    own: null,
  })
  return onDial(ruleShare, dial!, input.dialStep)
}
