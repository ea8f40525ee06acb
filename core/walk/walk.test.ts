import { describe, expect, it } from 'vitest'
import { UNKNOWN_STATE } from '#core/putback'
import { heldSteps, ledSupplies, resumeAt, threadingWalk, type WalkInput, type WalkMachine } from '#core/walk'
import { BASE, BOBBIN_WORK, MACHINE, PEARL, PLAIN, SETUPS, thread, TRIPLE, TWIN } from './walk.fixtures'

// Every rule here is common practice: the order of preparing, and what never goes with a twin or thick
// thread.

const ids = (input: WalkInput) => threadingWalk(input).steps.map(({ id }) => id)
const step = (input: WalkInput, id: string) => threadingWalk(input).steps.find(one => one.id === id)
const text = (input: WalkInput) =>
  threadingWalk(input)
    .steps.map(({ instruction, why, caution }) => `${instruction}. ${why} ${caution}`)
    .join('\n')
const on = (change: Partial<WalkMachine>, base = BASE): WalkInput => ({
  ...base,
  machine: { ...MACHINE, ...change },
})

/** What each attribute of a machine may be. */
const ATTRIBUTES = {
  divider: [true, false, null],
  needleGuides: [0, 1, 2, null],
  spoolPins: [1, 2, 3, null],
  stand: [true, false, null],
  cup: [true, false, null],
  threader: [true, false, null],
  cutter: [true, false, null],
  lock: [true, false, null],
  hook: ['up', 'front', 'left', null],
  twinMode: [{ kind: 'none' }, { kind: 'on-off', assumedGapMm: 2 }, { kind: 'by-gap' }],
  forgetsTwinMode: [true, false, null],
  threading: ['divider', 'one-by-one', 'together'],
  lastGuide: ['each-side', 'first-in', 'both-in'],
  cutterSchool: ['never', 'allowed'],
  setup: Object.keys(SETUPS),
} as const
type Combination = { readonly [A in keyof typeof ATTRIBUTES]: (typeof ATTRIBUTES)[A][number] }

/**
 * Combinations in which every value of an attribute meets every value of every other: greedy, the same every
 * time.
 */
function pairwise(least: number): Combination[] {
  const names = Object.keys(ATTRIBUTES) as (keyof typeof ATTRIBUTES)[]
  const pair = (a: number, x: number, b: number, y: number) => `${a}=${x}&${b}=${y}`
  const open = new Set(
    names.flatMap((_, a) =>
      names
        .slice(a + 1)
        .flatMap((_, k) =>
          ATTRIBUTES[names[a]!].flatMap((_, x) =>
            ATTRIBUTES[names[a + 1 + k]!].map((_, y) => pair(a, x, a + 1 + k, y)),
          ),
        ),
    ),
  )
  const rows: number[][] = []
  while (open.size > 0 || rows.length < least) {
    const row: number[] = []
    names.forEach((name, b) => {
      const gains = ATTRIBUTES[name].map((_, y) => row.filter((x, a) => open.has(pair(a, x, b, y))).length)
      // Where nothing is gained, go round, so that no value is preferred.
      const turned = gains
        .map((gain, y) => ({ y, gain, order: (y + rows.length + b) % gains.length }))
        .sort((p, q) => q.gain - p.gain || p.order - q.order)
      row.push(turned[0]!.y)
    })
    row.forEach((x, a) => row.forEach((y, b) => open.delete(pair(a, x, b, y))))
    rows.push(row)
  }
  return rows.map(
    row => Object.fromEntries(names.map((name, i) => [name, ATTRIBUTES[name][row[i]!]])) as Combination,
  )
}
const COMBINATIONS = pairwise(240)
function inputOf({ threading, lastGuide, cutterSchool, setup, ...machine }: Combination): WalkInput {
  return {
    ...SETUPS[setup as keyof typeof SETUPS],
    machine: { ...MACHINE, ...machine },
    schools: { threading, lastGuide, cutter: cutterSchool, unwinding: 'back' },
  }
}

