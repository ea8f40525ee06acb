import { expect, it } from 'vitest'
import type { Construction } from '#core/needle'
import { findStitch, STITCHES } from '#core/stitch'
import {
  columnsInWords,
  columnsOf,
  compareTwinMode,
  dropClearances,
  explainSwing,
  gapCurve,
  headline,
  judgeSwing,
  needlePositionLimitMm,
  type SwingInput,
  type TwinMode,
  wantedClearance,
} from '#core/swing'

/**
 * What is said of whole seams, number by number and sentence by sentence. The sums are common practice and
 * geometry, and each sentence does its own: check one by hand when it changes. `npx vitest run core/swing -u`
 * writes them anew.
 */
interface Seam {
  readonly needle?: readonly [Construction, gapMm: number, sizeNm: number]
  /** The machine's widest stitch, in mm. */
  readonly widest?: number
  readonly plate?: number | 'hole'
  readonly foot?: number | 'hole'
  readonly stitch?: string
  readonly width?: number
  readonly mirror?: boolean
  readonly position?: number
  readonly margin?: number
}

const SEAMS: Readonly<Record<string, readonly Seam[]>> = {
  'zigzag on a 7, wider and wider': [2, 4.5, 4.6, 5, 5.1].map(width => ({ width })),
  'zigzag under other needles': [
    { needle: ['single', 0, 80], width: 7 },
    { needle: ['single', 0, 80], width: 6.6, margin: 0 },
    { needle: ['twin', 1.6, 70] },
    { needle: ['twin', 4, 90] },
    { needle: ['twin', 6.5, 100] },
    { needle: ['twin', 7, 100] },
    { needle: ['twin', 8, 100] },
    { needle: ['triple', 2.5, 80] },
    { needle: ['triple', 3, 80], width: 6 },
  ],
  'openings measured': [
    { plate: 8.2 },
    { plate: 7, width: 4.2 },
    { plate: 6.4, width: 3 },
    { foot: 6, width: 3 },
    { foot: 6, width: 2.9, plate: 5.6 },
    { foot: 5, width: 4 },
    { plate: 5, foot: 5, width: 4.6 },
    { plate: 2.6, width: 0 },
    { needle: ['single', 0, 110], plate: 1.2, width: 0 },
  ],
  'single holes': [
    { plate: 'hole' },
    { foot: 'hole' },
    { plate: 'hole', foot: 'hole', width: 0 },
    { needle: ['single', 0, 80], plate: 'hole', stitch: 'straight', width: 0 },
    { needle: ['single', 0, 80], foot: 'hole', stitch: 'straight', width: 0, position: 0.5 },
    { needle: ['single', 0, 80], foot: 'hole', width: 2 },
  ],
  'straight seams': [
    { stitch: 'straight', width: 0 },
    { stitch: 'straight', width: 0, position: 2.5 },
    { stitch: 'straight', width: 0, position: -2.6 },
    { stitch: 'straight', width: 0, needle: ['twin', 6.8, 90] },
    { stitch: 'straight', width: 0, needle: ['twin', 7.2, 90] },
    { stitch: 'straight', width: 0, plate: 6, position: 1.5 },
    { stitch: 'straight', width: 0, plate: 4, foot: 3, needle: ['twin', 2, 90] },
  ],
  'needle moved, mirrored, other widths': [
    { position: 1 },
    { position: -2, width: 5 },
    { widest: 9, width: 7 },
    { widest: 5, width: 3 },
    { widest: 6, width: 4.9 },
    { margin: 0, width: 5 },
    { margin: 2, width: 4.5 },
    { margin: 6, width: 1 },
  ],
  'every stitch of the library': STITCHES.flatMap(({ id }) => [
    { stitch: id, width: 4, mirror: true, position: 0.75 },
    { stitch: id, width: 5, plate: 7.4, position: -0.5 },
  ]),
}

