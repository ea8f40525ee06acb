import { defineEventHandler } from 'h3'
import { apiError } from '../utils/apiError'

const METHODS: Readonly<Record<string, string>> = {
  '/api/v1/swing': 'POST',
  '/api/v1/thread-count': 'POST',
  '/api/v1/pairing': 'POST',
  '/api/v1/tension/next': 'POST',
  '/api/v1/stitches': 'GET',
  '/api/v1/openapi.json': 'GET',
}

/** A known route asked with another method hears which one to use, instead of getting the page. */
export default defineEventHandler(event => {
  const method = METHODS[event.path.split('?')[0]!]
  const asked = event.method === 'HEAD' ? 'GET' : event.method
  if (method !== undefined && asked !== method)
    return apiError(event, 405, 'method-not-allowed', `Use ${method} here.`)
})
