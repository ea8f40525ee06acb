import { describe, expect, it } from 'vitest'
import { type JobId, JOB_IDS, JOBS } from '#core/job'
import { startSettings } from '#core/pairing'
import { judgeSwing } from '#core/swing'
import { judgeJob } from '#core/verdict'
import { demoBackup } from '#shared/demo'
import {
  setupPartsOf,
  feetGuiding,
  jobInputOf,
  type PairingTables,
  bobbinInputOf,
  startInputOf,
  swingInputOf,
  USUAL_ROW_MM,
} from '#shared/inputs'
import {
  dialledIn,
  type Foretell,
  freshSetup,
  isChange,
  setUpFor,
  withOneNeedle,
  withStartValues,
  type Workplace,
} from '#shared/job'
import { DEFAULT_SETTINGS } from '#shared/records'
import { carriedOver, changedSetup, EMPTY_SETUP, type SetupContent, tensionFromOf } from '#shared/setup'
import { demoTables } from '../../tests/unit/demoTables'

const { records } = demoBackup
const tables: PairingTables = { ...demoTables, pieces: new Map() }
const place: Workplace = { tables, settings: DEFAULT_SETTINGS }
const planned = (id: string) => records.pieces.find(plan => plan.id === `demo-plan-${id}`)!.setup
const collar = planned('collar')
const nothingForetold = () => null
const setUp = (...[job, setup = collar]: [(typeof JOB_IDS)[number], SetupContent?]) =>
  setUpFor(job, setup, place, nothingForetold)
const row = (settled: ReturnType<typeof setUp>, name: string) =>
  settled.settings.find(setting => setting.name === name)!

