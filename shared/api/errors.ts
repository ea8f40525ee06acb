import { z } from 'zod'

/** The one form every error has. */
export const errorResponseSchema = z.strictObject({
  error: z.strictObject({
    code: z.string(),
    message: z.string(),
    issues: z.array(z.strictObject({ path: z.string(), message: z.string() })),
  }),
})
export type ErrorResponse = z.output<typeof errorResponseSchema>
