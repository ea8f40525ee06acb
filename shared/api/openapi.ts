import { z } from 'zod'
import { errorResponseSchema } from './errors'
import type { JsonRoute } from './route'

const json = (schema: z.ZodType, io: 'input' | 'output' = 'output') => ({
  'application/json': { schema: z.toJSONSchema(schema, { io, target: 'draft-2020-12' }) },
})
const failure = (description: string) => ({ description, content: json(errorResponseSchema) })

const answeredOf = ({ answered, response }: JsonRoute) =>
  response ? { description: answered, content: json(response) } : { description: answered }

function operationOf(route: JsonRoute) {
  const { summary, request, mostBodyBytes } = route
  if (request === null) return { summary, responses: { 200: answeredOf(route) } }
  return {
    summary,
    requestBody: { required: true, content: json(request, 'input') },
    responses: {
      200: answeredOf(route),
      400: failure('Input that is not JSON, breaks the schema or holds unknown fields'),
      413: failure(`A body over ${mostBodyBytes / 1000} kB`),
    },
  }
}

/** The OpenAPI document, made from the very schemas the routes parse with. */
export function openApiDocument(routes: readonly JsonRoute[]) {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Lacy Spool',
      version: '1',
      description:
        'Stateless: nothing sent here is kept. Lengths are in millimetres. The margin is applied '
        + 'to every construction as sent; the app itself sends 0 for single needles.',
    },
    paths: Object.fromEntries(
      routes.map(route => [route.path, { [route.method.toLowerCase()]: operationOf(route) }]),
    ),
  }
}
