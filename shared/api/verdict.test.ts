import { describe, expect, it } from 'vitest'
import {
  answerPairing,
  answerSwing,
  answerVerdict,
  pairingRequestSchema,
  swingRequestSchema,
  verdictRequestSchema,
  verdictResponseSchema,
} from '#shared/api'
import { fieldIssues } from '#shared/fields'

const request = (change: Record<string, unknown> = {}) => ({
  machine: { maxWidthMm: 7 },
  needle: { construction: 'twin', gapMm: 2, sizeNm: 80, type: 'universal' },
  stitch: { id: 'zigzag', widthMm: 4, lengthMm: 1.5 },
  thread: { kind: 'cotton', tex: 23.62 },
  ...change,
})
const answer = (change: Record<string, unknown> = {}) =>
  verdictResponseSchema.parse(answerVerdict(verdictRequestSchema.parse(request(change))))
const refusal = (change: Record<string, unknown>) => {
  const parsed = verdictRequestSchema.safeParse(request(change))
  return parsed.success ? [] : fieldIssues(parsed.error).map(({ path, message }) => `${path}: ${message}`)
}
const codes = (change: Record<string, unknown>) => answer(change).reasons.map(({ code }) => code)

describe('answerVerdict', () => {
  it('gathers swing, fit and evidence', () => {
    expect(answer()).toMatchObject({
      verdict: 'clear',
      evidence: 'rule',
      unmeasured: ['foot', 'plate'],
      swing: { verdict: 'clear', safeWidthMm: 4.5 },
      fit: [
        { blade: 'left', verdict: 'good' },
        { blade: 'right', verdict: 'good' },
      ],
    })
    expect(answer({ machine: { maxWidthMm: 7, plateSlotMm: 8.2 }, foot: { slotMm: 8 } })).toMatchObject({
      evidence: 'measured',
      unmeasured: [],
    })
  })

  it('stops at what either station refuses', () => {
    expect(answer({ stitch: { id: 'zigzag', widthMm: 6, lengthMm: 1.5 } }).verdict).toBe('stop')
    const heavy = { threads: { left: { kind: 'cotton', tex: 23.62 }, right: { kind: 'polyester', tex: 60 } } }
    expect(answer({ ...heavy, thread: undefined })).toMatchObject({
      verdict: 'stop',
      swing: { verdict: 'clear' },
      reasons: [
        { code: 'thread-refused', severity: 'stop' },
        ...Array(answer({ ...heavy, thread: undefined }).reasons.length - 1).fill(expect.anything()),
      ],
    })
  })

  it('minds a tension that belongs to another job', () => {
    const tension = { dial: { min: 0, max: 9, home: 4.5 }, set: 9 }
    const hem = { technique: 'hem', stitch: { id: 'straight', widthMm: 0, lengthMm: 3 }, tension }
    expect(answer(hem).verdict).toBe('mind')
    expect(codes(hem)).toContain('tension-far')
    expect(codes({ ...hem, tension: { ...tension, set: 4 } })).not.toContain('tension-far')
  })

  it('says nothing of what was not sent', () => {
    // Dense satin: whether anything lies behind the cloth is not said.
    expect(codes({ stitch: { id: 'zigzag', widthMm: 4, lengthMm: 0.4 } })).not.toContain(
      'dense-no-stabilizer',
    )
  })

  const NEEDLES = [
    ['universal', 80],
    ['metallic', 90],
    ['topstitch', 100],
    ['jeans', 110],
  ] as const
  const THREADS = ['cotton', 'metallic', 'film', 'pearl-cotton', 'monofilament'] as const
  it.each(NEEDLES.flatMap(needle => THREADS.map(kind => [...needle, kind] as const)))(
    'agrees with the other routes: %s %i, %s',
    (type, sizeNm, kind) => {
      const needle = { construction: 'twin', gapMm: 2, sizeNm, type }
      for (const widthMm of [2, 4.4, 4.9, 6]) {
        const stitch = { id: 'zigzag', widthMm, lengthMm: 1.5 }
        const said = answer({ needle, stitch, thread: { kind } })
        const swing = answerSwing(
          swingRequestSchema.parse({
            machine: { maxWidthMm: 7 },
            needle: { construction: 'twin', gapMm: 2, sizeNm },
            stitch,
          }),
        )
        const { ranked } = answerPairing(
          pairingRequestSchema.parse({ thread: { kind }, construction: 'twin', gapMm: 2, needles: [needle] }),
        )
        expect(said.swing).toEqual(swing)
        expect(said.fit.map(({ verdict }) => verdict)).toEqual([ranked[0]!.verdict, ranked[0]!.verdict])
        const refused = ranked[0]!.verdict === 'refuse' || swing.verdict === 'strikes'
        expect(said.verdict === 'stop').toBe(refused)
        if (swing.verdict === 'close') expect(said.verdict).not.toBe('clear')
      }
    },
  )

  it.each<[string, Record<string, unknown>, string]>([
    ['no thread', { thread: undefined }, 'thread: give either thread or threads'],
    ['no type', { needle: { construction: 'twin', gapMm: 2, sizeNm: 80 } }, 'needle.type: Invalid option'],
    [
      'two threads in one needle',
      {
        needle: { construction: 'single', sizeNm: 80, type: 'universal' },
        thread: undefined,
        threads: { left: { kind: 'cotton' }, right: { kind: 'cotton' } },
      },
      'threads: a single needle takes one thread',
    ],
    [
      'no middle thread in a triple',
      {
        needle: { construction: 'triple', gapMm: 2, sizeNm: 80, type: 'universal' },
        thread: undefined,
        threads: { left: { kind: 'cotton' }, right: { kind: 'cotton' } },
      },
      'threads.middle: is missing: a triple needle takes three threads',
    ],
    [
      'a number off the dial',
      { tension: { dial: { min: 0, max: 9, home: 4 }, set: 12 } },
      'tension.set: must lie on the dial',
    ],
  ])('refuses %s by the field', (_, change, said) => {
    expect(refusal(change).join('\n')).toContain(said)
  })
})
