import { bench, describe } from 'vitest'
import { UNKNOWN_STATE } from '#core/putback'
import { threadingWalk } from '#core/walk'
import { DEFAULT_SETTINGS } from '#shared/records'
import { demoBackup } from '#shared/demo'
import { jobInputOf, walkInputOf } from '#shared/inputs'
import { judgeJob } from '#core/verdict'

const byId = <T extends { id: string }>(records: readonly T[]) =>
  new Map(records.map(record => [record.id, record]))
const { machines, feet, needles, stitches, plates, threads, cloths, stabilizers, pieces } = demoBackup.records
const tables = {
  machines: byId(machines),
  feet: byId(feet),
  needles: byId(needles),
  stitches: byId(stitches),
  plates: byId(plates),
  threads: byId(threads),
  cloths: byId(cloths),
  stabilizers: byId(stabilizers),
  pieces: byId(pieces),
}
const seams = pieces.filter(({ plan }) => plan.kind === 'seam')
const inputs = seams.map(({ setup }) => walkInputOf(setup, tables, DEFAULT_SETTINGS, UNKNOWN_STATE))
const jobs = seams.map(({ setup }) => jobInputOf(setup, tables, DEFAULT_SETTINGS, 'mm'))
let turn = 0

describe('the demo’s setups, one after the other', () => {
  bench('a threading walk', () => {
    threadingWalk(inputs[turn++ % inputs.length]!)
  })
  bench('the verdict of a whole setup', () => {
    judgeJob(jobs[turn++ % jobs.length]!)
  })
})
