import { randomBytes } from 'node:crypto'
import type { IncomingMessage, ServerResponse } from 'node:http'
import { defineEventHandler, fromNodeMiddleware } from 'h3'
import helmet from 'helmet'

declare module 'h3' {
  interface H3EventContext {
    /** Marks the inline scripts of this very page as ours. */
    nonce: string
  }
}

const nonces = new WeakMap<object, string>()

/** The one inline script the interface kit adds at run time: it takes out its own early style tag. */
const COLOUR_CLEANUP = "'sha256-tYCcUbFfjZ9QESuTWESGWrFg2SmiEdyD2MYUfRWUgK0='"

type NodeMiddleware = (
  request: IncomingMessage,
  response: ServerResponse,
  next: (error?: Error) => void,
) => void
/** The packages describe one and the same call with types that do not match. */
const nodeMiddleware =
  (handler: ReturnType<typeof helmet>): NodeMiddleware =>
  (request, response, next) =>
    handler(request, response, next as (error?: unknown) => void)

/** The usual headers. No foreign origin, no eval; styles may be inline because components set them. */
const guard = fromNodeMiddleware(
  nodeMiddleware(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: [
            "'self'",
            (_request, response) => `'nonce-${nonces.get(response as ServerResponse)}'`,
            COLOUR_CLEANUP,
          ],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
          objectSrc: ["'none'"],
        },
      },
      // Served over plain http beside the machine: asking for https would lock people out.
      strictTransportSecurity: false,
      referrerPolicy: { policy: 'no-referrer' },
      xFrameOptions: { action: 'deny' },
    }),
  ),
)

export default defineEventHandler(async event => {
  // The development server injects scripts of its own.
  if (import.meta.dev) return
  event.context.nonce = randomBytes(16).toString('base64')
  nonces.set(event.node.res, event.context.nonce)
  event.node.res.setHeader('Permissions-Policy', 'camera=(self), microphone=(), geolocation=()')
  await guard(event)
})
