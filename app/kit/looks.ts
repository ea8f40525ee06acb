import { tv } from '@nuxt/ui/utils/tv'

/** The classes of one kind, by the kit's names for its parts. */
type Look<Part extends string> = Readonly<Record<Part, string>>
type Parts<Part extends string> = Record<Part, (of: { class?: string | undefined }) => string>

/**
 * The kit's own classes for one of its components, worked out once for each kind: there are few kinds, and
 * hundreds of buttons and fields.
 *
 * @param theme - the kit's, as it is built.
 * @param own - what the app sets for it.
 * @returns for a kind, and classes from outside that win over the kit's, the classes of these parts.
 */
export function looksOf<Part extends string>(theme: object, own: object, parts: readonly Part[]) {
  const partsOf = tv({ extend: tv(theme as never), ...own } as never) as unknown as (
    kind: object,
  ) => Parts<Part>
  const known = new Map<string, Look<Part>>()
  return (kind: object, outside: Partial<Look<Part>> = {}): Look<Part> => {
    const key = JSON.stringify([kind, outside])
    const look = known.get(key)
    if (look) return look
    const made = partsOf(kind)
    const fresh = Object.fromEntries(
      parts.map(part => [part, made[part]({ class: outside[part] })]),
    ) as unknown as Look<Part>
    known.set(key, fresh)
    return fresh
  }
}
