import { dequal as equal } from 'dequal/lite'
import type * as z from 'zod/mini'
import { healed } from '#shared/fields'
import { plainOf } from '~/utils/plain'

/**
 * Keeps a plan whole, whatever changes it: a part that breaks the schema is as it was before, before anything
 * is drawn of it. Fields never hand such a thing on; a drag, a file or a press of ours might.
 */
export function useKeptWhole<T extends object>(
  schema: z.ZodMiniType<T>,
  read: () => T,
  write: (plan: T) => void,
): void {
  let good = plainOf(read())
  watch(
    read,
    () => {
      const now = plainOf(read())
      good = healed(schema, now, good)
      if (!equal(good, now)) write(structuredClone(good))
    },
    { deep: true },
  )
}
