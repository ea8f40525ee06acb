import type { JobReasonCode } from './judge'

/** What one may own another of, and put in the place of what is on. */
export type OwnedPart = 'needle' | 'foot' | 'plate' | 'thread' | 'bobbin'

/**
 * What takes a reason away where no single change is right for everybody: another of this part. Common
 * practice.
 */
const MENDED_BY: Readonly<Record<JobReasonCode, OwnedPart | null>> = {
  'single-hole': null,
  'beyond-machine': 'needle',
  'beyond-foot': 'foot',
  'beyond-plate': 'plate',
  'held-at-side': null,
  'spread-undecided': null,
  'within-margin': 'needle',
  'straight-within-margin': 'needle',
  'within-foot-clearance': 'foot',
  'within-plate-clearance': 'plate',
  'fits': null,
  'openings-unmeasured': null,
  'safe-width': null,
  'straight-only': null,
  'no-width-helps': null,
  'hand-walk': null,
  'touching': null,
  'thread-tight': 'needle',
  'thread-loose': 'needle',
  'several-single-hole-plate': null,
  'several-single-hole-foot': null,
  'swing-single-hole': null,
  'several-side-hook': 'needle',
  'bent-needle': 'needle',
  'needle-not-for-knit': 'needle',
  'leather-needle': 'needle',
  'thread-refused': 'needle',
  'needle-too-big': 'needle',
  'needle-too-big-for-cloth': 'needle',
  'narrow-foot-several': null,
  'heavy-twin-type': 'needle',
  'needle-spent': 'needle',
  'metallic-wear': null,
  'fusible-residue': null,
  'thick-in-needle': null,
  'no-top-thread': 'thread',
  'needle-unthreaded': null,
  'bobbin-work-thin': 'bobbin',
  'threader-several': null,
  'threader-thick-thread': null,
  'film-over-end': null,
  'film-in-cup': null,
  'metallic-in-cup': null,
  'pearl-on-pin': null,
  'cutter-thick-thread': null,
  'cutter-several': null,
  'uneven-supply': null,
  'one-groove': null,
  'triple-groove': null,
  'different-threads': null,
  'monofilament-tension': null,
  'metallic-tension': null,
  'tension-carried': null,
  'tension-far': null,
  'tension-low-for-ridge': null,
  'cotton-on-knit': 'thread',
  'fine-both': 'thread',
  'dense-no-stabilizer': null,
  'tear-away-washed': null,
  'wide-gap-decorative': 'needle',
  'heavy-short': null,
  'pintuck-gap': 'needle',
  'pintuck-cloth': null,
  'decorative-cover': 'foot',
  'flat-sole-satin': 'foot',
  'film-dense': 'thread',
  'film-dense-school': null,
}

/**
 * Another of which part takes a reason of the verdict away; null: no part does.
 *
 * @example
 * mendedBy('thread-refused') // 'needle'
 */
export const mendedBy = (code: JobReasonCode): OwnedPart | null => MENDED_BY[code]