describe(
  `a walk without contradiction, over ${COMBINATIONS.length} machines and setups in which every `
    + 'two values meet',
  () => {
    const walks = COMBINATIONS.map(combination => {
      const input = inputOf(combination)
      const { steps, missing } = threadingWalk(input)
      const place = (id: string) =>
        steps.findIndex(one => one.id === id || (id.endsWith('-') && one.id.startsWith(id)))
      return {
        combination,
        input,
        steps,
        missing,
        place,
        said: text(input),
        several: input.needle!.construction !== 'single',
      }
    })
    const each = (check: (walk: (typeof walks)[number]) => void) => () => walks.forEach(check)
    const before = (walk: (typeof walks)[number], first: string, then: string) => {
      if (walk.place(first) >= 0 && walk.place(then) >= 0)
        expect(
          walk.place(first),
          `${first} before ${then} in ${JSON.stringify(walk.combination)}`,
        ).toBeLessThan(walk.place(then))
    }

    it('meets every pair', () => {
      const names = Object.keys(ATTRIBUTES) as (keyof Combination)[]
      for (const a of names)
        for (const b of names)
          for (const x of ATTRIBUTES[a])
            for (const y of ATTRIBUTES[b]) {
              if (a !== b)
                expect(
                  COMBINATIONS.some(one => one[a] === x && one[b] === y),
                  `${a} ${String(x)} with ${b} ${String(y)}`,
                ).toBe(true)
            }
      expect(COMBINATIONS.length).toBeGreaterThanOrEqual(200)
    })
    it(
      'has one place for each tick',
      each(({ steps }) => {
        expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length)
        expect(new Set(steps.map(({ key }) => key)).size).toBe(steps.length)
      }),
    )
    it(
      'opens the foot before threading',
      each(walk => {
        if (walk.place('lead-') >= 0) expect(walk.place('foot-up')).toBeGreaterThanOrEqual(0)
        before(walk, 'foot-up', 'lead-')
      }),
    )
    it(
      'tells the machine the gap before fitting, while it is on',
      each(walk => {
        for (const [first, then] of [
          ['mode', 'needle-in'],
          ['mode', 'lock'],
          ['start-state', 'lock'],
          ['power-on', 'mode-again'],
        ] as const)
          before(walk, first, then)
        expect(walk.place('mode') >= 0).toBe(walk.several && walk.combination.twinMode.kind !== 'none')
      }),
    )
    it(
      'keeps hands and needle apart',
      each(walk => {
        for (const part of ['cover', 'needle-out', 'plate', 'needle-in', 'foot', 'lead-', 'eye-'])
          before(walk, 'lock', part)
        for (const part of ['needle-in', 'plate', 'eye-', 'bobbin']) before(walk, part, 'power-on')
        for (const [first, then] of [
          ['cover', 'needle-out'],
          ['needle-out', 'needle-in'],
          ['needle-in', 'uncover'],
          ['uncover', 'bobbin'],
          ['needle-out', 'plate'],
          ['needle-in', 'eye-'],
        ] as const)
          before(walk, first, then)
      }),
    )
    it(
      'never uses the built-in threader with a twin or thick thread',
      each(({ several, combination, steps }) => {
        for (const { id, instruction } of steps.filter(one => one.id.startsWith('eye-'))) {
          if (several || combination.setup === 'pearl' || combination.threader !== true)
            expect(instruction, id).not.toContain('built-in')
        }
      }),
    )
    it(
      'names no part the machine lacks',
      each(({ combination, said }) => {
        if (combination.divider === false) expect(said).not.toMatch(/\bdivider\b/)
        if (combination.needleGuides === 0) expect(said).not.toMatch(/last guide/i)
        if (combination.spoolPins === 1) expect(said).not.toContain('second pin')
        if (combination.stand === false) expect(said).not.toMatch(/on the stand/)
        if (combination.cup === false) expect(said).not.toContain('cup')
        if (combination.threader === false) expect(said).not.toContain('built-in')
        if (combination.cutter === false) expect(said).not.toMatch(/cutter/i)
        if (combination.lock === false) expect(said).not.toMatch(/\block the|unlock the/i)
        if (combination.twinMode.kind === 'none') expect(said).not.toMatch(/twin mode/i)
      }),
    )
    it(
      'leads every thread once through every stage, and ends with the hand-walk',
      each(({ input, steps, combination, several }) => {
        const standing = !(several && combination.hook === 'left')
        const count = (start: string) => steps.filter(({ id }) => id.startsWith(start)).length
        const threads = standing ? input.threads.length : 0
        expect(count('supply-')).toBe(threads)
        expect(count('eye-')).toBe(threads)
        const oneByOne =
          threads === 1
          || combination.threading === 'one-by-one'
          || (combination.threading === 'divider' && combination.divider !== true)
        for (const stage of ['floss-', 'lever-'])
          expect(count(stage), stage).toBe(oneByOne ? threads : Math.min(1, threads))
        expect(count('lead-')).toBe(
          combination.threading === 'together' && several ? Math.min(1, threads) : threads,
        )
        expect(steps.at(-1)!.id === 'hand-walk').toBe(standing)
      }),
    )
    it(
      'puts no two spools on one pin, and says so where no place is left',
      each(({ input }) => {
        const pins = ledSupplies(input)
          .filter(({ place, shared }) => !shared && place !== 'stand' && place !== 'cup')
          .map(({ place }) => place)
        expect(new Set(pins).size).toBe(pins.length)
        // Two pins, that of the winder too, hold two spools everywhere.
        if (input.threads.length < 3) expect(ledSupplies(input).some(({ shared }) => shared)).toBe(false)
      }),
    )
    it(
      'refuses a twin where the needle is threaded from the side',
      each(({ combination, several, missing, place }) => {
        expect(missing.some(({ code }) => code === 'side-hook')).toBe(several && combination.hook === 'left')
        if (several && combination.hook === 'left') expect(place('needle-in')).toBe(-1)
      }),
    )
    it(
      'depends on nothing but what it is given',
      each(({ input, steps }) => expect(threadingWalk(input).steps).toEqual(steps)),
    )
  },
)

