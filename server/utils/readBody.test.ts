import { Readable } from 'node:stream'
import type { H3Event } from 'h3'
import { describe, expect, it } from 'vitest'
import { readBodyText } from './readBody'

const read = (parts: Iterable<string | Error>, mostBytes = 100) => {
  const body = Readable.from(
    (function* () {
      for (const part of parts) {
        if (part instanceof Error) throw part
        yield Buffer.from(part)
      }
    })(),
  )
  return readBodyText({ node: { req: body } } as unknown as H3Event, mostBytes)
}

describe('a request body', () => {
  it('is put together from its parts', async () =>
    expect(await read(['{"a":', '1}'])).toEqual({ kind: 'text', text: '{"a":1}' }))
  it('is refused by what comes, not by what was announced', async () =>
    expect(await read(['"', 'x'.repeat(200), '"'])).toEqual({ kind: 'too-large' }))
  it('that breaks off is an answer like any other, and no fault of ours', async () =>
    expect(await read(['{"a":', new Error('aborted')])).toEqual({ kind: 'aborted' }))
})