describe('choosing a job', () => {
  it('sets all that makes pintucks, and says what and why', () => {
    const single = { ...planned('banner'), threadIds: { ...planned('banner').threadIds, right: null } }
    const settled = setUp('pintucks', single)
    const { setup } = settled
    // Common practice: twin 1.6 to 2.5, straight, 2.0 to 2.5 long, grooved foot, tension up, no stabilizer.
    expect(tables.needles.get(setup.needleId!)).toMatchObject({ construction: 'twin' })
    expect(tables.needles.get(setup.needleId!)!.gapMm).toBeGreaterThanOrEqual(1.6)
    expect(tables.needles.get(setup.needleId!)!.gapMm).toBeLessThanOrEqual(2.5)
    expect(setup).toMatchObject({
      job: 'pintucks',
      goal: 'raised',
      plate: 'zigzag',
      footId: 'demo-foot-tuck',
      stabilizerId: null,
      stitch: { stitchId: 'straight', lengthMm: expect.closeTo(3, 0) },
    })
    expect(setup.threadIds.right).toBe(setup.threadIds.left)
    const changed = settled.settings.filter(isChange).map(({ name }) => name)
    expect(changed).toEqual(expect.arrayContaining(['Job', 'Goal', 'Needle', 'Right thread', 'Foot']))
    for (const { why } of settled.settings) expect(why).not.toBe('')
  })
  it('begins pintucks in ordinary thread at the top of the dial, 2.2 long', () => {
    const bare: Workplace = { ...place, tables: { ...tables, swatches: new Map() } }
    const shirt: SetupContent = { ...planned('shirt'), job: 'hem', goal: 'flat', tension: 3 }
    const { setup } = setUpFor('pintucks', shirt, bare, nothingForetold)
    expect(setup).toMatchObject({ tension: 9, stitch: { lengthMm: 2.2, widthMm: 0 } })
    expect(setup.tensionFrom).toMatchObject({ tension: 9, how: 'start' })
  })

  const STARTS = records.pieces.map(({ name, setup }) => [name, setup] as const)
  it.each(JOB_IDS.flatMap(job => STARTS.map(([name, setup]) => [job, name, setup] as const)))(
    '%s after “%s” is no wider than is safe, and says one goal everywhere',
    (job, _, before) => {
      const { setup } = setUp(job, before)
      expect(setup.goal).toBe(JOBS[job].goal)
      const swing = swingInputOf(setup, setupPartsOf(setup, tables), DEFAULT_SETTINGS)!
      const { safeWidthMm, verdict } = judgeSwing(swing)
      if (safeWidthMm === null) return
      expect(setup.stitch.widthMm).toBeLessThanOrEqual(safeWidthMm + 1e-9)
      expect(verdict).not.toBe('strikes')
      // Whatever it set itself, it does not warn of.
      const codes = judgeJob(jobInputOf(setup, tables, DEFAULT_SETTINGS)).reasons.map(({ code }) => code)
      for (const code of ['tension-far', 'tension-carried', 'dense-no-stabilizer', 'metallic-tension'])
        expect(codes).not.toContain(code)
    },
  )
  it('keeps a stitch that goes with it, as it is moved and mirrored', () => {
    const mirrored = { ...collar, stitch: { ...collar.stitch, mirror: true } }
    expect(setUp('decorative-row', mirrored).setup.stitch).toMatchObject({
      stitchId: 'honeycomb',
      mirror: true,
    })
    expect(setUp('satin', mirrored).setup.stitch).toMatchObject({ stitchId: 'zigzag', mirror: false })
  })
  it('winds the thick thread on the bobbin for bobbin work, past its spring', () => {
    const rope = 'demo-thread-rope'
    const { setup, settings } = setUp('bobbin-work', {
      ...collar,
      threadIds: { left: rope, middle: null, right: rope },
    })
    // Common practice: top tension normal, bobbin tension bypassed.
    expect(setup).toMatchObject({
      bobbinId: rope,
      bobbinTension: 'bypassed',
      tension: 4,
      threadIds: { left: null, right: null },
    })
    expect(settings.find(({ name }) => name === 'Thread')!.missing).toMatch(/fine/)
    expect(setUp('seam', { ...setup, threadIds: collar.threadIds }).setup.bobbinTension).toBe('home')
  })
  it('says what it wants and does not find, and leaves that as it is', () => {
    const bare: Workplace = { ...place, tables: { ...tables, feet: new Map(), stabilizers: new Map() } }
    const settled = setUpFor('satin', collar, bare, nothingForetold)
    expect(row(settled, 'Foot').missing).toMatch(/own no satin/)
    expect(row(settled, 'Stabilizer').missing).toMatch(/tear-away/)
    expect(settled.setup.stabilizerId).toBe(collar.stabilizerId)
  })
  it('brings a hair of bobbin up under pearl by the one school', () => {
    const schools = { ...DEFAULT_SETTINGS.schools, pearlTension: 'plus-one' } as const
    const other: Workplace = { ...place, settings: { ...DEFAULT_SETTINGS, schools } }
    expect(setUpFor('pearl-line', planned('banner'), other, nothingForetold).setup.goal).toBe('bobbin hair')
    expect(setUp('pearl-line', planned('banner')).setup.goal).toBe('balanced')
  })
  it('takes the tension own swatches foretell, and names them', () => {
    const foretell: Foretell = wanted => {
      expect(wanted).toMatchObject({ goal: 'raised', construction: 'twin', stitch: 'straight' })
      return { share: 0.9, of: 5 }
    }
    const unsewn = { ...planned('shirt'), tensionFrom: null }
    const settled = setUpFor('pintucks', unsewn, place, foretell)
    // 4 + 0.9 · 5 on the attic dial.
    expect(settled.setup.tension).toBe(8.5)
    expect(row(settled, 'Tension')).toMatchObject({ source: 'own swatches' })
    // A row sewn with all of this knows better.
    const sewn = setUpFor('pintucks', planned('shirt'), place, foretell)
    expect(sewn.setup.tension).toBe(planned('shirt').tension)
    expect(row(sewn, 'Tension')).toMatchObject({ source: 'sewn' })
  })
})

describe('what turns corners', () => {
  it('gets the best single needle one owns, and stays as it is where there is none', () => {
    const twin = { ...collar, needleId: 'demo-needle-16' }
    const single = withOneNeedle(twin, place)
    expect(place.tables.needles.get(single.needleId!)).toMatchObject({ construction: 'single' })
    expect({ ...single, needleId: twin.needleId }).toEqual(twin)
    expect(withOneNeedle(single, place)).toBe(single)
    const tables = {
      ...place.tables,
      needles: new Map([...place.tables.needles].filter(([id]) => id === twin.needleId)),
    }
    expect(withOneNeedle(twin, { ...place, tables })).toBe(twin)
  })
})

describe('dialling in', () => {
  const dial = (setup: SetupContent) => {
    const input = startInputOf(
      setup,
      setupPartsOf(setup, tables).needle!.construction,
      tables,
      DEFAULT_SETTINGS,
    )!
    return dialledIn(setup, startSettings(input), place).setup
  }
  it('sets width and length of a pearl blanket edge, 5.0 by 6.0', () => {
    const felt = records.swatches.find(({ name }) => name === 'Felt stars, blanket stitch')!.setup
    const before = { ...felt, stitch: { ...felt.stitch, widthMm: 3.5, lengthMm: 2.5 } }
    expect(dial(before).stitch).toMatchObject({ widthMm: 6, lengthMm: 5 })
  })
  it('sets 1.0 by 1.0 for monofilament', () => {
    const hidden = records.swatches.find(({ name }) => name === 'Hidden edge, monofilament')!.setup
    const before = { ...hidden, stitch: { ...hidden.stitch, widthMm: 3, lengthMm: 2.5 } }
    expect(dial(before).stitch).toMatchObject({ widthMm: 1, lengthMm: 1 })
  })
  it('puts the narrower width where the foot binds', () => {
    const wide = { ...collar, stitch: { ...collar.stitch, widthMm: 9 } }
    const { stitch } = dial(wide)
    expect(stitch.widthMm).toBeLessThan(6)
    expect(stitch.widthMm).toBeGreaterThan(0)
  })
})

