import { formatNumber } from '#core/units'
import { bladeNames } from '#core/needle'
import { standsWrong, strikesFoot } from './facts'
import { PREPARE_RULES } from './prepareRules'
import { SETTING_RULES } from './settingRules'
import { BEFORE_THREADING, BOBBIN_RULES, threadingOrder } from './threadRules'
import type { Missing, Walk, WalkInput, WalkRule } from './types'

/** Done once the hands leave the needle. */
const AFTER_THREADING: readonly string[] = ['uncover', 'power-on', 'mode-again']
const FITTING = PREPARE_RULES.filter(({ id }) => !AFTER_THREADING.includes(id))
const after = (...ids: string[]) => PREPARE_RULES.filter(({ id }) => ids.includes(id))

/**
 * The steps for this setup on this machine, in the order of work: modes while it is on; needle, plate and
 * foot while it is locked or off; threads with the foot up; bobbin; then on again, tension, first stitches,
 * stitch, turning through by hand.
 *
 * Source of the order and of every rule: common practice. What is not known is not named; what is missing is
 * said, and the rest is given.
 *
 * @param input - see {@link WalkInput}.
 *
 * @example
 * threadingWalk(input).steps.map(({ instruction }) => instruction)
 */
export function threadingWalk(input: WalkInput): Walk {
  const rules: readonly WalkRule[] = [
    ...FITTING,
    ...BEFORE_THREADING,
    ...threadingOrder(input),
    ...after('uncover'),
    ...BOBBIN_RULES.filter(({ id }) => id !== 'bring-up'),
    ...after('power-on', 'mode-again'),
    ...BOBBIN_RULES.filter(({ id }) => id === 'bring-up'),
    ...SETTING_RULES,
  ]
  const steps = rules.flatMap(({ id, step }) => {
    const draft = step(input)
    if (!draft) return []
    const { on, ...wording } = draft
    return [
      {
        why: '',
        caution: '',
        effect: null,
        school: null,
        serves: [],
        needs: [],
        ...wording,
        id,
        key: JSON.stringify([id, ...on]),
      },
    ]
  })
  return { steps, missing: missingOf(input) }
}

interface MissingRule {
  readonly code: Missing['code']
  readonly when: (input: WalkInput) => boolean
  readonly message: string | ((input: WalkInput) => string)
}

const MISSING_RULES: readonly MissingRule[] = [
  {
    code: 'machine',
    when: ({ machine }) => !machine,
    message: 'Choose the machine: its guides, pins and modes decide the steps.',
  },
  { code: 'needle', when: ({ needle }) => !needle, message: 'Choose the needle.' },
  {
    code: 'side-hook',
    when: standsWrong,
    message:
      'This machine threads from the side. A twin’s blades would stand behind each other. Take '
      + 'another machine or a single needle.',
  },
  { code: 'foot', when: ({ foot }) => !foot, message: 'Choose the foot.' },
  {
    code: 'single-hole',
    when: strikesFoot,
    message: ({ foot }) => `${foot!.name} has a single hole: the needle hits it. Choose another foot.`,
  },
  {
    code: 'threads',
    when: input => bladesWithoutThread(input) > 0,
    message: input =>
      bladesWithoutThread(input) === 1 && input.threads.length > 0
        ? 'One needle has no thread yet: choose it.'
        : 'Choose the threads.',
  },
  { code: 'bobbin', when: ({ bobbin }) => !bobbin, message: 'Choose the bobbin thread.' },
  {
    code: 'tension',
    when: ({ tension }) => tension === null,
    message: 'Set a tension to begin with: Thread and needle proposes one.',
  },
  { code: 'stitch', when: ({ stitch }) => !stitch, message: 'Choose the stitch.' },
  {
    code: 'strikes',
    when: ({ verdict }) => verdict === 'strikes',
    message: ({ stitch, safeWidthMm }) =>
      safeWidthMm === null
        ? 'This stitch hits at any width. Choose another stitch or another needle.'
        : `A needle hits at width ${stitch!.widthMm}: up to ${formatNumber(safeWidthMm, 1)} is `
          + 'safe. Do not turn the handwheel before that.',
  },
]

const bladesWithoutThread = ({ needle, threads }: WalkInput) =>
  needle ? bladeNames(needle.construction).length - threads.length : 0

function missingOf(input: WalkInput): Missing[] {
  return MISSING_RULES.filter(({ when }) => when(input)).map(({ code, message }) => ({
    code,
    message: typeof message === 'string' ? message : message(input),
  }))
}