describe('what is easily forgotten', () => {
  const words = (input: WalkInput, id: string) => {
    const step = threadingWalk(input).steps.find(one => one.id === id)!
    return `${step.instruction}. ${step.why}`
  }
  const oneByOne = { ...BASE, schools: { ...BASE.schools, threading: 'one-by-one' as const } }
  // Common practice: the foot may be let down for an eye, and then the discs are closed for the next thread.
  it('puts the foot up again before each later thread, and not before the first', () => {
    const ids = threadingWalk(oneByOne).steps.map(({ id }) => id)
    expect(ids.indexOf('foot-up-right')).toBe(ids.indexOf('lead-right') - 1)
    expect(ids).not.toContain('foot-up-left')
    expect(threadingWalk(BASE).steps.map(({ id }) => id)).not.toContain('foot-up-right')
  })
  it('cuts the end on a slant for an eye threaded by hand', () =>
    expect(words(BASE, 'eye-left')).toMatch(/Cut the end on a slant/))
  it('leads a ball through a loop where there is one pin', () => {
    const balls = [thread('left', 'embroidery'), thread('right', 'pearl', 'ball')]
    const machine = { ...MACHINE, spoolPins: 1 as const }
    expect(words({ ...BASE, machine, threads: balls }, 'supply-right')).toMatch(/loop or a safety pin/)
    expect(words({ ...BASE, threads: balls }, 'supply-right')).not.toMatch(/loop/)
  })
  describe('of two needles that sew the same thread', () => {
    const same = ['left', 'right'].map(blade => ({
      ...thread(blade as 'left' | 'right', 'embroidery'),
      id: 'slate',
      name: 'Slate',
      metres: 11.3,
    }))
    const from = (secondSpool: WalkInput['secondSpool']) => ({ ...BASE, threads: same, secondSpool })
    it('asks once whether there are two spools', () => {
      expect(words(from(null), 'supply-right')).toMatch(/One spool for both needles\?/)
      expect(words(from('spool'), 'supply-right')).not.toMatch(/One spool for both needles/)
      expect(words(BASE, 'supply-right')).not.toMatch(/One spool for both needles/)
    })
    it('winds a bobbin of as much as the second needle takes, and stands it beside', () => {
      expect(words(from('bobbin'), 'wind-second')).toMatch(/Wind 12 m of Slate on a bobbin/)
      expect(words(from('bobbin'), 'supply-right')).toMatch(/the wound bobbin, on the second pin/)
      expect(threadingWalk(from('spool')).steps.map(({ id }) => id)).not.toContain('wind-second')
    })
  })
  it('says which way a spool turns, by the school', () => {
    const front = { ...BASE, schools: { ...BASE.schools, unwinding: 'front' as const } }
    expect(words(BASE, 'supply-left')).toMatch(/unwinds from the side, over the back/)
    expect(words(front, 'supply-left')).toMatch(/unwinds from the side, over the front/)
  })
  it('takes a place beside the machine at its word', () => {
    const supply = { place: 'in front of the machine', draw: null } as const
    const threads = [{ ...thread('left', 'embroidery'), supply }, thread('right', 'metallic')]
    expect(words({ ...BASE, threads }, 'supply-left')).toMatch(/embroidery: in front of the machine/)
  })
  it('winds a bobbin as a second spool where nothing else is left', () => {
    const machine = { ...MACHINE, spoolPins: 1 as const, stand: false, cup: false }
    const threads = [thread('left', 'embroidery'), thread('right', 'embroidery')]
    expect(words({ ...BASE, machine, threads }, 'supply-right')).toMatch(/bobbin wound as a spool/)
  })
  it('speaks of all three threads of a triple, and of a cap that spares the film', () => {
    const together = { ...TRIPLE, schools: { ...TRIPLE.schools, threading: 'together' as const } }
    expect(words(together, 'lead-left')).toMatch(/^All three threads together/)
    expect(words(together, 'lever-left')).toMatch(/^All three threads/)
    expect(words(together, 'guide-left')).toMatch(/middle one in/)
    expect(words(TRIPLE, 'lead-middle')).toMatch(/Two grooves for three threads/)
    expect(words(TRIPLE, 'supply-left')).toMatch(/clear of the thread/)
  })
  it('looks whether the plate lies flat', () => expect(words(BASE, 'plate')).toMatch(/lie flat/))
  it('dials in no tension that something speaks against', () => {
    const doubt = { why: 'Tension 2.8 is carried over', start: 4 }
    const doubted = threadingWalk({ ...BASE, tensionDoubt: doubt }).steps.find(({ id }) => id === 'tension')!
    expect(doubted).toMatchObject({ instruction: 'Tension 4 to begin with', effect: { tension: 4 } })
    const open = threadingWalk({ ...BASE, tensionDoubt: { ...doubt, start: null } })
    expect(open.steps.find(({ id }) => id === 'tension')).toMatchObject({ effect: null })
  })
})

