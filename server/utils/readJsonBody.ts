import type { H3Event } from 'h3'

/** Bodies over this are refused, in bytes. */
export const MOST_BODY_BYTES = 64_000

export type BodyReading =
  | { readonly kind: 'json'; readonly value: unknown }
  | { readonly kind: 'too-large' }
  | { readonly kind: 'not-json' }

/**
 * Reads a request body, counting as it comes: a length that is missing or untrue does not help a large one
 * in.
 */
export async function readJsonBody(event: H3Event): Promise<BodyReading> {
  const chunks: Buffer[] = []
  let bytes = 0
  for await (const chunk of event.node.req as AsyncIterable<Buffer>) {
    bytes += chunk.length
    // The rest is read and dropped, so that the client hears the answer.
    if (bytes <= MOST_BODY_BYTES) chunks.push(chunk)
  }
  if (bytes > MOST_BODY_BYTES) return { kind: 'too-large' }
  try {
    return { kind: 'json', value: JSON.parse(Buffer.concat(chunks).toString('utf8')) }
  } catch {
    return { kind: 'not-json' }
  }
}