describe('a tension that a rule set', () => {
  const metallic = records.threads.find(({ kind }) => kind === 'metallic')!
  const begun = setUp('seam', { ...planned('shirt'), tension: null, tensionFrom: null }).setup
  const change = (before: SetupContent, by: Partial<SetupContent>) =>
    withStartValues(before, changedSetup(before, by, tables.machines), place, nothingForetold)

  it('is set anew when another thread is put on, for what is on now', () => {
    const after = change(begun, { threadIds: { ...begun.threadIds, left: metallic.id } })
    expect(after.tension).toBe(setUp('seam', after).setup.tension)
    expect(after.tension).not.toBe(begun.tension)
    expect(carriedOver(after, tables)).toEqual([])
  })
  it('is the same for another thread of the rule, and for that one now', () => {
    const [one, other] = records.threads.filter(({ kind, tex }) => kind === 'cotton' && tex !== null)
    const on = change(begun, { threadIds: { left: one!.id, middle: null, right: null } })
    const after = change(on, { threadIds: { left: other!.id, middle: null, right: null } })
    expect(carriedOver(after, tables)).toEqual([])
    expect(after.tensionFrom!.threadIds.left).toBe(other!.id)
  })
  it('stays where what changes has no say in it', () => {
    expect(change(begun, { layers: 4 })).toEqual({ ...begun, layers: 4 })
    expect(change(begun, { tension: 3 }).tension).toBe(3)
  })
  it.each(['typed', 'sewn'] as const)('is held and questioned where it was %s', how => {
    const set = { ...begun, tension: 3 }
    const held = { ...set, tensionFrom: tensionFromOf(set, how) }
    const after = change(held, { threadIds: { ...begun.threadIds, left: metallic.id } })
    expect(after.tension).toBe(3)
    expect(carriedOver(after, tables)).not.toEqual([])
  })
})

describe('length and width that a rule set', () => {
  const on = (left: string) => ({ threadIds: { left, middle: null, right: null } })
  const idOf = (kind: string) => records.threads.find(one => one.kind === kind)!.id
  const begun = setUp('blanket-edge', { ...planned('banner'), ...on(idOf('pearl-cotton')) }).setup
  const change = (before: SetupContent, by: Partial<SetupContent>) =>
    withStartValues(before, changedSetup(before, by, tables.machines), place, nothingForetold)
  it('are dialled anew for another thread', () => {
    // Common practice: pearl blanket stitch shows at 5.0 by 6.0; other thread as the stitch is usually sewn.
    expect(begun.stitch).toMatchObject({ lengthMm: 5 })
    const after = change(begun, on(idOf('cotton')))
    expect(after.stitch.lengthMm).toBe(setUp('blanket-edge', after).setup.stitch.lengthMm)
    expect(after.stitch.lengthMm).not.toBe(5)
    expect(change(after, on(idOf('pearl-cotton'))).stitch.lengthMm).toBe(5)
  })
  it('are held where a person set them, and where something else changes', () => {
    const own = { ...begun, stitch: { ...begun.stitch, lengthMm: 4.2 } }
    expect(change(own, on(idOf('cotton'))).stitch.lengthMm).toBe(4.2)
    expect(change(begun, { layers: 5 }).stitch).toEqual(begun.stitch)
  })
})

describe('a piece that is begun', () => {
  const two = { left: 'demo-thread-lantern', middle: null, right: 'demo-thread-slate' }
  it('asks for the second thread anew where it was another, for another job', () => {
    const before = { ...collar, job: 'pintucks', threadIds: two } as const
    expect(freshSetup(before, 'hem').threadIds).toEqual({ ...two, right: null })
    expect(freshSetup(before, 'pintucks').threadIds).toEqual(two)
    const alike = { ...before, threadIds: { ...two, right: two.left } }
    expect(freshSetup(alike, 'hem').threadIds).toEqual(alike.threadIds)
  })
  it('counts one layer for tucks, and no others than before for anything else', () => {
    const before = { ...collar, layers: 3 }
    expect(freshSetup(before, 'pintucks').layers).toBe(1)
    expect(freshSetup(before, 'hem').layers).toBe(3)
    // Told otherwise, it stays.
    expect(freshSetup({ ...before, job: 'pintucks' }, 'pintucks').layers).toBe(3)
  })
})

