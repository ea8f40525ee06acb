import { expect, it } from 'vitest'
import { FRESH_USE } from '#core/care'
import { CONSTRUCTIONS } from '#core/needle'
import { DEFAULT_SCHOOLS } from '#core/schools'
import { GOALS, TECHNIQUES } from '#core/terms'
import {
  ASSORTMENT,
  bobbinAdvice,
  compareModels,
  needleToBuy,
  PRACTICE,
  rankNeedles,
  startSettings,
  type StartInput,
  THREAD_CLASSES,
  USUAL_THREADS,
} from '#core/pairing'

/**
 * What a sewist is told for the usual thread of each kind, written down. Read it against the trade (common
 * practice) whenever it changes; `npx vitest run core/pairing -u` writes it anew.
 */
const BEST = 8
const write = (name: string, lines: readonly string[]) =>
  expect(`${lines.join('\n')}\n`).toMatchFileSnapshot(`./written/${name}.txt`)

it.each(THREAD_CLASSES)('needles for %s thread', threadClass => {
  const owned = ASSORTMENT.map((needle, i) => ({ ...needle, id: String(i), wear: FRESH_USE }))
  const lines = CONSTRUCTIONS.flatMap(construction => {
    const input = {
      threads: [USUAL_THREADS[threadClass]],
      cloth: { structure: null, weight: null },
      construction,
      gapMm: null,
    }
    const best = needleToBuy(input)?.needle
    return [
      `${construction}: to buy ${best ? `${best.type} ${best.gapMm} ${best.sizeNm}` : 'none'}`,
      ...rankNeedles(input, owned)
        .slice(0, BEST)
        .map(
          ({ needle: { type, gapMm, sizeNm }, verdict, score, reasons }) =>
            `  ${score} ${verdict}: ${type} ${gapMm} ${sizeNm}. ${reasons.join(' ')}`,
        ),
    ]
  })
  return write(`needles-${threadClass}`, lines)
})

it.each(THREAD_CLASSES)('bobbin and start for %s thread', threadClass => {
  const thread = USUAL_THREADS[threadClass]
  const bobbins = [true, false].flatMap(swings =>
    (['same', 'ordinary'] as const).flatMap(school => {
      const { mode, choices, steps } = bobbinAdvice({
        top: { ...thread, hex: null },
        swings,
        schools: { ...DEFAULT_SCHOOLS, heavyBobbin: school },
      })
      return [
        `bobbin, ${swings ? 'zigzag' : 'straight'}, school ${school}: ${mode}`,
        ...choices.map(({ choice, what, why }) => `  ${choice}: ${what}, ${why}`),
        ...steps.map(step => `  ${step}`),
      ]
    }),
  )
  const base: StartInput = {
    thread,
    construction: 'single',
    technique: 'decorative',
    goal: 'balanced',
    swings: true,
    dial: { min: 0, home: 4, max: 9 },
    dialStep: null,
    washed: false,
    schools: DEFAULT_SCHOOLS,
    foretold: null,
    own: null,
  }
  const starts = [
    ...TECHNIQUES.flatMap(technique => [
      { technique },
      { technique, swings: false },
      { technique, construction: 'twin' as const, washed: true },
    ]),
    ...GOALS.map(goal => ({ goal })),
    { dial: null, goal: 'raised' as const },
    { dial: null, swings: false },
    { schools: { ...DEFAULT_SCHOOLS, pearlTension: 'plus-one' as const } },
    { schools: { ...DEFAULT_SCHOOLS, filmSpeed: 'full' as const } },
    { foretold: { share: -0.5, of: 6 } },
    { own: { name: 'Night cape', tension: 2.25, lengthMm: 1.25 } },
    { own: { name: 'Night cape', tension: null, lengthMm: 1.25 } },
    { own: { name: 'Night cape', tension: 6.5, lengthMm: 1.25 }, dial: null },
  ].flatMap(over => [wishWords(over), ...startLines({ ...base, ...over }).filter(differsFrom(base))])
  const { name, cautions } = PRACTICE[threadClass]
  return write(`start-${threadClass}`, [
    name,
    ...cautions,
    ...bobbins,
    'start',
    ...startLines(base),
    ...starts,
  ])
})

/** A wish in a few words: of the schools only what is not the usual. */
function wishWords(over: Partial<StartInput>): string {
  const { schools, ...rest } = over
  const unusual = Object.entries(schools ?? {}).filter(
    ([school, chosen]) => DEFAULT_SCHOOLS[school as keyof typeof DEFAULT_SCHOOLS] !== chosen,
  )
  return JSON.stringify({ ...rest, ...Object.fromEntries(unusual) })
}

function startLines(input: StartInput): string[] {
  const { tensionShare, ruleShare: _, ...values } = startSettings(input)
  const { tension, length, width } = values
  return [
    `  share ${tensionShare.toFixed(3)}, dial ${tension.value}, length ${length.value}, width ${width.value}`,
    ...Object.entries(values).map(
      ([name, { text, source, why }]) => `  ${name}: ${text} (${source}): ${why}`,
    ),
  ]
}
/** Only what another wish changes is written below it. */
function differsFrom(input: StartInput): (line: string) => boolean {
  const same = new Set(startLines(input))
  return line => !same.has(line)
}

it('holds the eye model against the practice table', () =>
  write(
    'eye-model',
    compareModels().map(
      ({ threadClass, type, sizeNm, practiceFit, eyeFit, fill, agree }) =>
        `${agree ? 'agree' : 'differ'}: ${threadClass} in ${type} ${sizeNm}: table ${practiceFit}, `
        + `model ${eyeFit} (${(100 * fill).toFixed(0)} %)`,
    ),
  ))
