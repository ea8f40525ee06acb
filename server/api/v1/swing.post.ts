import { defineEventHandler } from 'h3'
import { CoreError } from '#core/errors'
import { answerSwing, swingRequestSchema } from '#shared/api'
import { fieldIssues } from '#shared/issues'
import { apiError } from '../../utils/apiError'
import { MOST_BODY_BYTES, readJsonBody } from '../../utils/readJsonBody'

export default defineEventHandler(async (event) => {
  const body = await readJsonBody(event)
  if (body.kind === 'too-large') return apiError(event, 413, 'too-large', `The body is larger than ${MOST_BODY_BYTES / 1000} kB: send fewer drops.`)
  if (body.kind === 'not-json') return apiError(event, 400, 'not-json', 'The body is not JSON.')
  const request = swingRequestSchema.safeParse(body.value)
  if (!request.success) return apiError(event, 400, 'bad-input', 'Some fields are missing or out of range: see issues.', fieldIssues(request.error))
  try {
    return answerSwing(request.data)
  }
  catch (error) {
    if (error instanceof CoreError) return apiError(event, 400, error.code, error.message, [{ path: String(error.details.field ?? ''), message: error.message }])
    throw error
  }
})
