import { describe, expect, it } from 'vitest'
import { findConflicts, type Mend } from '#core/conflicts'
import { DEFAULT_SETTINGS } from '#shared/records'
import { demoBackup } from '#shared/demo'
import { mendOf } from '#shared/setup'
import { judgeJob } from '#core/verdict'
import { conflictInputOf, jobInputOf, type PairingTables, startInputOf, threadedBlades } from '#shared/inputs'
import type { SetupContent } from '#shared/setup'
import { demoTables } from '../../tests/unit/demoTables'

const { records } = demoBackup
const tables: PairingTables = demoTables
const collar = records.pieces[0]!.setup
const conflicts = (setup: SetupContent) => findConflicts(conflictInputOf(setup, tables, DEFAULT_SETTINGS))
const codes = (setup: SetupContent) => conflicts(setup).map(({ code }) => code)

describe('the demo', () => {
  /** What a note must own up to, where the app's own rules speak against what was kept. */
  const OWNED_UP: Readonly<Record<string, RegExp>> = {
    'thread-tight': /tight in the eye/i,
    'needle-spent': /needle is due/i,
    'metallic-tension': /normal tension is no place for metallic/i,
  }
  const against = (setup: SetupContent) =>
    judgeJob(jobInputOf(setup, tables, DEFAULT_SETTINGS)).reasons.filter(
      ({ severity }) => severity !== 'note',
    )

  const seams = records.pieces.filter(({ plan }) => plan.kind === 'seam')
  it.each(seams.map(piece => [piece.name, piece] as const))(
    'keeps its own rules in the piece “%s”, or says so',
    (name, { setup, note }) => {
      if (/\((struck|refused)\)/.test(name)) {
        expect(against(setup)[0]!.severity).toBe('stop')
        return
      }
      for (const { code } of against(setup))
        expect(note, code).toMatch(OWNED_UP[code] ?? /nothing owns up to it/)
    },
  )

  it.each(records.swatches.map(swatch => [swatch.name, swatch] as const))(
    'keeps its own rules in the swatch “%s”, or says so',
    (_, { setup, note }) => {
      // A needle that is due today was not when the swatch was sewn.
      const then = against(setup).filter(({ code }) => code !== 'needle-spent')
      for (const { code } of then) expect(note, code).toMatch(OWNED_UP[code] ?? /nothing owns up to it/)
    },
  )

  it('sews blanket swatches in blanket stitch, and a triple with all its threads', () => {
    for (const { goal, setup } of records.swatches)
      if (goal === 'blanket') expect(setup.stitch.stitchId).toBe('blanket')
    for (const { setup } of records.pieces)
      if (tables.needles.get(setup.needleId ?? '')?.construction === 'triple')
        expect(Object.values(setup.threadIds)).not.toContain(null)
  })
})

describe('a setup as the rules see it', () => {
  it(
    'gives each blade its own thread and supply, the spool’s own way of unwinding where nothing else '
      + 'is said',
    () => {
      expect(
        threadedBlades(collar, 'twin', tables.threads).map(({ blade, thread, supply }) => [
          blade,
          thread.kind,
          supply.draw,
        ]),
      ).toEqual([
        ['left', 'rayon', 'rolling off'],
        ['right', 'metallic', 'rolling off'],
      ])
      expect(threadedBlades(collar, 'single', tables.threads)).toHaveLength(1)
    },
  )
  it('takes an own plate before the machine’s', () => {
    expect(codes({ ...collar, plateId: 'demo-plate-round' })).toContain('several-single-hole-plate')
    expect(
      codes({
        ...collar,
        plateId: 'demo-plate-round',
        needleId: 'demo-needle-80',
        stitch: { ...collar.stitch, stitchId: 'straight', widthMm: 0 },
      }),
    ).not.toContain('swing-single-hole')
  })
  it('calls a wide swing at a short length dense', () => {
    expect(
      codes({
        ...collar,
        stabilizerId: null,
        stitch: { ...collar.stitch, stitchId: 'zigzag', widthMm: 4, lengthMm: 0.4 },
      }),
    ).toContain('dense-no-stabilizer')
    expect(
      codes({
        ...collar,
        stabilizerId: null,
        stitch: { ...collar.stitch, stitchId: 'zigzag', widthMm: 4, lengthMm: 1.5 },
      }),
    ).not.toContain('dense-no-stabilizer')
  })
  it('starts from the newest own plan alike, and from the rule where there is none', () => {
    const asking = { ...collar, layers: collar.layers + 1 }
    expect(startInputOf(asking, 'twin', tables, DEFAULT_SETTINGS)).toMatchObject({
      thread: { kind: 'metallic' },
      own: { name: 'Sailor collar, honeycomb band', tension: 2.8 },
    })
    expect(startInputOf({ ...asking, job: 'hem' }, 'twin', tables, DEFAULT_SETTINGS)?.own).toBeNull()
    // A piece says nothing of itself, whatever its number, and a number that a rule set says nothing at all.
    expect(startInputOf({ ...collar, tension: 7 }, 'twin', tables, DEFAULT_SETTINGS)?.own).toBeNull()
    const [piece] = records.pieces
    const ruled = { ...collar, tensionFrom: { ...collar.tensionFrom!, how: 'start' as const } }
    const pieces = new Map([['p', { ...piece!, setup: ruled }]])
    expect(startInputOf(asking, 'twin', { ...tables, pieces }, DEFAULT_SETTINGS)?.own).toBeNull()
    expect(
      startInputOf(
        { ...collar, threadIds: { left: null, middle: null, right: null } },
        'twin',
        tables,
        DEFAULT_SETTINGS,
      ),
    ).toBeNull()
  })
})

