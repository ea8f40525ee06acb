import { describe, expect, it } from 'vitest'
import { type JobReasonCode, judgeJob } from '#core/verdict'
import { demoBackup } from '#shared/demo'
import { feetGuiding, jobInputOf, type PairingTables, swapFor, USUAL_ROW_MM } from '#shared/inputs'
import { DEFAULT_SETTINGS } from '#shared/records'
import type { SetupContent } from '#shared/setup'
import { byId, demoTables } from '../../tests/unit/demoTables'

const { records } = demoBackup
const tables: PairingTables = { ...demoTables, pieces: new Map() }
const banner = records.pieces.find(({ id }) => id === 'demo-plan-banner')!.setup
const reasonsOf = (setup: SetupContent, owned = tables) =>
  judgeJob(jobInputOf(setup, owned, DEFAULT_SETTINGS))
const swap = (code: JobReasonCode, setup: SetupContent, owned = tables) =>
  swapFor(code, setup, reasonsOf(setup, owned), owned, DEFAULT_SETTINGS)
const codes = (setup: SetupContent) =>
  reasonsOf(setup)
    .reasons.filter(({ severity }) => severity !== 'note')
    .map(({ code }) => code)

describe('what one owns in the place of what does not fit', () => {
  const bentOf = ({ needleId }: SetupContent) => {
    const needle = tables.needles.get(needleId ?? '')!
    return new Map(tables.needles).set(needle.id, { ...needle, state: 'bent' })
  }

  it('is another needle of as many blades, and takes the reason away', () => {
    const found = records.pieces.flatMap(({ setup }) => {
      if (setup.needleId === null) return []
      const owned = { ...tables, needles: bentOf(setup) }
      const swapped = swap('bent-needle', setup, owned)
      return swapped ? [{ setup, owned, change: swapped.change }] : []
    })
    expect(found.length).toBeGreaterThan(0)
    for (const { setup, owned, change } of found) {
      const { construction } = tables.needles.get(setup.needleId!)!
      expect(tables.needles.get(change.needleId!)).toMatchObject({ construction, state: 'good' })
      const after = reasonsOf({ ...setup, ...change }, owned).reasons.map(({ code }) => code)
      expect(after).not.toContain('bent-needle')
    }
  })
  it('is never one that is used up or bent itself', () => {
    for (const { setup } of records.pieces.filter(({ setup }) => setup.needleId !== null)) {
      const none = [...bentOf(setup).values()].map(one => ({
        ...one,
        count: one.id === setup.needleId ? 1 : 0,
      }))
      expect(swap('bent-needle', setup, { ...tables, needles: byId(none) })).toBeNull()
    }
  })
  it('brings nothing new to stop for or mind', () => {
    for (const { setup } of records.pieces)
      for (const code of codes(setup)) {
        const found = swap(code, setup)
        if (!found) continue
        const after = codes({ ...setup, ...found.change })
        expect(after, code).not.toContain(code)
        const known = [...codes(setup), 'tension-carried']
        expect(after.filter(one => !known.includes(one))).toEqual([])
      }
  })
  it('is not offered for what another part cannot mend', () => expect(swap('one-groove', banner)).toBeNull())
})

describe('feet that guide a row', () => {
  it('are those whose guide the needle reaches, the least moved first', () => {
    const found = feetGuiding({ ...banner, job: 'topstitching' }, tables, USUAL_ROW_MM)
    expect(found.length).toBeGreaterThan(0)
    const { maxWidthMm } = tables.machines.get(banner.machineId!)!
    for (const id of found) {
      const { flangeMm, toeInsideMm, toeOutsideMm } = tables.feet.get(id)!
      const guides = [flangeMm, toeInsideMm, toeOutsideMm].filter(mm => mm !== null)
      // Arithmetic: the needle moves by the row less the guide, at most to the end of the swing.
      expect(Math.min(...guides.map(mm => Math.abs(USUAL_ROW_MM - mm)))).toBeLessThanOrEqual(maxWidthMm / 2)
    }
  })
  it('are none without a machine', () =>
    expect(feetGuiding({ ...banner, machineId: null }, tables, USUAL_ROW_MM)).toEqual([]))
})
