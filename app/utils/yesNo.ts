/** A yes or no that may be unknown, as forms and files write it: empty while it is not known. */
export function yesNoText(value: boolean | null): '' | 'yes' | 'no' {
  if (value === null) return ''
  return value ? 'yes' : 'no'
}

/** Back from text; whatever is not a yes is a no. */
export const yesNoValue = (text: string): boolean | null => (text === '' ? null : text === 'yes')
