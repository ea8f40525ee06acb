import { describe, expect, it } from 'vitest'
import { EXAMPLES, openApiDocument, ROUTES } from '#shared/api'

const { paths } = openApiDocument(ROUTES)

describe('the list of routes', () => {
  it('names each path once', () => {
    expect(new Set(ROUTES.map(({ path }) => path)).size).toBe(ROUTES.length)
  })

  it.each(ROUTES.map(route => [route.path, route] as const))(
    '%s stands in the OpenAPI document',
    (path, route) => {
      const operation = paths[path]![route.method.toLowerCase()]!
      expect(operation.summary).toBe(route.summary)
      expect('requestBody' in operation).toBe(route.request !== null)
      expect(route.mostBodyBytes > 0).toBe(route.request !== null)
    },
  )

  it.each(ROUTES.filter(({ request }) => request !== null).map(route => [route.path, route] as const))(
    '%s answers its own example, in the form it says',
    (path, { request, response, answer }) => {
      const answered = answer(request!.parse(EXAMPLES[path]) as never)
      expect(response!.safeParse(answered).success).toBe(true)
    },
  )

  it('answers itself with the whole list', () => {
    const document = ROUTES.find(({ path }) => path.endsWith('openapi.json'))!.answer(undefined as never)
    expect(Object.keys((document as typeof paths & { paths: object }).paths)).toEqual(
      ROUTES.map(({ path }) => path),
    )
  })
})
