import * as z from 'zod/mini'
import { HOOKS } from '#core/terms'
import {
  dialField,
  dialStepProblem,
  idField,
  measured,
  nameField,
  spreadsOver,
  wholeWithin,
  within,
} from '../fields'
import { lengthDialSchema } from './lengthDial'
import { table } from './manifest'

/** null: not known. */
const yesNo = z.nullable(z.boolean())

const machineFields = z.strictObject({
  id: idField,
  name: nameField,
  maxWidthMm: within('maxWidthMm'),
  twinMode: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('none') }),
    z.strictObject({ kind: z.literal('on-off'), assumedGapMm: within('gapMm') }),
    z.strictObject({ kind: z.literal('by-gap') }),
  ]),
  /** null: not known. */
  forgetsTwinMode: yesNo,
  /** How many needle positions, evenly across the widest stitch; null: not known. */
  needlePositions: z.nullable(wholeWithin('needlePositions')),
  plateSlotMm: measured('openingMm'),
  /** Sewn width over dialled width. */
  widthFactor: measured('widthFactor'),
  /** Stitches a minute as one usually drives it. */
  perMinute: measured('stitchesPerMinute'),
  spreads: spreadsOver(['plateSlotMm', 'widthFactor', 'perMinute']),
  tensionDial: z.nullable(dialField),
  /** Lengths its stitches can be set to. */
  lengthDial: z.nullable(lengthDialSchema),
  /** The smallest step its tension can be set by. */
  dialStep: z.nullable(z.number().check(z.gt(0, 'must be above 0'), z.lte(10, 'must be at most 10'))),
  // What preparing it depends on; null: not known.
  divider: yesNo,
  needleGuides: z.nullable(z.literal([0, 1, 2])),
  spoolPins: z.nullable(z.literal([1, 2, 3])),
  stand: yesNo,
  cup: yesNo,
  threader: yesNo,
  cutter: yesNo,
  lock: yesNo,
  hook: z.nullable(z.enum(HOOKS)),
  /** Never oiled by its user. */
  sealed: yesNo,
})

/** What a dial can be set by depends on the dial. */
const machineSchema = machineFields.check(
  z.superRefine(({ tensionDial, dialStep }, context) => {
    const message = dialStepProblem(tensionDial, dialStep)
    if (message) context.addIssue({ code: 'custom', path: ['dialStep'], message })
  }),
)

/** A machine about which only its widest stitch is known. */
export const UNKNOWN_MACHINE = {
  maxWidthMm: 7,
  twinMode: { kind: 'none' },
  forgetsTwinMode: null,
  needlePositions: null,
  plateSlotMm: null,
  widthFactor: null,
  perMinute: null,
  spreads: {},
  tensionDial: null,
  dialStep: null,
  lengthDial: null,
  divider: null,
  needleGuides: null,
  spoolPins: null,
  stand: null,
  cup: null,
  threader: null,
  cutter: null,
  lock: null,
  hook: null,
  sealed: null,
} as const satisfies Omit<z.output<typeof machineSchema>, 'id' | 'name'>

export const machines = table({
  schema: machineSchema,
  since: 1,
  blank: UNKNOWN_MACHINE,
  holdsSetup: 'nowhere',
  refersTo: null,
  words: { one: 'machine', many: 'machines' },
  demo: true,
})
