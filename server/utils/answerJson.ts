import type { H3Event } from 'h3'
import { CoreError } from '#core/errors'
import { type JsonRoute, RequestProblem } from '#shared/api'
import { fieldIssues } from '#shared/fields'
import { apiError } from './apiError'
import { readJsonBody } from './readJsonBody'

/** A JSON body that passes the route's schema gets its answer, anything else an error in the one form. */
export async function answerJson(event: H3Event, { request: schema, answer, mostBodyBytes }: JsonRoute) {
  if (schema === null) return answer(undefined as never)
  const body = await readJsonBody(event, mostBodyBytes)
  if (body.kind === 'too-large') {
    const message = `The body is larger than ${mostBodyBytes / 1000} kB: send less at once.`
    return apiError(event, 413, 'too-large', message)
  }
  if (body.kind === 'aborted') return apiError(event, 400, 'aborted', 'The body broke off.')
  if (body.kind === 'not-json') return apiError(event, 400, 'not-json', 'The body is not JSON.')
  const request = schema.safeParse(body.value)
  if (!request.success) {
    const message = 'Some fields are missing or out of range: see issues.'
    return apiError(event, 400, 'bad-input', message, fieldIssues(request.error))
  }
  try {
    return answer(request.data as never)
  } catch (error) {
    return answerProblem(event, error)
  }
}

/** Input of the right form that still cannot be answered; whatever else was thrown is a fault of ours. */
function answerProblem(event: H3Event, error: unknown) {
  if (error instanceof RequestProblem) return apiError(event, 400, error.code, error.message, error.issues)
  if (error instanceof CoreError) {
    const path = String(error.details.field ?? '')
    return apiError(event, 400, error.code, error.message, [{ path, message: error.message }])
  }
  throw error
}