describe('a twin on a machine with a divider', () => {
  it('parts the threads, stage by stage', () => {
    expect(ids(BASE)).toEqual([
      'start-state',
      'mode',
      'lock',
      'cover',
      'needle-out',
      'plate',
      'needle-in',
      'foot',
      'cutter-off',
      'supply-left',
      'supply-right',
      'foot-up',
      'lead-left',
      'lead-right',
      'floss-left',
      'lever-left',
      'guide-left',
      'eye-left',
      'eye-right',
      'uncover',
      'bobbin',
      'power-on',
      'bring-up',
      'tension',
      'first-stitches',
      'stitch',
      'hand-walk',
    ])
    expect(step(BASE, 'lead-left')!.instruction).toContain('left of the divider')
    expect(step(BASE, 'lead-right')!.instruction).toContain('right of the divider')
  })
  it('without one goes thread by thread', () => {
    expect(ids(on({ divider: false })).filter(id => /^(lead|floss|lever|guide|eye)-/.test(id))).toEqual(
      ['lead', 'floss', 'lever', 'guide', 'eye']
        .map(stage => `${stage}-left`)
        .concat(['lead', 'floss', 'lever', 'guide', 'eye'].map(stage => `${stage}-right`)),
    )
  })
  it.each([
    ['each-side', /one thread each side/],
    ['first-in', /first in, the other left out/],
    ['both-in', /both threads in/],
  ] as const)('follows the school of the last guide: %s', (lastGuide, words) => {
    expect(step({ ...BASE, schools: { ...BASE.schools, lastGuide } }, 'guide-left')!.instruction).toMatch(
      words,
    )
  })
  it('says when the mode counts with a smaller gap', () => {
    expect(step({ ...BASE, needle: { ...TWIN, gapMm: 4 } }, 'mode')!.caution).toContain(
      '2.0 mm; yours needs 4.0',
    )
    expect(step(BASE, 'mode')!.caution).toBe('')
    expect(step(on({ twinMode: { kind: 'by-gap' } }), 'mode')!.instruction).toBe('Twin mode: gap 2.0')
    const triple = { ...TWIN, construction: 'triple', gapMm: 2.5 } as const
    expect(step({ ...on({ twinMode: { kind: 'by-gap' } }), needle: triple }, 'mode')!.instruction).toBe(
      'Twin mode: outer span 5.0, or its triple setting',
    )
  })
  it('tells the mode again when it had to be switched off', () => {
    expect(ids(on({ lock: false }))).toContain('mode-again')
    expect(ids(on({ lock: false, forgetsTwinMode: false }))).not.toContain('mode-again')
    expect(ids(BASE)).not.toContain('mode-again')
  })
})

