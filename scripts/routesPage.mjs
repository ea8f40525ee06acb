// The page of the routes, made of the same list that answers them: docs/ROUTES.md.
import { format, resolveConfig } from 'prettier'

const MOST_ENTRIES = 2
const MOST_LETTERS = 80

/** Lists and texts of an answer cut to what shows their form. */
function shortened(value) {
  if (typeof value === 'string' && value.length > MOST_LETTERS) return `${value.slice(0, MOST_LETTERS)}…`
  if (Array.isArray(value)) return value.slice(0, MOST_ENTRIES).map(shortened)
  if (value === null || typeof value !== 'object') return value
  const entries = Object.entries(value)
  // A table by name, as that of the stitches, is a list too.
  const isTable = entries.length > 2 * MOST_ENTRIES && entries.every(([, its]) => its?.constructor === Object)
  const kept = isTable ? entries.slice(0, MOST_ENTRIES) : entries
  return Object.fromEntries(kept.map(([name, its]) => [name, shortened(its)]))
}

const json = value => ['```json', JSON.stringify(value, null, 2), '```', '']

function section(
  { method, path, summary, answered, request, response, limits, mostBodyBytes, answer },
  example,
) {
  const words = [`## \`${method} ${path}\``, '', summary, '', `${answered}.`.replace('..', '.')]
  if (request) words.push(`A body is at most ${mostBodyBytes / 1000} kB.`)
  if (limits) words.push(`Most of one question: ${limits}.`.replace('..', '.'))
  words.push('')
  if (request) words.push(...json(example))
  if (response) words.push('Answer:', '', ...json(shortened(answer(request?.parse(example)))))
  return words
}

/**
 * @param routes - `ROUTES` of shared/api.
 * @param examples - `EXAMPLES` of shared/api: a body for each route that takes one.
 */
export async function routesPage(routes, examples) {
  const text = [
    '# For scripts and classrooms',
    '',
    'Written by `npm run docs` from the list of routes. The routes answer with the core of the app, and keep',
    'nothing. `GET /api/v1/openapi.json` describes them for programs. An error says which field is wrong and',
    'how to mend it.',
    '',
    '```sh',
    "curl -s localhost:3000/api/v1/thread-count -H 'content-type: application/json' \\",
    `  -d '${JSON.stringify(examples['/api/v1/thread-count'])}'`,
    '```',
    '',
    'An answer that takes over 5 s is given up with 503. On a slow host `LACY_ANSWER_MS=20000 npm run demo`',
    `gives it longer. Below, lists in answers are cut to ${MOST_ENTRIES} entries and texts to ${MOST_LETTERS} letters.`,
    '',
    ...routes.flatMap(route => section(route, examples[route.path])),
  ].join('\n')
  return format(text, { ...(await resolveConfig('docs/ROUTES.md')), parser: 'markdown' })
}
