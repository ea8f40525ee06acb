import { describe, expect, it } from 'vitest'
import { findStitch, STITCHES } from '#core/stitch'
import { judgeSwing } from '#core/swing'
import { demoBackup } from '#shared/demo'
import { fittedStitch } from '#shared/inputs'
import { DEFAULT_SETTINGS, type Settings } from '#shared/records'
import type { SetupContent } from '#shared/setup'
import { demoTables } from '../../tests/unit/demoTables'

const { records } = demoBackup
const tables = demoTables
const collar = records.pieces.find(({ id }) => id === 'demo-plan-collar')!.setup
const fitted = (id: string, over: Partial<SetupContent> = {}, settings: Settings = DEFAULT_SETTINGS) =>
  fittedStitch(findStitch(id)!, { ...collar, ...over }, tables, settings)

describe('a stitch with what is on the machine', () => {
  it.each(STITCHES.map(({ id }) => id))('%s is set no wider than is safe, and judged as it is set', id => {
    const { setting, standing, swing } = fitted(id)
    const { safeWidthMm, verdict } = judgeSwing(swing!)
    if (safeWidthMm !== null) expect(setting.widthMm).toBeLessThanOrEqual(safeWidthMm + 1e-9)
    expect(standing === 'strikes').toBe(verdict === 'strikes')
  })
  it('is narrowed where its usual size strikes, and strikes where no width helps', () => {
    // 7 − 2 − 0.5 = 4.5 under a twin 2.0 on the attic machine; feather is usually 5 wide.
    expect(fitted('feather')).toMatchObject({ setting: { widthMm: 4.5 }, standing: 'clear' })
    // Held at the right end of the swing: the right blade is past it at any width.
    expect(fitted('overcast').standing).toBe('strikes')
  })
  it('is straight only under a gap as wide as the machine swings, or by the school', () => {
    const wide = { needleId: 'demo-needle-60', machineId: 'demo-machine-gallery', footId: 'demo-foot-wide' }
    expect(tables.needles.get('demo-needle-60')).toMatchObject({ gapMm: 6 })
    expect(fitted('zigzag', wide).standing).toBe('straight only')
    const schools = { ...DEFAULT_SETTINGS.schools, wideGap: 'arithmetic' } as const
    expect(fitted('zigzag', wide, { ...DEFAULT_SETTINGS, schools }).standing).not.toBe('straight only')
    expect(fitted('straight', wide).standing).not.toBe('straight only')
  })
  it('is not judged without a machine', () =>
    expect(fitted('zigzag', { machineId: null })).toMatchObject({ standing: 'not judged', swing: null }))
})
