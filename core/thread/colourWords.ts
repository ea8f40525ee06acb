/** Words of colour as they stand in a thread's name, and what they look like. Our own choice of shades. */
const SHADES: Readonly<Record<string, string>> = {
  white: '#f6f4ee',
  ivory: '#efe6d0',
  cream: '#efe2c0',
  natural: '#e3d8bf',
  black: '#1d1b1e',
  grey: '#8c8a88',
  gray: '#8c8a88',
  silver: '#b9bcc0',
  gold: '#b8860b',
  copper: '#a8623a',
  bronze: '#8a6a3c',
  red: '#b3262e',
  wine: '#6d1f33',
  pink: '#d98aa0',
  rose: '#c9788c',
  orange: '#d1722c',
  yellow: '#d9b53a',
  green: '#3f7a48',
  olive: '#6f7040',
  blue: '#2f5f9e',
  navy: '#22304f',
  turquoise: '#2d8f93',
  purple: '#5d3a78',
  violet: '#5d3a78',
  brown: '#6b4a32',
  beige: '#cdb893',
}
const TINTS = new Set(['light', 'dark', 'pale', 'bright', 'deep', 'antique'])

/** Whether a word says a colour, or how light or dark one is. */
export const isColourWord = (word: string): boolean => word in SHADES || TINTS.has(word)

/**
 * The colour that the words of a thread's name say; null: none of them does.
 *
 * @example
 * shadeOf('Gold metallic') // '#b8860b'
 */
export function shadeOf(name: string): string | null {
  const words = name.toLowerCase().split(/[^a-z]+/)
  return words.map(word => SHADES[word]).find(shade => shade !== undefined) ?? null
}
