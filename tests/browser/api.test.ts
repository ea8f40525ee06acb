import { describe, expect, inject, it } from 'vitest'
import { errorResponseSchema, stitchesResponseSchema, swingResponseSchema } from '#shared/api'

const post = (body: string) =>
  fetch(`${inject('plain')}/api/v1/swing`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body,
  })
const REQUEST = {
  machine: { maxWidthMm: 7 },
  needle: { construction: 'twin', gapMm: 2, sizeNm: 80 },
  stitch: { id: 'zigzag', widthMm: 4.5, lengthMm: 1.5 },
}

describe('every answer', () => {
  const scriptPath = async () => /\/_nuxt\/[\w-]+\.js/.exec(await (await fetch(inject('plain'))).text())![0]
  it.each([
    ['a page', () => '/'],
    ['a script', scriptPath],
    ['a picture', () => '/favicon.svg'],
    ['a route', () => '/api/v1/stitches'],
    ['a script that is gone', () => '/_nuxt/gone.js'],
    ['a route there is not', () => '/api/v1/nothing'],
  ])('comes with the usual headers: %s', async (_, path) => {
    const { headers } = await fetch(inject('plain') + (await path()))
    expect(headers.get('content-security-policy')).toMatch(/default-src 'none'/)
    expect(headers.get('x-content-type-options')).toBe('nosniff')
    expect(headers.get('x-frame-options')).toBe('DENY')
    expect(headers.get('x-powered-by')).toBeNull()
  })
  it('allows the scripts of a page by its nonce alone', async () => {
    const { headers } = await fetch(inject('plain'))
    expect(headers.get('content-security-policy')).toMatch(/script-src 'self' 'nonce-/)
  })
})

describe('the server routes', () => {
  it('answer a swing', async () => {
    const response = await post(JSON.stringify(REQUEST))
    expect(response.status).toBe(200)
    expect(swingResponseSchema.parse(await response.json())).toMatchObject({
      verdict: 'clear',
      safeWidthMm: 4.5,
      limitWidthMm: 5,
      overlapMm: 2.5,
    })
  })

  it.each([
    ['text that is not JSON', '{"machine"', 400, 'not-json'],
    ['a missing machine', JSON.stringify({ ...REQUEST, machine: undefined }), 400, 'bad-input'],
    ['an unknown field', JSON.stringify({ ...REQUEST, colour: 1 }), 400, 'bad-input'],
    ['a width of 1e999', JSON.stringify(REQUEST).replace('4.5', '1e999'), 400, 'bad-input'],
    ['null', 'null', 400, 'bad-input'],
    ['nothing', '', 400, 'not-json'],
    ['more than 64 kB', JSON.stringify({ ...REQUEST, pad: 'x'.repeat(64_000) }), 413, 'too-large'],
  ])('refuse %s in the one error form', async (_, body, status, code) => {
    const response = await post(body)
    expect(response.status).toBe(status)
    expect(errorResponseSchema.parse(await response.json()).error.code).toBe(code)
  })

  it.each([
    ['thread-count', { label: '50/2 Ne' }, 200, { tex: 23.62 }],
    ['thread-count', { label: '12' }, 400, { error: { code: 'ambiguous' } }],
    ['thread-count', { system: 'tex', value: -1 }, 400, { error: { code: 'bad-input' } }],
    [
      'pairing',
      { thread: { kind: 'metallic', tex: 30 }, construction: 'single' },
      200,
      { ranked: expect.any(Array), buy: null },
    ],
    ['pairing', { construction: 'single' }, 400, { error: { code: 'bad-input' } }],
    [
      'tension/next',
      { goal: 'flat', dial: { min: 0, max: 9, home: 4.5, step: 0.25 }, rows: [{ dial: 4, ridge: 2 }] },
      200,
      { settled: false, reason: { code: 'lower' } },
    ],
    [
      'tension/next',
      { goal: 'flat', dial: { min: 0, max: 9, home: 4.5, step: 0.25 }, rows: [{ dial: 40, ridge: 2 }] },
      400,
      { error: { code: 'out-of-range', issues: [{ path: 'rows.0.dial' }] } },
    ],
  ])('answer %s for %j with %d', async (route, body, status, answer) => {
    const response = await fetch(`${inject('plain')}/api/v1/${route}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
    expect(response.status).toBe(status)
    expect(await response.json()).toMatchObject(answer)
  })

  it('read nothing but JSON', async () => {
    const response = await fetch(`${inject('plain')}/api/v1/swing`, {
      method: 'POST',
      headers: { 'content-type': 'text/plain' },
      body: JSON.stringify(REQUEST),
    })
    expect(response.status).toBe(415)
    expect(errorResponseSchema.parse(await response.json()).error.message).toMatch(/application\/json/)
  })

  it.each([
    ['/api/v1/swing', 405],
    ['/api/v1/pairing', 405],
    ['/api/v1/tension/next', 405],
    ['/api/v1/nothing', 404],
  ])('say what is wrong with GET %s', async (path, status) => {
    const response = await fetch(inject('plain') + path)
    expect(response.status).toBe(status)
    expect(errorResponseSchema.safeParse(await response.json()).success).toBe(true)
  })

  it('list the stitches and describe themselves', async () => {
    const stitches = stitchesResponseSchema.parse(
      await (await fetch(`${inject('plain')}/api/v1/stitches`)).json(),
    )
    expect(stitches.length).toBeGreaterThanOrEqual(18)
    const openapi = (await (await fetch(`${inject('plain')}/api/v1/openapi.json`)).json()) as {
      paths: object
    }
    expect(Object.keys(openapi.paths)).toEqual([
      '/api/v1/swing',
      '/api/v1/verdict',
      '/api/v1/thread-count',
      '/api/v1/pairing',
      '/api/v1/tension/next',
      '/api/v1/pintucks',
      '/api/v1/fit',
      '/api/v1/topstitch',
      '/api/v1/edge',
      '/api/v1/lines',
      '/api/v1/band',
      '/api/v1/band/fill',
      '/api/v1/order',
      '/api/v1/measure',
      '/api/v1/stitches',
      '/api/v1/openapi.json',
    ])
  })

  it('publish the JSON Schema of the backup file', async () => {
    const schema = (await (await fetch(`${inject('plain')}/schema/lacy-spool-backup-1.json`)).json()) as {
      title: string
    }
    expect(schema.title).toBe('Lacy Spool backup')
  })
})

describe('the headers', () => {
  it('allow no foreign origin and no eval', async () => {
    const { headers } = await fetch(inject('plain'))
    const policy = headers.get('content-security-policy') ?? ''
    expect(policy).toContain("default-src 'none'")
    expect(policy).toContain("script-src 'self' 'nonce-")
    expect(policy).not.toMatch(/unsafe-eval|https?:|\*/)
    expect(headers.get('x-content-type-options')).toBe('nosniff')
    expect(headers.get('referrer-policy')).toBe('no-referrer')
  })
  it('give every page a nonce of its own', async () => {
    const nonce = async () =>
      /nonce-([^']+)/.exec((await fetch(inject('plain'))).headers.get('content-security-policy') ?? '')?.[1]
    expect(await nonce()).not.toBe(await nonce())
  })
})
