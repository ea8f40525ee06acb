import { type H3Error, type H3Event, send, setResponseHeaders, setResponseStatus } from 'h3'
import { errorAnswer } from './answering/answerText'
import { FILE_HEADERS } from './fileHeaders'

const NOT_FOUND = 404

/** What nothing else answered, a file that is gone among it: the one error form, with the usual headers. */
export default async function handleError(error: H3Error, event: H3Event): Promise<void> {
  const isGone = error.statusCode === NOT_FOUND
  const { status, json } = isGone
    ? errorAnswer(NOT_FOUND, 'not-found', 'There is no such file.')
    : errorAnswer(500, 'fault', 'Something went wrong here, and it was not your doing.')
  if (!isGone) console.error(error)
  setResponseHeaders(event, FILE_HEADERS)
  setResponseStatus(event, status)
  await send(event, json, 'application/json')
}
