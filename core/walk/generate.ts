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
 * stitch, hand-walk.
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

function missingOf(input: WalkInput): Missing[] {
  const { machine, needle, foot, threads, bobbin, tension, stitch, verdict, safeWidthMm } = input
  const short = needle ? bladeNames(needle.construction).length - threads.length : 0
  const missing: (Missing | false)[] = [
    !machine && {
      code: 'machine',
      message: 'Choose the machine: its guides, pins and modes decide the steps.',
    },
    !needle && { code: 'needle', message: 'Choose the needle.' },
    standsWrong(input) && {
      code: 'side-hook',
      message:
        'This machine threads its needle from the side: a twin’s blades would stand one behind the '
        + 'other. Take another machine or a single needle.',
    },
    !foot && { code: 'foot', message: 'Choose the foot.' },
    strikesFoot(input) && {
      code: 'single-hole',
      message: `${foot!.name} has a single hole: the needle strikes it. Choose another foot.`,
    },
    needle !== null
      && short > 0 && {
        code: 'threads',
        message:
          short === 1 && threads.length > 0
            ? 'One needle has no thread yet: choose it.'
            : 'Choose the threads.',
      },
    !bobbin && { code: 'bobbin', message: 'Choose the bobbin thread.' },
    tension === null && {
      code: 'tension',
      message: 'Set a tension to begin with: Thread and needle proposes one.',
    },
    !stitch && { code: 'stitch', message: 'Choose the stitch.' },
    verdict === 'strikes' && {
      code: 'strikes',
      message:
        safeWidthMm === null
          ? 'This stitch strikes at any width: choose another one, or another needle.'
          : `It strikes at width ${stitch!.widthMm}: up to ${formatNumber(safeWidthMm, 1)} is safe. No `
            + 'hand-walk before that.',
    },
  ]
  return missing.filter(entry => entry !== false)
}
