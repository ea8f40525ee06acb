import { defineEventHandler } from 'h3'
import { ROUTES } from '#shared/api'
import { errorAnswer } from '../answering/answerText'
import { answerJson, sendAnswer } from '../utils/answerJson'

/** Every route of the list; what is not in it, or asked with another method, hears what there is. */
export default defineEventHandler(event => {
  const path = event.path.split('?')[0]
  const route = ROUTES.find(one => one.path === path)
  if (!route) {
    const message = 'There is no such route: GET /api/v1/openapi.json lists them.'
    return sendAnswer(event, errorAnswer(404, 'not-found', message))
  }
  const asked = event.method === 'HEAD' ? 'GET' : event.method
  if (asked !== route.method)
    return sendAnswer(event, errorAnswer(405, 'method-not-allowed', `Use ${route.method} here.`))
  return answerJson(event, route)
})
