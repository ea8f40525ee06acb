import { z } from 'zod'
import { pairingRequestSchema, pairingResponseSchema } from './apiPairing'
import { tensionRequestSchema, tensionResponseSchema } from './apiTension'
import { threadCountRequestSchema, threadCountResponseSchema } from './apiThreadCount'
import { errorResponseSchema, stitchesResponseSchema, swingRequestSchema, swingResponseSchema } from './api'

const json = (schema: z.ZodType, io: 'input' | 'output' = 'output') => ({
  'application/json': { schema: z.toJSONSchema(schema, { io, target: 'draft-2020-12' }) },
})
const failure = (description: string) => ({ description, content: json(errorResponseSchema) })

const post = (summary: string, request: z.ZodType, answer: string, response: z.ZodType) => ({
  post: {
    summary,
    requestBody: { required: true, content: json(request, 'input') },
    responses: {
      200: { description: answer, content: json(response) },
      400: failure('Input that is not JSON, breaks the schema or holds unknown fields'),
      413: failure('A body over 64 kB'),
    },
  },
})

/** The OpenAPI document, made from the very schemas the routes parse with. */
export function openApiDocument() {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Lacy Spool',
      version: '1',
      description:
        'Stateless: nothing sent here is kept. Lengths are in millimetres. The margin is applied '
        + 'to every construction as sent; the app itself sends 0 for single needles.',
    },
    paths: {
      '/api/v1/swing': post(
        'May this needle swing this wide here?',
        swingRequestSchema,
        'The verdict with its numbers and reasons',
        swingResponseSchema,
      ),
      '/api/v1/thread-count': post(
        'What does this thread label or count weigh, in every system?',
        threadCountRequestSchema,
        'The count in all systems, with diameter and basis; a label that can mean several things '
          + 'is a 400 with its readings, the likely first',
        threadCountResponseSchema,
      ),
      '/api/v1/pairing': post(
        'Which needle for this thread?',
        pairingRequestSchema,
        'Needles ranked with reasons, the bobbin, start settings, conflicts, and what to buy',
        pairingResponseSchema,
      ),
      '/api/v1/tension/next': post(
        'Which tension to sew next?',
        tensionRequestSchema,
        'The next number with its reason, or that it is settled or out of reach',
        tensionResponseSchema,
      ),
      '/api/v1/stitches': {
        get: {
          summary: 'The stitch library',
          responses: {
            200: { description: 'Every stitch with its needle drops', content: json(stitchesResponseSchema) },
          },
        },
      },
      '/api/v1/openapi.json': {
        get: { summary: 'This document', responses: { 200: { description: 'OpenAPI 3.1' } } },
      },
    },
  }
}