describe('what a setup asks for', () => {
  it('leads a film flat off a pin, a ball from the cup', () => {
    const film = ledSupplies({
      ...BASE,
      threads: [{ ...thread('left', 'film'), supply: { place: 'cup', draw: 'over the end' } }],
    })
    expect(film).toEqual([{ place: 'spool pin', draw: 'rolling off', shared: false }])
    expect(ledSupplies(PEARL)[0]!.place).toBe('cup')
    expect(ledSupplies(on({ cup: false, stand: false }, PEARL))[0]!.place).toBe('spool pin')
  })
  it('winds a bobbin for the third thread where only two places are left', () => {
    expect(
      step(on({ spoolPins: 1, stand: false, cup: false }, TRIPLE), 'supply-right')!.instruction,
    ).toContain('wound on a bobbin')
  })
  it('keeps to what was recorded', () => {
    const recorded = {
      ...BASE,
      threads: [
        thread('left', 'embroidery'),
        {
          ...thread('right', 'embroidery'),
          supply: { place: 'winder pin' as const, draw: 'over the end' as const },
        },
      ],
    }
    expect(ledSupplies(recorded)).toEqual([
      { place: 'spool pin', draw: 'rolling off', shared: false },
      { place: 'winder pin', draw: 'over the end', shared: false },
    ])
  })
  it('bypasses the bobbin tension for bobbin work, and brings it home after', () => {
    expect(step(BOBBIN_WORK, 'bobbin-tension')).toMatchObject({ effect: { bobbinTension: 'bypassed' } })
    expect(step(BOBBIN_WORK, 'bring-up')!.instruction).toContain('thick thread')
    expect(
      step({ ...BASE, left: { ...UNKNOWN_STATE, bobbinTension: 'bypassed' } }, 'bobbin-tension'),
    ).toMatchObject({ effect: { bobbinTension: 'home' } })
    expect(ids(BASE)).not.toContain('bobbin-tension')
  })
  it('takes the twin mode off for a single needle when it is still on', () => {
    expect(step({ ...PLAIN, left: { ...UNKNOWN_STATE, twinMode: 'on' } }, 'mode')).toMatchObject({
      instruction: 'Twin mode off',
      effect: { twinMode: 'off' },
    })
    expect(ids(PLAIN)).not.toContain('mode')
  })
  it(
    'puts a zigzag plate on for a twin whatever plate was chosen, and the single hole for a straight '
      + 'seam',
    () => {
      const single = { name: 'Round hole', singleHole: true }
      expect(step({ ...BASE, plate: single }, 'plate')).toMatchObject({
        instruction: 'Zigzag plate on',
        effect: { plate: 'zigzag' },
      })
      expect(step({ ...PEARL, plate: single }, 'plate')).toMatchObject({
        instruction: 'Round hole on',
        effect: { plate: 'single-hole' },
      })
    },
  )
  it('uses a wire threader for pearl, the built-in one only where it may', () => {
    expect(step(PEARL, 'eye-left')!.instruction).toContain('wire threader')
    expect(step(PLAIN, 'eye-left')!.instruction).toContain('built-in threader')
    expect(step({ ...PLAIN, threader: false }, 'eye-left')!.instruction).toContain('by hand')
    expect(step(on({ hook: 'left' }, PLAIN), 'eye-left')!.instruction).toContain('built-in')
    expect(step(on({ hook: 'left', threader: false }, PLAIN), 'eye-left')!.instruction).toContain(
      'from right to left',
    )
  })
  it('switches the cutter off by school, and always for thick thread', () => {
    expect(step(BASE, 'cutter-off')!.school).toBe('cutter')
    expect(ids({ ...BASE, schools: { ...BASE.schools, cutter: 'allowed' } })).not.toContain('cutter-off')
    expect(step({ ...PEARL, schools: { ...BASE.schools, cutter: 'allowed' } }, 'cutter-off')).toMatchObject({
      school: null,
    })
  })
})

