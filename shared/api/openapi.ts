import { z } from 'zod'
import { errorResponseSchema } from './errors'
import { EXAMPLES } from './examples'
import { type JsonRoute, MOST_ANSWER_BYTES } from './route'

const json = (schema: z.ZodType, io: 'input' | 'output' = 'output') => ({
  'application/json': { schema: z.toJSONSchema(schema, { io, target: 'draft-2020-12' }) },
})
const failure = (description: string) => ({ description, content: json(errorResponseSchema) })

const answeredOf = ({ answered, response }: JsonRoute) =>
  response ? { description: answered, content: json(response) } : { description: answered }

const ALL_ANSWERED = 'What the schema allows is answered.'
function operationOf(route: JsonRoute) {
  const { summary, request, mostBodyBytes, limits } = route
  if (request === null) return { summary, responses: { 200: answeredOf(route) } }
  return {
    summary,
    description: limits === '' ? ALL_ANSWERED : `Over this, a 400 too-many: ${limits}.`,
    requestBody: {
      required: true,
      content: {
        'application/json': { ...json(request, 'input')['application/json'], example: EXAMPLES[route.path] },
      },
    },
    responses: {
      200: answeredOf(route),
      400: failure(
        'Input that is no JSON, breaks the schema, has unknown fields or asks too much. '
          + 'The code too-many comes with the field, the number and the limit. '
          + `An answer over ${MOST_ANSWER_BYTES / 1e6} MB is too much.`,
      ),
      413: failure(`A body over ${mostBodyBytes / 1000} kB`),
      415: failure('A body that is not sent as application/json'),
      503: failure('busy: it takes over 5 s, or too much is asked at once. Retry-After says when again.'),
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
        + 'to every construction as sent. The app itself sends 0 for single needles.',
    },
    paths: Object.fromEntries(
      routes.map(route => [route.path, { [route.method.toLowerCase()]: operationOf(route) }]),
    ),
  }
}