function inputOf({ needle = ['twin', 2, 80], widest = 7, plate, foot, ...over }: Seam): SwingInput {
  const [construction, gapMm, sizeNm] = needle
  const slotOf = (opening: number | 'hole' | undefined) => (typeof opening === 'number' ? opening : null)
  return {
    machine: { maxWidthMm: widest, plateSlotMm: slotOf(plate) },
    foot: { slotMm: slotOf(foot), singleHole: foot === 'hole' },
    plate: { singleHole: plate === 'hole' },
    needle: { construction, gapMm, sizeNm },
    stitch: {
      ...findStitch(over.stitch ?? 'zigzag')!,
      widthMm: over.width ?? 4,
      lengthMm: 1.5,
      mirror: over.mirror ?? false,
      positionMm: over.position ?? 0,
    },
    marginMm: over.margin ?? 0.5,
    clearanceMm: 0.25,
  }
}

const mm = (value: number | null) => (value === null ? 'none' : `${Math.round(value * 1e6) / 1e6}`)

function written(seam: Seam): string {
  const input = inputOf(seam)
  const result = judgeSwing(input)
  const { worstDrop: worst } = result
  const wanted = wantedClearance(input)
  const drops = dropClearances(input).map(
    ({ xMm, blade, clearanceMm, verdict }) => `${mm(xMm)} ${blade} ${mm(clearanceMm)} ${verdict}`,
  )
  return [
    JSON.stringify(seam),
    `  ${result.verdict}, bound by ${result.binding}, broken: ${result.broken.join(', ') || 'none'}`,
    `  limit ${mm(result.limitWidthMm)}, safe ${mm(result.safeWidthMm)}, spare ${mm(result.spareMm)}`
      + ` (left ${mm(result.spareLeftMm)}, right ${mm(result.spareRightMm)})`,
    `  reach ${mm(result.reachLeftMm)} to ${mm(result.reachRightMm)}, span ${mm(result.spanMm)}`,
    `  worst: drop ${worst.index}, ${worst.blade}, ${mm(worst.xMm)} at ${mm(worst.yMm)}`,
    `  wanted ${mm(wanted.mm)} (${wanted.asks}); drops: ${drops.slice(0, 6).join('; ')}`,
    `  ${columnsInWords(columnsOf(result))}`,
    `  ${headline(result, input)}`,
    ...explainSwing(result, input).map(({ code, message }) => `  ${code}: ${message}`),
  ].join('\n')
}

it.each(Object.entries(SEAMS))('the verdict on %s', (name, seams) =>
  expect(`${seams.map(written).join('\n')}\n`).toMatchFileSnapshot(
    `./written/${name.replaceAll(/\W+/g, '-')}.txt`,
  ),
)

it('compares needles, gaps and the machine’s own mode', () => {
  const curve = gapCurve(inputOf({}), { sizeNm: 90 }, [1.6, 2, 2.5, 3, 4, 6, 8]).map(
    ({ gapMm, limitWidthMm, safeWidthMm, interlacedShare }) =>
      `gap ${gapMm}: limit ${mm(limitWidthMm)}, safe ${mm(safeWidthMm)}, interlaced ${mm(interlacedShare)}`,
  )
  const modes: TwinMode[] = [{ kind: 'none' }, { kind: 'on-off', assumedGapMm: 2 }, { kind: 'by-gap' }]
  const needles = [2, 4, 6.8].map(gapMm => ({ construction: 'twin' as const, gapMm, sizeNm: 80 }))
  const compared = modes.flatMap(mode =>
    needles.flatMap(needle =>
      [null, 0, 3].map(safe => {
        const { allowsMm, overMm, pastEachSideMm } = compareTwinMode(mode, 7, needle, safe)
        return (
          `${mode.kind}, gap ${needle.gapMm}, safe ${safe}: `
          + `allows ${mm(allowsMm)}, over ${mm(overMm)}, past ${mm(pastEachSideMm)}`
        )
      }),
    ),
  )
  const moves = [0, 6.8, 7, 7.2].map(gapMm => {
    const construction = gapMm === 0 ? 'single' : 'twin'
    return `moves ${mm(needlePositionLimitMm(7, { construction, gapMm, sizeNm: 80 }))} under gap ${gapMm}`
  })
  return expect(`${[...curve, ...compared, ...moves].join('\n')}\n`).toMatchFileSnapshot(
    './written/comparisons.txt',
  )
})
