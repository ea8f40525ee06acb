/** What a form holds while numbers are still to come: the schema asks for them when it is saved. */
export const unfinished = <T extends object>(parts: { readonly [Part in keyof T]: T[Part] | null }): T =>
  parts as T
