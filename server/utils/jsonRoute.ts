import { defineEventHandler } from 'h3'
import { CoreError } from '#core/errors'
import { fieldIssues } from '#shared/issues'
import { RequestProblem } from '#shared/requestProblem'
import type { z } from 'zod'
import { apiError } from './apiError'
import { MOST_BODY_BYTES, readJsonBody } from './readJsonBody'

/**
 * A stateless route: a JSON body that passes its schema gives an answer, anything else an error in the one
 * form.
 */
export function jsonRoute<T extends z.ZodType, Answer>(schema: T, answer: (request: z.output<T>) => Answer) {
  return defineEventHandler(async event => {
    const body = await readJsonBody(event)
    if (body.kind === 'too-large')
      return apiError(
        event,
        413,
        'too-large',
        `The body is larger than ${MOST_BODY_BYTES / 1000} kB: send less at once.`,
      )
    if (body.kind === 'not-json') return apiError(event, 400, 'not-json', 'The body is not JSON.')
    const request = schema.safeParse(body.value)
    if (!request.success)
      return apiError(
        event,
        400,
        'bad-input',
        'Some fields are missing or out of range: see issues.',
        fieldIssues(request.error),
      )
    try {
      return answer(request.data)
    } catch (error) {
      if (error instanceof RequestProblem)
        return apiError(event, 400, error.code, error.message, error.issues)
      if (error instanceof CoreError)
        return apiError(event, 400, error.code, error.message, [
          { path: String(error.details.field ?? ''), message: error.message },
        ])
      throw error
    }
  })
}
