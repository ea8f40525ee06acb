import type { H3Event } from 'h3'

export type BodyReading =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'too-large' }
  /** The client went away in the middle. */
  | { readonly kind: 'aborted' }

/**
 * Reads a request body, counting as it comes: a length that is missing or untrue does not help a large one
 * in.
 *
 * @param mostBytes - a larger body is refused.
 */
export async function readBodyText(event: H3Event, mostBytes: number): Promise<BodyReading> {
  const chunks: Buffer[] = []
  let bytes = 0
  try {
    for await (const chunk of event.node.req as AsyncIterable<Buffer>) {
      bytes += chunk.length
      // The rest is read and dropped, so that the client hears the answer.
      if (bytes <= mostBytes) chunks.push(chunk)
    }
  } catch {
    return { kind: 'aborted' }
  }
  if (bytes > mostBytes) return { kind: 'too-large' }
  return { kind: 'text', text: Buffer.concat(chunks).toString('utf8') }
}
