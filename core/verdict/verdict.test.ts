import { describe, expect, it } from 'vitest'
import { FRESH_USE } from '#core/care'
import type { ConflictInput } from '#core/conflicts'
import { type Needle, type NeedleType, threadedBladesOf } from '#core/needle'
import { type ThreadClass, USUAL_THREADS } from '#core/pairing'
import { DEFAULT_SCHOOLS } from '#core/schools'
import { findStitch } from '#core/stitch'
import type { SwingInput } from '#core/swing'
import { jobHeadline, judgeJob, verdictWords } from '#core/verdict'

interface Job {
  needle?: Needle & { type: NeedleType }
  threads?: readonly ThreadClass[]
  maxWidthMm?: number
  slotMm?: number | null
  plateSlotMm?: number | null
  widthMm?: number
  marginMm?: number
  setup?: Partial<ConflictInput>
  stitch?: 'zigzag' | 'straight'
  /** The part that has a single hole. */
  hole?: 'foot' | 'plate'
}
const TWIN = { construction: 'twin', gapMm: 2, sizeNm: 80, type: 'universal' } as const
const SINGLE = { ...TWIN, construction: 'single', gapMm: 0 } as const
const NO_SUPPLY = { place: null, draw: null }

/** Nothing said of anything: nothing speaks against it. */
const NOTHING: ConflictInput = {
  needle: null,
  hook: null,
  foot: null,
  plate: { singleHole: false },
  stitch: null,
  threads: [],
  bobbin: null,
  cloth: { structure: null, weight: null },
  technique: 'seam',
  isBobbinWork: false,
  goal: 'balanced',
  washed: false,
  stabilizer: null,
  tension: null,
  dial: null,
  dialStep: null,
  ownStart: null,
  carriedOver: [],
  threader: false,
  cutter: false,
  sharedDiscs: null,
  schools: DEFAULT_SCHOOLS,
}

function swingOf(job: Job): SwingInput {
  const { needle = TWIN, maxWidthMm = 7, widthMm = 4 } = job
  const { slotMm = null, plateSlotMm = null, marginMm = 0.5, stitch = 'zigzag' } = job
  const isStraight = stitch === 'straight'
  return {
    machine: { maxWidthMm, plateSlotMm },
    foot: { slotMm, singleHole: job.hole === 'foot' },
    plate: { singleHole: job.hole === 'plate' },
    needle,
    stitch: {
      ...findStitch(stitch)!,
      widthMm: isStraight ? 0 : widthMm,
      lengthMm: 2,
      mirror: false,
      positionMm: 0,
    },
    marginMm,
    clearanceMm: 0.25,
  }
}
function judge(job: Job, isHandWalked = false) {
  const { needle = TWIN, threads = ['all-purpose'] } = job
  const setup: ConflictInput = {
    ...NOTHING,
    needle: { ...needle, wear: FRESH_USE },
    stitch: { swings: true, dense: false, lengthMm: 2 },
    threads: threadedBladesOf(needle.construction).map((blade, i) => ({
      blade,
      thread: USUAL_THREADS[threads[i] ?? threads[0]!],
      supply: NO_SUPPLY,
    })),
    technique: 'decorative',
    ...job.setup,
  }
  return judgeJob({ swing: swingOf(job), setup, isHandWalked })
}
const named = (job: Job, severity: string) =>
  judge(job)
    .reasons.filter(reason => reason.severity === severity)
    .map(({ code }) => code)

