/** What one may own another of, and put in the place of what is on. */
export type OwnedPart = 'needle' | 'foot' | 'plate' | 'thread' | 'bobbin'

/**
 * What takes a reason away where no single change is right for everybody: another of this part. Common
 * practice.
 */
const MENDED_BY: Readonly<Record<string, OwnedPart>> = {
  'beyond-machine': 'needle',
  'within-margin': 'needle',
  'straight-within-margin': 'needle',
  'beyond-foot': 'foot',
  'within-foot-clearance': 'foot',
  'beyond-plate': 'plate',
  'within-plate-clearance': 'plate',
  'several-side-hook': 'needle',
  'bent-needle': 'needle',
  'needle-spent': 'needle',
  'needle-not-for-knit': 'needle',
  'leather-needle': 'needle',
  'thread-refused': 'needle',
  'thread-tight': 'needle',
  'thread-loose': 'needle',
  'needle-too-big': 'needle',
  'needle-too-big-for-cloth': 'needle',
  'heavy-twin-type': 'needle',
  'wide-gap-decorative': 'needle',
  'pintuck-gap': 'needle',
  'flat-sole-satin': 'foot',
  'decorative-cover': 'foot',
  'cotton-on-knit': 'thread',
  'film-dense': 'thread',
  'no-top-thread': 'thread',
  'fine-both': 'thread',
  'bobbin-work-thin': 'bobbin',
}

/**
 * Another of which part takes a reason of the verdict away; null: no part does.
 *
 * @example
 * mendedBy('thread-refused') // 'needle'
 */
export const mendedBy = (code: string): OwnedPart | null => MENDED_BY[code] ?? null
