import { bench, describe } from 'vitest'
import { UNKNOWN_STATE } from '#core/putback'
import { threadingWalk } from '#core/walk'
import { DEFAULT_SETTINGS } from '#shared/records'
import { demoBackup } from '#shared/demo'
import { jobInputOf, walkInputOf } from '#shared/inputs'
import { judgeJob } from '#core/verdict'
import { demoTables } from '../../tests/unit/demoTables'

const { pieces } = demoBackup.records
const tables = demoTables
const seams = pieces.filter(({ plan }) => plan.kind === 'seam')
const inputs = seams.map(({ setup }) => walkInputOf(setup, tables, DEFAULT_SETTINGS, UNKNOWN_STATE))
const jobs = seams.map(({ setup }) => jobInputOf(setup, tables, DEFAULT_SETTINGS))
let turn = 0

describe('the demo’s setups, one after the other', () => {
  bench('a threading walk', () => {
    threadingWalk(inputs[turn++ % inputs.length]!)
  })
  bench('the verdict of a whole setup', () => {
    judgeJob(jobs[turn++ % jobs.length]!)
  })
})
