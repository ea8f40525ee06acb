import { describe, expect, it } from 'vitest'
import { JOB_IDS, JOBS, trialGoalOf } from '#core/job'
import { hasSwing, STITCHES } from '#core/stitch'
import { isSewnStraight } from '#core/terms'

describe('a job', () => {
  it.each(JOB_IDS)('%s is sewn with stitches that ship with the app', id => {
    const known = STITCHES.map(stitch => stitch.id)
    expect(known).toEqual(expect.arrayContaining([...JOBS[id].stitchIds]))
  })
  it.each(JOB_IDS)('%s begins straight exactly where its technique is sewn straight, lines apart', id => {
    const { technique, stitchIds } = JOBS[id]
    const first = STITCHES.find(stitch => stitch.id === stitchIds[0])!
    const isLine = ['metallic-line', 'pearl-line', 'bobbin-work'].includes(id)
    expect(hasSwing(first)).toBe(!isSewnStraight(technique) && !isLine)
  })
  it('has a name of its own', () =>
    expect(new Set(JOB_IDS.map(id => JOBS[id].name)).size).toBe(JOB_IDS.length))
  it('finds every stitch of the library a job', () => {
    const served = new Set(JOB_IDS.flatMap(id => JOBS[id].stitchIds))
    // Both are held at the edge of the swing and belong to seams that neatening tools sew.
    const rest = STITCHES.map(({ id }) => id).filter(id => !served.has(id))
    expect(rest).toEqual(['blind-hem', 'overcast'])
  })
})

// Common practice: goal first; metallic thread asks for a line that lies unstrained.
describe('what a strip of it is read for', () => {
  it.each([
    ['pintucks', 'raised', [], 'raised'],
    ['hem', 'flat', ['polyester'], 'flat'],
    ['topstitching', 'bobbin hair', [], 'bobbinHair'],
    ['hidden-edge', 'invisible', ['monofilament'], 'invisible'],
    ['satin', 'balanced', ['rayon'], 'satin'],
    ['decorative-row', 'balanced', ['rayon', 'metallic'], 'metallic'],
    ['metallic-line', 'balanced', [], 'metallic'],
    ['blanket-edge', 'balanced', ['pearl-cotton'], 'blanket'],
    ['pearl-line', 'balanced', ['pearl-cotton'], 'balanced'],
    ['bobbin-work', 'balanced', ['cotton'], 'balanced'],
    ['seam', 'balanced', ['film'], 'metallic'],
  ] as const)('%s, %s, in %j: %s', (job, goal, kinds, expected) =>
    expect(trialGoalOf(job, goal, kinds)).toBe(expected),
  )
})
