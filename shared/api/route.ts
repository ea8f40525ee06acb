import type { z } from 'zod'

/** Bodies over this are refused, in bytes, unless a route says otherwise. */
const MOST_BODY_BYTES = 64_000

/** Longer answers are refused, in letters of JSON. */
export const MOST_ANSWER_BYTES = 5_000_000

/** One route: handler, method check, limits and its place in the OpenAPI document follow from it. */
export interface JsonRoute {
  readonly method: 'GET' | 'POST'
  readonly path: `/api/v1/${string}`
  readonly summary: string
  /** What a 200 brings, in words. */
  readonly answered: string
  /** null: it takes no body. */
  readonly request: z.ZodType | null
  /** null: described elsewhere. */
  readonly response: z.ZodType | null
  readonly mostBodyBytes: number
  /** What is more than one question may ask, in words; empty: the schema says all of it. */
  readonly limits: string
  /** @param request - has passed the request schema. */
  readonly answer: (request: never) => unknown
}

/** Keeps the request's type and the answer's together while a route is written down. */
export function post<Request extends z.ZodType, Response extends z.ZodType>(
  path: JsonRoute['path'],
  route: {
    readonly summary: string
    readonly answered: string
    readonly request: Request
    readonly response: Response
    readonly answer: (request: z.output<Request>) => z.output<Response>
    /** @defaultValue 64000 */
    readonly mostBodyBytes?: number
    readonly limits?: string
  },
): JsonRoute {
  return { method: 'POST', path, mostBodyBytes: MOST_BODY_BYTES, limits: '', ...route }
}

export function get<Response extends z.ZodType>(
  path: JsonRoute['path'],
  route: {
    readonly summary: string
    readonly answered: string
    readonly response: Response | null
    readonly answer: () => z.output<Response>
  },
): JsonRoute {
  return { method: 'GET', path, request: null, mostBodyBytes: 0, limits: '', ...route }
}
