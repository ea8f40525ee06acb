import { CoreError } from '#core/errors'
import { type ErrorResponse, type JsonRoute, MOST_ANSWER_BYTES, RequestProblem } from '#shared/api'
import { type FieldIssue, fieldIssues } from '#shared/fields'

/** An answer ready to be sent. */
export interface SentAnswer {
  readonly status: number
  readonly json: string
}

/** The one form every API error has. */
export function errorAnswer(
  status: number,
  code: string,
  message: string,
  issues: readonly FieldIssue[] = [],
): SentAnswer {
  const said: ErrorResponse = { error: { code, message, issues: [...issues] } }
  return { status, json: JSON.stringify(said) }
}

/**
 * What a route answers to a body: JSON that passes its schema gets the answer, anything else an error.
 *
 * @param body - as it came; null: the route takes none.
 * @throws whatever is a fault of ours.
 */
export function answerText({ request: schema, answer }: JsonRoute, body: string | null): SentAnswer {
  if (schema === null || body === null) return sent(answer(undefined as never))
  const value = parsedJson(body)
  if (value === undefined) return errorAnswer(400, 'not-json', 'The body is not JSON.')
  const request = schema.safeParse(value)
  if (!request.success) {
    const message = 'Some fields are missing or out of range: see issues.'
    return errorAnswer(400, 'bad-input', message, fieldIssues(request.error))
  }
  try {
    return sent(answer(request.data as never))
  } catch (error) {
    return problemAnswer(error)
  }
}

/** undefined: it is no JSON. */
function parsedJson(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return undefined
  }
}

function sent(answer: unknown): SentAnswer {
  const json = JSON.stringify(answer)
  if (json.length <= MOST_ANSWER_BYTES) return { status: 200, json }
  const megabytes = (bytes: number) => `${(bytes / 1e6).toFixed(1)} MB`
  const [has, most] = [megabytes(json.length), megabytes(MOST_ANSWER_BYTES)]
  const message = `The answer would have ${has}; ${most} are the most.`
  return errorAnswer(400, 'too-many', message, [{ path: '', message }])
}

/** Input of the right form that still cannot be answered; whatever else was thrown is a fault of ours. */
function problemAnswer(error: unknown): SentAnswer {
  if (error instanceof RequestProblem) return errorAnswer(400, error.code, error.message, error.issues)
  if (error instanceof CoreError) {
    const path = String(error.details.field ?? '')
    return errorAnswer(400, error.code, error.message, [{ path, message: error.message }])
  }
  throw error
}