describe('the one verdict', () => {
  it('is clear when nothing speaks against anything', () => {
    expect(judge({})).toMatchObject({ verdict: 'clear', swing: { verdict: 'clear' } })
    expect(named({}, 'stop')).toEqual([])
    expect(named({}, 'mind')).toEqual([])
  })

  it.each<[string, Job, string]>([
    ['a swing that strikes', { widthMm: 6 }, 'beyond-machine'],
    // Common practice: heavy thread below 90/14 frays and skips. Under a swing that is clear.
    ['a thread its needle refuses', { threads: ['all-purpose', 'heavy'] }, 'thread-refused'],
    ['a conflict that stops', { setup: { threader: true } }, 'threader-several'],
  ])('stops for %s', (_, job, code) => {
    expect(judge(job).verdict).toBe('stop')
    expect(named(job, 'stop')).toContain(code)
    expect(judge(job).reasons[0]!.severity).toBe('stop')
  })

  it.each<[string, Job, string]>([
    ['a swing that is close', { widthMm: 4.8 }, 'within-margin'],
    ['a blade that as good as touches', { widthMm: 5, marginMm: 0 }, 'touching'],
    // Common practice: without a long polished eye the wrapping strips.
    ['a thread that sits tight', { threads: ['metallic'] }, 'thread-tight'],
    [
      'a gap of 5.0 that swings',
      { needle: { ...TWIN, gapMm: 5 }, maxWidthMm: 9, widthMm: 2 },
      'wide-gap-decorative',
    ],
    ['a conflict that warns', { setup: { sharedDiscs: true } }, 'one-groove'],
  ])('minds %s', (_, job, code) => {
    expect(judge(job).verdict).toBe('mind')
    expect(named(job, 'mind')).toContain(code)
  })

  it('is better by a hand-walk where it asked for one, and says so', () => {
    const asked: Job = { widthMm: 5, marginMm: 0 }
    const walked = judge(asked, true)
    expect(walked.verdict).toBe('clear')
    expect(walked.reasons.find(({ code }) => code === 'touching')?.message).toMatch(/by hand, it cleared/)
    expect(jobHeadline(walked, swingOf(asked))).toMatch(/^Clear/)
    // A hit stays one, and so does a swing within the margin.
    expect(judge({ widthMm: 6 }, true).verdict).toBe('stop')
    expect(judge({ widthMm: 4.8 }, true).verdict).toBe('mind')
  })
  it('stays clear over a note', () => {
    const job: Job = { needle: { ...TWIN, type: 'metallic' }, threads: ['embroidery', 'metallic'] }
    expect(named(job, 'note')).toContain('different-threads')
    expect(judge(job).verdict).toBe('clear')
  })

  it('lets a single needle use all of the swing', () => {
    expect(judge({ needle: SINGLE, widthMm: 7 }).verdict).toBe('clear')
  })

  it('says what it rests on: measured only where foot and plate are', () => {
    expect(judge({})).toMatchObject({ evidence: 'rule', unmeasured: ['foot', 'plate'] })
    expect(judge({ plateSlotMm: 9 })).toMatchObject({ evidence: 'rule', unmeasured: ['foot'] })
    expect(judge({ plateSlotMm: 9, slotMm: 9 })).toMatchObject({ evidence: 'measured', unmeasured: [] })
  })

  it('tells each blade’s fit, a single needle’s as its only one', () => {
    expect(judge({ threads: ['all-purpose', 'heavy'] }).fit).toEqual([
      { blade: 'left', verdict: 'good', eyeFill: expect.any(Number) },
      { blade: 'right', verdict: 'refuse', eyeFill: expect.any(Number) },
    ])
    expect(judge({ needle: SINGLE }).fit.map(({ blade }) => blade)).toEqual(['only'])
  })

  it('says a thing once, with the mend where there is one', () => {
    const holes = judge({ setup: { plate: { singleHole: true } } }).reasons.filter(({ message }) =>
      message.includes('single'),
    )
    expect(holes).toHaveLength(1)
    expect(holes[0]).toMatchObject({ code: 'several-single-hole-plate', mend: { kind: 'plate' } })
  })

  it('names the strike before what else stops, as its words quote it', () => {
    const both = judge({ widthMm: 6, setup: { threader: true } })
    expect(both.reasons[0]).toMatchObject({ about: 'swing', severity: 'stop' })
    expect(verdictWords(both)).toBe('0.5 mm too far')
  })

  it('judges what there is without machine, needle or stitch', () => {
    expect(judgeJob({ swing: null, setup: NOTHING })).toMatchObject({
      verdict: 'clear',
      swing: null,
      fit: [],
      evidence: 'rule',
    })
  })
})

describe('the verdict in words', () => {
  it.each<[string, Job]>([
    ['0.5 mm to spare in the swing', {}],
    ['0.1 mm to spare in the swing', { widthMm: 4.8 }],
    ['0.0 mm to spare in the swing', { widthMm: 5, marginMm: 0 }],
    ['0.5 mm too far', { widthMm: 6 }],
    // The foot leaves 0.85 at the edge: what binds is quoted, not what is roomy.
    ['0.1 mm to spare in the swing', { widthMm: 4.8, slotMm: 9, plateSlotMm: 9 }],
    ['0.1 mm to spare at the foot', { widthMm: 4, slotMm: 7 }],
    ['1 to mend first', { setup: { threader: true } }],
    // Never “0.0 to spare” under a clear word.
    ['to the end of the swing', { needle: SINGLE, widthMm: 7 }],
    ['straight only', { needle: SINGLE, stitch: 'straight', hole: 'foot' }],
    ['single hole in the plate', { needle: SINGLE, hole: 'plate' }],
    ['2 to check', { threads: ['metallic'] }],
  ])('%s', (words, job) => {
    expect(verdictWords(judge(job))).toBe(words)
  })
})

describe('the verdict in one line', () => {
  it.each<[string, Job]>([
    ['Clear: up to 4.5 mm is safe.', {}],
    ['Set the width to 4.5 mm or less.', { widthMm: 4.8 }],
    ['Set the width to 4.5 mm or less.', { widthMm: 6, setup: { threader: true } }],
    [
      'Almost touching. Make the stitch narrower, or turn it through by hand first.',
      { widthMm: 5, marginMm: 0 },
    ],
    // Never a green word over something that stops.
    ['Do not sew yet: mend this first.', { setup: { threader: true } }],
    ['The swing is clear up to 4.5 mm, but check this first.', { threads: ['metallic'] }],
  ])('%s', (line, job) => {
    expect(jobHeadline(judge(job), swingOf(job))).toBe(line)
  })
})