describe('a mend', () => {
  const broken: [string, SetupContent][] = [
    ['several-single-hole-plate', { ...collar, plate: 'single-hole' }],
    ['several-single-hole-foot', { ...collar, footId: 'demo-foot-quarter' }],
    [
      'thick-in-needle',
      { ...collar, threadIds: { left: 'demo-thread-rope', middle: null, right: 'demo-thread-rope' } },
    ],
    ['threader-several', { ...collar, threader: true }],
    ['cutter-several', { ...collar, cutter: true }],
    ['one-groove', { ...collar, sharedDiscs: true }],
    ['metallic-tension', { ...collar, tension: 5 }],
    ['metallic-in-cup', { ...collar, supplies: { ...collar.supplies, right: { place: 'cup', draw: null } } }],
    ['dense-no-stabilizer', { ...collar, stabilizerId: null, stitch: { ...collar.stitch, lengthMm: 0.4 } }],
    [
      'uneven-supply',
      {
        ...collar,
        supplies: {
          ...collar.supplies,
          left: { place: 'cup', draw: null },
          right: { place: 'stand', draw: null },
        },
      },
    ],
    [
      'film-over-end',
      {
        ...collar,
        threadIds: { left: 'demo-thread-star', middle: null, right: 'demo-thread-star' },
        supplies: { ...collar.supplies, left: { place: null, draw: 'over the end' } },
      },
    ],
    [
      'heavy-short',
      {
        ...collar,
        needleId: 'demo-needle-topstitch',
        threadIds: { ...collar.threadIds, left: 'demo-thread-mast' },
        stitch: { ...collar.stitch, stitchId: 'straight', widthMm: 0, lengthMm: 2 },
      },
    ],
  ]
  it.each(broken)('takes %s away in one press', (code, setup) => {
    const conflict = conflicts(setup).find(found => found.code === code)
    expect(conflict?.mend).toBeTruthy()
    const change = mendOf(conflict!.mend!, setup, tables.feet, tables.stabilizers)
    expect(codes({ ...setup, ...change })).not.toContain(code)
  })
  it('winds the thick thread on the bobbin and takes it off every needle', () => {
    const setup = {
      ...collar,
      threadIds: { left: 'demo-thread-rope', middle: null, right: 'demo-thread-rope' },
    }
    expect(
      mendOf(
        { kind: 'to-bobbin', label: '', blade: 'right', tension: 4 },
        setup,
        tables.feet,
        tables.stabilizers,
      ),
    ).toEqual({
      bobbinId: 'demo-thread-rope',
      threadIds: { left: null, middle: null, right: null },
      // Common practice: normal tension above, past the spring below.
      tension: 4,
      bobbinTension: 'bypassed',
    })
    const onBobbin = {
      ...setup,
      threadIds: { left: null, middle: null, right: null },
      bobbinId: 'demo-thread-rope',
    }
    expect(codes(onBobbin)).toContain('no-top-thread')
  })
  it('is not offered when what it needs is not owned', () => {
    expect(mendOf({ kind: 'foot', label: '' }, collar, new Map(), new Map())).toBeNull()
    expect(
      mendOf(
        { kind: 'stabilizer', label: '', stabilizer: 'wash-away' } satisfies Mend,
        collar,
        tables.feet,
        tables.stabilizers,
      ),
    ).toBeNull()
  })
})