describe('topstitching', () => {
  it('puts on a foot that guides the row it begins with', () => {
    const { setup } = setUp('topstitching', planned('banner'))
    expect(feetGuiding(setup, tables, USUAL_ROW_MM)).toContain(setup.footId)
  })
})

describe('over a single hole', () => {
  it('no job and no stitch sets a swing to nothing: the verdict says what to put on', () => {
    const feet = new Map([...tables.feet].map(([id, foot]) => [id, { ...foot, singleHole: true }]))
    const holed = { ...place, tables: { ...tables, feet } }
    const on = { ...planned('banner'), footId: [...feet.keys()][0]!, plate: 'single-hole' } as const
    const { setup } = setUpFor('satin', on, holed, nothingForetold)
    expect(setup.stitch.widthMm).toBeGreaterThan(0)
    const verdict = judgeJob(jobInputOf(setup, holed.tables, DEFAULT_SETTINGS))
    expect(verdict.reasons[0]).toMatchObject({ code: 'swing-single-hole', mend: { kind: 'foot' } })
  })
})

describe('a job in an empty book', () => {
  const bare = { ...EMPTY_SETUP, clothId: null }
  const begun = (id: JobId) => setUp(id, bare).setup.stitch
  it('begins with what the work itself asks of its stitch, before a thread is chosen', () => {
    // Common practice: a hidden edge 1.0 by 1.0, satin 0.4 long.
    expect(begun('hidden-edge')).toMatchObject({ stitchId: 'zigzag', widthMm: 1, lengthMm: 1 })
    expect(begun('satin')).toMatchObject({ stitchId: 'zigzag', widthMm: 3, lengthMm: 0.4 })
    expect(begun('topstitching')).toMatchObject({ stitchId: 'straight', lengthMm: 3.5 })
    expect(begun('pintucks').lengthMm).toBe(2.2)
  })
})

describe('the bobbin of a hidden edge', () => {
  it('matches the cloth, whatever the thread above is coloured', () => {
    const mono = records.threads.find(({ kind }) => kind === 'monofilament')!
    const setup = { ...planned('banner'), job: 'hidden-edge' as const, clothId: records.cloths[0]!.id }
    expect(bobbinInputOf(mono, setup, tables, DEFAULT_SETTINGS).top.hex).toBe(records.cloths[0]!.hex)
    expect(bobbinInputOf(mono, { ...setup, job: 'seam' }, tables, DEFAULT_SETTINGS).top.hex).not.toBe(
      records.cloths[0]!.hex,
    )
  })
})

describe('satin', () => {
  // Common practice: a close zigzag, about 0.4 long.
  it('begins with a close zigzag, and keeps what is close already', () => {
    const begun = setUp('satin', planned('shirt')).setup
    expect(begun.stitch).toMatchObject({ stitchId: 'zigzag', lengthMm: 0.4 })
    const own = { ...begun, stitch: { ...begun.stitch, lengthMm: 0.35 } }
    expect(setUp('satin', own).setup.stitch.lengthMm).toBe(0.35)
    const open = { ...begun, stitch: { ...begun.stitch, lengthMm: 1.5 } }
    expect(setUp('satin', open).setup.stitch.lengthMm).toBe(0.4)
  })
  it('may be a motif of the family', () => {
    const leaf = setUp('satin', planned('shirt')).setup
    const motif = { ...leaf, stitch: { ...leaf.stitch, stitchId: 'satin-leaf' } }
    expect(setUp('satin', motif).setup.stitch.stitchId).toBe('satin-leaf')
  })
})

describe('bobbin work with pearl', () => {
  const pearl = records.threads.find(({ kind }) => kind === 'pearl-cotton')!
  it('is dialled as any thick thread: home above, medium speed, past the spring', () => {
    const on = { ...planned('shirt'), bobbinId: pearl.id, tensionFrom: null }
    const { setup, settings } = setUp('bobbin-work', on)
    expect(setup).toMatchObject({ bobbinId: pearl.id, bobbinTension: 'bypassed' })
    expect(setup.tension).toBe(tables.machines.get(setup.machineId!)!.tensionDial!.home)
    expect(settings.find(({ name }) => name === 'Speed')).toMatchObject({ to: 'medium' })
  })
})
