import { getRequestHeader, type H3Event, setResponseHeader, setResponseStatus } from 'h3'
import type { JsonRoute } from '#shared/api'
import { answerText, errorAnswer, type SentAnswer } from '../answering/answerText'
import { answerInThread } from './answerPool'
import { readBodyText } from './readBody'

const RETRY_AFTER_S = 2

export function sendAnswer(event: H3Event, { status, json }: SentAnswer): string {
  setResponseStatus(event, status)
  setResponseHeader(event, 'content-type', 'application/json')
  return json
}

/** What takes a body is answered in a thread of its own, and given up when it takes too long. */
export async function answerJson(event: H3Event, route: JsonRoute): Promise<string> {
  if (route.request === null) return sendAnswer(event, answerText(route, null))
  const type = getRequestHeader(event, 'content-type')?.split(';')[0]?.trim().toLowerCase()
  if (type !== 'application/json') {
    const message = 'Send JSON, with the header “content-type: application/json”.'
    return sendAnswer(event, errorAnswer(415, 'not-json', message))
  }
  const body = await readBodyText(event, route.mostBodyBytes)
  switch (body.kind) {
    case 'too-large': {
      const message = `The body is larger than ${route.mostBodyBytes / 1000} kB: send less at once.`
      return sendAnswer(event, errorAnswer(413, 'too-large', message))
    }
    case 'aborted':
      return sendAnswer(event, errorAnswer(400, 'aborted', 'The body broke off.'))
    case 'text':
      return sendAnswer(event, await computed(event, route, body.text))
  }
}

async function computed(event: H3Event, route: JsonRoute, body: string): Promise<SentAnswer> {
  const found = await answerInThread({ path: route.path, body }, leftSignal(event))
  if (!found) return answerText(route, body)
  if (found.kind === 'answered') return found.answer
  if (found.kind === 'gone') return errorAnswer(400, 'aborted', 'The connection was closed.')
  setResponseHeader(event, 'retry-after', RETRY_AFTER_S)
  const message = 'This takes longer than 5 s, or too much is asked at once. Ask for less, or try later.'
  return errorAnswer(503, 'busy', message)
}

/** Aborts when the connection is closed before it was answered. */
function leftSignal(event: H3Event): AbortSignal {
  const left = new AbortController()
  const { res } = event.node
  res.once('close', () => {
    if (!res.writableEnded) left.abort()
  })
  return left.signal
}
