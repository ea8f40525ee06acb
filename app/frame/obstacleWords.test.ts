import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import type { Obstacle } from '~/stores/book/stepBack'
import { obstaclesWords } from './obstacleWords'

const machine = demoBackup.records.machines.find(({ name }) => name === 'Attic seven')!
const obstacle = (what: Obstacle['what'], fields: readonly string[] = []): Obstacle => ({
  table: 'machines',
  record: machine,
  what,
  fields,
})

describe('what stands against a step of undo', () => {
  it('is named, with the fields in plain words', () =>
    expect(obstaclesWords([obstacle('changed', ['maxWidthMm', 'tensionDial'])])).toEqual([
      '“Attic seven” was changed again since, here or in another tab (max width, tension dial).',
    ]))
  it('is counted where it is much', () =>
    expect(obstaclesWords(Array(5).fill(obstacle('needed')))).toEqual([
      ...Array(3).fill('“Attic seven” is needed by what was kept since.'),
      'And 2 more like this.',
    ]))
  it.each(['gone', 'anew', 'needed', 'used', 'needs'] as const)('%s is a whole sentence', what =>
    expect(obstaclesWords([obstacle(what)])[0]).toMatch(/^“Attic seven” .*\.$/),
  )
})
