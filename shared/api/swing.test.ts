import { Ajv2020 } from 'ajv/dist/2020.js'
import { describe, expect, it } from 'vitest'
import {
  ROUTES,
  answerStitches,
  answerSwing,
  stitchesResponseSchema,
  type SwingRequest,
  swingRequestSchema,
  swingResponseSchema,
  openApiDocument,
} from '#shared/api'
import { fieldIssues } from '#shared/fields'

const request = (change: Record<string, unknown> = {}) => ({
  machine: { maxWidthMm: 7 },
  needle: { construction: 'twin', gapMm: 2, sizeNm: 80 },
  stitch: { id: 'zigzag', widthMm: 4, lengthMm: 1.5 },
  ...change,
})
const answer = (change: Record<string, unknown> = {}) =>
  answerSwing(swingRequestSchema.parse(request(change)))
const refusal = (change: Record<string, unknown>) => {
  const parsed = swingRequestSchema.safeParse(request(change))
  return parsed.success ? [] : fieldIssues(parsed.error)
}

describe('answerSwing', () => {
  it('answers with clean numbers', () => {
    expect(answer({ machine: { maxWidthMm: 7, plateSlotMm: 8.2 } })).toMatchObject({
      verdict: 'clear',
      limitWidthMm: 5,
      safeWidthMm: 4.5,
      binding: 'machine',
      spareMm: 0.7,
      reachLeftMm: 3.4,
      reachRightMm: 3.4,
      spanMm: 6,
      overlapMm: 2,
      worstDrop: { index: 0, blade: 'left', xMm: -3 },
    })
  })
  it('takes drops as they are, about the needle bar’s middle', () => {
    expect(
      answer({
        stitch: {
          drops: [
            { xMm: -1, yMm: 0 },
            { xMm: 2.8, yMm: 1 },
          ],
        },
      }),
    ).toMatchObject({ verdict: 'strikes', spareMm: -0.3, worstDrop: { index: 1, blade: 'right', xMm: 3.8 } })
  })
  it('keeps margin and clearance at 0.5 and 0.25 unless told otherwise', () => {
    expect(answer({ marginMm: 0 }).safeWidthMm).toBe(5)
    expect(answer().safeWidthMm).toBe(4.5)
  })
  it('stops a twin over a single hole', () => {
    expect(answer({ plate: { singleHole: true } })).toMatchObject({
      verdict: 'strikes',
      binding: 'plate',
      limitWidthMm: null,
      safeWidthMm: null,
    })
  })
})

describe('what the API refuses', () => {
  it.each<[string, Record<string, unknown>, string]>([
    ['machine.maxWidthMm', { machine: { maxWidthMm: 99 } }, '3 to 12'],
    ['machine.maxWidthMm', { machine: { maxWidthMm: '7' } }, '3 to 12'],
    ['machine.maxWidthMm', { machine: {} }, '3 to 12'],
    ['needle.gapMm', { needle: { construction: 'twin', sizeNm: 80 } }, 'missing'],
    ['needle.gapMm', { needle: { construction: 'single', gapMm: 2, sizeNm: 80 } }, 'left out'],
    ['needle.sizeNm', { needle: { construction: 'twin', gapMm: 2, sizeNm: null } }, '50 to 150'],
    ['colour', { colour: 'red' }, 'not a known field'],
    ['machine.brand', { machine: { maxWidthMm: 7, brand: 'x' } }, 'not a known field'],
    ['marginMm', { marginMm: -1 }, '0 to 5'],
  ])('%s', (path, change, part) => {
    expect(refusal(change)).toContainEqual({ path, message: expect.stringContaining(part) })
  })

  it.each([
    [{ id: 'nonsense', widthMm: 4, lengthMm: 1 }, 'known stitch'],
    [{ drops: [] }, 'at least one'],
    [{ drops: [{ xMm: 1e9, yMm: 0 }] }, '-500 to 500'],
    [{ id: 'zigzag', widthMm: 1e9, lengthMm: 1 }, '0 to 12'],
  ])('a stitch such as %j, by field', (stitch, part) => {
    const issues = refusal({ stitch })
    expect(issues.map(({ path, message }) => `${path} ${message}`).join()).toContain(part)
    expect(issues[0]!.path).toMatch(/^stitch/)
  })
})

describe('the OpenAPI document', () => {
  const ajv = new Ajv2020({ strict: false })
  const { paths } = openApiDocument(ROUTES)
  const swing = paths['/api/v1/swing']!.post!
  it('describes requests and answers as they are', () => {
    expect(ajv.validate(swing.requestBody!.content['application/json'].schema, request())).toBe(true)
    expect(ajv.validate(swing.requestBody!.content['application/json'].schema, request({ extra: 1 }))).toBe(
      false,
    )
    expect(ajv.validate(swing.responses[200].content!['application/json'].schema, answer())).toBe(true)
    expect(swingResponseSchema.safeParse(answer()).success).toBe(true)
  })
  it('lists stitches that can be asked for', () => {
    const stitches = answerStitches()
    expect(stitchesResponseSchema.safeParse(stitches).success).toBe(true)
    expect(stitches.map(({ id }) => id)).toEqual(expect.arrayContaining(['straight', 'zigzag']))
    for (const { id, defaultWidthMm, defaultLengthMm } of stitches) {
      const stitch: SwingRequest['stitch'] = { id, widthMm: defaultWidthMm, lengthMm: defaultLengthMm }
      expect(swingRequestSchema.safeParse(request({ stitch })).success).toBe(true)
    }
  })
})
