import { formatShort } from '#core/units'
import type { SignId } from './signs'
import {
  delicate,
  FAR_BELOW,
  hand,
  HIGH,
  longer,
  LOW,
  metallicDown,
  NEEDLE_CAUTION,
  nothing,
  slower,
  spentNeedle,
  tooTight,
  up,
  when,
  wrongNeedle,
  type SuspectRule,
} from './suspectRules'

/** First suspects of every sign, the usual order first. Source: common practice; the weights are ours. */
export const SUSPECTS: Readonly<Record<SignId, readonly SuspectRule[]>> = {
  'bobbin-on-top': [
    tooTight,
    {
      id: 'bobbin-colour',
      cause: 'A side-to-side stitch always shows a little of the bobbin',
      change: 'Match the bobbin’s colour',
      expect: 'What shows is not seen',
      does: hand,
      weigh: ({ swings, bobbinMatches }) =>
        !swings
          ? null
          : when(bobbinMatches === false, 1, 'the stitch swings, and the bobbin has another colour'),
    },
    {
      id: 'bobbin-loose',
      cause: 'Bobbin not in its spring',
      change: 'Take the bobbin out and put it in again',
      expect: 'The bobbin thread pulls with a little drag',
      does: hand,
    },
  ],
  'loops-below': [
    {
      id: 'foot-was-down',
      cause: 'The foot was down when threading, so the thread lies outside the discs',
      change: 'Foot up, thread anew, floss it between the discs',
      expect: 'The thread drags when the foot is down',
      does: hand,
    },
    {
      id: 'not-in-discs',
      cause: 'Not between the discs, or past the lever',
      change: 'Thread anew from the spool',
      expect: 'No loops at the same number',
      does: hand,
      weigh: ({ construction }) =>
        when(construction !== 'single', 0.5, 'two threads are easily led past the discs'),
    },
    {
      id: 'top-too-loose',
      cause: 'Top tension too loose',
      change: 'One step up',
      expect: 'The loops close to dots, then vanish',
      does: up,
      weigh: ({ tensionShare }) => {
        if (tensionShare === null) return nothing
        if (tensionShare < LOW) return { by: 2.5, because: 'the dial stands below normal' }
        return when(tensionShare > HIGH, -1.5, 'the dial stands above normal')
      },
    },
    {
      id: 'bobbin-tight',
      cause: 'Bobbin tension too tight',
      change: 'A quarter turn looser, and note where it stood',
      expect: 'The lock rises into the cloth',
      does: hand,
    },
  ],
  'ridge': [
    {
      ...tooTight,
      expect: 'The tuck lies down',
      weigh: ({ technique, tensionShare: t }) => {
        if (t !== null && t < FAR_BELOW) return null
        return technique === 'pintucks'
          ? { by: -3, because: 'in a pintuck it is wanted' }
          : when(t !== null && t > HIGH, 1.5, 'the dial stands above normal')
      },
    },
    longer(0.5, 'The rows draw in less'),
    {
      id: 'stabilize',
      cause: 'The cloth gives way',
      change: 'Tear-away behind it',
      expect: 'It lies flat between the rows',
      does: { kind: 'stabilizer', to: 'tear-away' },
      weigh: ({ stabilizer }) =>
        stabilizer === 'none' ? { by: 0.5, because: 'nothing is behind it' } : null,
    },
    {
      id: 'wide-gap',
      cause: 'A wide gap raises more cloth',
      change: 'A narrower twin',
      expect: 'A lower tuck',
      does: hand,
      caution: NEEDLE_CAUTION,
      weigh: ({ construction }) => (construction === 'single' ? null : nothing),
    },
  ],
  'skips': [
    wrongNeedle,
    {
      id: 'needle-not-up',
      cause: 'Needle not fully up',
      change: 'Loosen the screw, push it up to the stop, tighten',
      expect: 'Every stitch catches',
      does: hand,
      caution: NEEDLE_CAUTION,
    },
    spentNeedle,
    metallicDown,
    slower,
  ],
  'breaks': [
    {
      ...tooTight,
      expect: 'The thread stays whole',
      weigh: ({ tensionShare: t, threads }) =>
        t !== null && t < FAR_BELOW
          ? null
          : when(
              threads.some(
                threadClass =>
                  threadClass === 'metallic' || threadClass === 'film' || threadClass === 'monofilament',
              )
                && (t === null || t > -0.2),
              1.5,
              'this thread wants well under normal',
            ),
    },
    wrongNeedle,
    spentNeedle,
    {
      id: 'path',
      cause: 'It catches on its way',
      change: 'Look at cap, spool edge and last guide; a stand for metallic',
      expect: 'It draws off without jerks',
      does: hand,
    },
    slower,
  ],
  'holes': [
    {
      id: 'needle-too-big',
      cause: 'Needle too big for the cloth',
      change: 'One size thinner',
      expect: 'Holes close after steaming',
      does: hand,
      caution: NEEDLE_CAUTION,
    },
    { ...spentNeedle, expect: 'Clean holes, no pulled threads' },
    {
      id: 'too-dense',
      cause: 'Too many holes side by side',
      change: '0.3 mm longer',
      expect: 'Cloth stays between them',
      does: { kind: 'length', byMm: 0.3 },
      weigh: ({ holesDense }) => when(holesDense, 1.5, 'the drops of this stitch lie close'),
    },
  ],
  'crooked': [
    {
      id: 'needle-too-small',
      cause: 'Needle too thin for the cloth: it is pushed aside',
      change: 'One size stronger',
      expect: 'A straight line',
      does: hand,
      caution: NEEDLE_CAUTION,
    },
    spentNeedle,
    {
      id: 'pulled',
      cause: 'The cloth is pulled',
      change: 'Only guide it, let the feed move it',
      expect: 'Even stitches in a line',
      does: hand,
    },
  ],
  'lost': [
    {
      ...longer(0.5, 'The thread lies on the cloth'),
      cause: 'Too short: it sinks in',
      weigh: ({ lengthMm }) =>
        lengthMm >= 3.5 ? null : when(lengthMm < 3, 1, `length is ${formatShort(lengthMm)}`),
    },
    {
      id: 'heavier',
      cause: 'Thread too thin',
      change: 'A heavier thread above',
      expect: 'It stands on the cloth',
      does: hand,
    },
  ],
  'muddy': [
    { ...longer(0.2, 'Threads lie side by side'), cause: 'Stitches too close' },
    {
      id: 'overlap',
      cause: 'The rows overlap',
      change: 'Look at the build-up under Width and swing',
      expect: 'You see where layers pile up',
      does: hand,
      weigh: ({ construction }) => (construction === 'single' ? null : nothing),
    },
    {
      id: 'other-stitch',
      cause: 'This pattern is too dense for two needles',
      change: 'A more open stitch',
      expect: 'Both colours stay clear',
      does: hand,
    },
  ],
  'ribbon-curls': [
    {
      id: 'open-stitch',
      cause: 'The stitch is too dense for ribbon',
      change: 'A more open stitch',
      expect: 'The ribbon stays flat',
      does: hand,
    },
    { ...tooTight, expect: 'The edges lie down' },
  ],
  'lumpy': [
    {
      id: 'cut-away',
      cause: 'Nothing holds the cloth when it is washed',
      change: 'Cut-away behind it',
      expect: 'Flat after washing',
      does: { kind: 'stabilizer', to: 'cut-away' },
      weigh: ({ stabilizer }) =>
        stabilizer === 'cut-away'
          ? null
          : when(stabilizer === 'tear-away', 1, 'tear-away is gone after a wash'),
    },
    {
      id: 'shrinks',
      cause: 'Thread and cloth shrink unlike',
      change: 'Wash the cloth before, or a polyester thread',
      expect: 'They move together',
      does: hand,
    },
  ],
  'wool-creeps': [
    {
      id: 'pressure',
      cause: 'The foot presses too hard',
      change: 'Less foot pressure',
      expect: 'Top and bottom stay together',
      does: { kind: 'pressure', to: 'less' },
      weigh: ({ pressure }) => (pressure === 'less' ? null : nothing),
    },
    {
      id: 'walking-foot',
      cause: 'Only the lower layer is fed',
      change: 'A walking foot, or baste',
      expect: 'Both layers go at once',
      does: hand,
    },
  ],
  'odd-sound': [
    {
      id: 'stop',
      cause: 'Something touches or jams',
      change: 'Stop. Take the work out, thread anew',
      expect: 'An even sound',
      does: hand,
      caution: 'Stop at once: going on breaks needles. Never reach in while it runs.',
      isUrgent: true,
    },
    {
      id: 'strike',
      cause: 'The needle touches plate or foot',
      change: 'Handwheel through the whole pattern',
      expect: 'Nothing touches',
      does: hand,
      caution: 'Glasses on. Turn toward you; your machine’s own manual first.',
      isUrgent: true,
      weigh: ({ walked }) => when(!walked, 2, 'this setup was not turned through by hand'),
    },
    {
      ...metallicDown,
      cause: 'Metallic thread sings when it is pulled too hard',
      expect: 'A softer sound',
      weigh: on => (delicate(on) ? { by: 0.5, because: 'metallic thread is on' } : null),
    },
    { ...spentNeedle, expect: 'No more popping' },
    {
      id: 'lint',
      cause: 'Lint in the hook',
      change: 'Clean under the plate and round the hook',
      expect: 'A softer sound',
      does: hand,
      caution: NEEDLE_CAUTION,
    },
  ],
  'bulk-at-point': [
    {
      id: 'bite',
      cause: 'The bites meet at the point',
      change: 'A narrower stitch there',
      expect: 'The point stays sharp',
      does: hand,
    },
  ],
}
