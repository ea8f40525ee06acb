import { type H3Event, setResponseStatus } from 'h3'
import type { ErrorResponse } from '#shared/api'
import type { FieldIssue } from '#shared/fields'

/** The one form every API error has. */
export function apiError(
  event: H3Event,
  status: number,
  code: string,
  message: string,
  issues: readonly FieldIssue[] = [],
): ErrorResponse {
  setResponseStatus(event, status)
  return { error: { code, message, issues: [...issues] } }
}
