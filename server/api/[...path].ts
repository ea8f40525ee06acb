import { defineEventHandler } from 'h3'
import { apiError } from '../utils/apiError'

/** Whatever no other route takes: an unknown path, or a known one with another method. */
export default defineEventHandler((event) => {
  const known: Record<string, string> = { '/api/v1/swing': 'POST', '/api/v1/stitches': 'GET', '/api/v1/openapi.json': 'GET' }
  const method = known[event.path.split('?')[0]!]
  return method
    ? apiError(event, 405, 'method-not-allowed', `Use ${method} here.`)
    : apiError(event, 404, 'not-found', 'There is no such route: GET /api/v1/openapi.json lists them.')
})
