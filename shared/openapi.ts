import { z } from 'zod'
import { errorResponseSchema, stitchesResponseSchema, swingRequestSchema, swingResponseSchema } from './api'

const json = (schema: z.ZodType, io: 'input' | 'output' = 'output') => ({
  'application/json': { schema: z.toJSONSchema(schema, { io, target: 'draft-2020-12' }) },
})
const failure = (description: string) => ({ description, content: json(errorResponseSchema) })

/** The OpenAPI document, made from the very schemas the routes parse with. */
export function openApiDocument() {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Lacy Spool',
      version: '1',
      description: 'Stateless: nothing sent here is kept. Lengths are in millimetres. The margin is applied to every construction as sent; the app itself sends 0 for single needles.',
    },
    paths: {
      '/api/v1/swing': {
        post: {
          summary: 'May this needle swing this wide here?',
          requestBody: { required: true, content: json(swingRequestSchema, 'input') },
          responses: {
            200: { description: 'The verdict with its numbers and reasons', content: json(swingResponseSchema) },
            400: failure('Input that is not JSON, breaks the schema or holds unknown fields'),
            413: failure('A body over 64 kB'),
          },
        },
      },
      '/api/v1/stitches': {
        get: { summary: 'The stitch library', responses: { 200: { description: 'Every stitch with its needle drops', content: json(stitchesResponseSchema) } } },
      },
      '/api/v1/openapi.json': { get: { summary: 'This document', responses: { 200: { description: 'OpenAPI 3.1' } } } },
    },
  }
}
