import { defineEventHandler } from 'h3'
import { apiError } from '../utils/apiError'

/** Whatever no other route takes. */
export default defineEventHandler(event =>
  apiError(event, 404, 'not-found', 'There is no such route: GET /api/v1/openapi.json lists them.'),
)