describe('an incomplete setup', () => {
  it('says what is missing and gives what it can', () => {
    const { steps, missing } = threadingWalk({
      ...BASE,
      machine: null,
      needle: null,
      foot: null,
      threads: [],
      bobbin: null,
      tension: null,
      stitch: null,
      verdict: null,
      safeWidthMm: null,
      combination: null,
    })
    expect(missing.map(({ code }) => code)).toEqual([
      'machine',
      'needle',
      'foot',
      'bobbin',
      'tension',
      'stitch',
    ])
    expect(steps.map(({ id }) => id)).toEqual([
      'start-state',
      'lock',
      'cover',
      'needle-out',
      'plate',
      'uncover',
      'power-on',
    ])
  })
  it('asks for the second thread', () =>
    expect(threadingWalk({ ...BASE, threads: [BASE.threads[0]!] }).missing).toMatchObject([
      { code: 'threads', message: 'One needle has no thread yet: choose it.' },
    ]))
  it('gives no stitch and no hand-walk while it strikes', () => {
    const walk = threadingWalk({ ...BASE, verdict: 'strikes' })
    expect(walk.missing).toMatchObject([
      { code: 'strikes', message: expect.stringContaining('up to 4.5 is safe') as string },
    ])
    expect(walk.steps.at(-1)!.id).toBe('first-stitches')
  })
  it('refuses a foot with a single hole', () => {
    const walk = threadingWalk({ ...BASE, foot: { id: 'q', name: 'Quarter inch', singleHole: true } })
    expect(walk.missing.map(({ code }) => code)).toEqual(['single-hole'])
    expect(walk.steps.map(({ id }) => id)).not.toContain('foot')
  })
})

describe('ticks', () => {
  const DONE_STATE = {
    ...UNKNOWN_STATE,
    twinMode: 'on',
    needleId: 'twin',
    footId: 'f',
    plate: 'zigzag',
    tension: 2.8,
    widthMm: 4,
    positionMm: 0,
  } as const
  const keys = new Set(threadingWalk(BASE).steps.map(({ key }) => key))
  const open = (
    input: WalkInput,
    over: Partial<Parameters<typeof heldSteps>[1]> = {},
    state: Parameters<typeof heldSteps>[2] = DONE_STATE,
  ) => {
    const walk = threadingWalk(input)
    const held = heldSteps(walk, { keys, finished: false, walked: true, ...over }, state)
    return walk.steps.map(({ id }) => id).filter(id => !held.has(id))
  }
  it('all hold while nothing changes', () => expect(open(BASE)).toEqual([]))
  it('re-open what another tension changes, and nothing else', () =>
    expect(open({ ...BASE, tension: 3 })).toEqual(['tension']))
  it('re-open all threading when the needle changes', () => {
    expect(
      open({ ...BASE, needle: { ...TWIN, id: 'other' }, combination: 'another' }, { walked: false }),
    ).toEqual([
      'needle-out',
      'needle-in',
      'lead-left',
      'lead-right',
      'floss-left',
      'lever-left',
      'guide-left',
      'eye-left',
      'eye-right',
      'bring-up',
      'first-stitches',
      'stitch',
      'hand-walk',
    ])
  })
  it('re-open the eyes with the needle they are in', () =>
    expect(open(BASE, {}, { ...DONE_STATE, needleId: null })).toEqual([
      'needle-in',
      'eye-left',
      'eye-right',
      'first-stitches',
    ]))
  it('re-open what was undone on the machine', () =>
    expect(open(BASE, {}, { ...DONE_STATE, twinMode: 'off' })).toEqual(['mode']))
  it('of a finished walk re-open the lock with the needle it protects', () => {
    const reopened = open(BASE, { finished: true }, { ...DONE_STATE, needleId: null })
    expect(reopened).toEqual(expect.arrayContaining(['lock', 'cover', 'needle-in', 'uncover', 'power-on']))
    expect(reopened).not.toContain('tension')
  })
  it('leave the hand-walk to its own log', () => expect(open(BASE, { walked: false })).toEqual(['hand-walk']))
  it('resume where it was left, or at the first open step', () => {
    const walk = threadingWalk(BASE)
    const held = new Set(walk.steps.slice(0, 5).map(({ id }) => id))
    expect(resumeAt(walk, held, 'bobbin')).toBe(20)
    expect(resumeAt(walk, held, 'mode')).toBe(5)
    expect(resumeAt(walk, held, 'gone')).toBe(5)
    expect(resumeAt(walk, new Set(walk.steps.map(({ id }) => id)), null)).toBe(26)
  })
})
