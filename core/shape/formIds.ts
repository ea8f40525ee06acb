/** Forms of the library. A module of its own: records check them, and load no more. */
export const FORM_IDS = [
  'leaf',
  'petal',
  'drop',
  'heart',
  'star',
  'circle',
  'ellipse',
  'clamshell',
  'crescent',
  'lantern',
  'banner',
  'rectangle',
  'rounded',
] as const
export type FormId = (typeof FORM_IDS)[number]
