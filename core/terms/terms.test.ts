import { expect, it } from 'vitest'
import { isSewnStraight, TECHNIQUES, USUAL_GOAL } from '#core/terms'

// Common practice: what is decorative or covers an edge swings, the rest runs straight.
it.each([
  ['seam', true, 'balanced'],
  ['hem', true, 'flat'],
  ['topstitching', true, 'flat'],
  ['pintucks', true, 'raised'],
  ['decorative', false, 'balanced'],
  ['appliqué edge', false, 'invisible'],
  ['blanket stitch', false, 'balanced'],
] as const)('%s is sewn straight: %s, for %s', (technique, straight, goal) => {
  expect(isSewnStraight(technique)).toBe(straight)
  expect(USUAL_GOAL[technique]).toBe(goal)
})

it('knows every technique', () => expect(TECHNIQUES).toHaveLength(7))
