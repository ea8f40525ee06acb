import { pieceCardSheets } from '#core/card'
import {
  edgeDrawing,
  edgeStrip,
  orderDrawing,
  orderWords,
  placementDrawing,
  sewnOrder,
  sideWords,
  templateDrawing,
} from '#core/edge'
import { tiledSheets } from '#core/paper'
import { formatShort } from '#core/units'
import type { EdgeAnswer, EdgeKind } from '#shared/inputs'
import type { EdgePiece } from '#shared/records'
import type { Print } from '~/paper/print'
import { turnLine } from './turnWords'

type Bare = (mm: number) => string

/** “Leaf: 7 × 5, turn; 14 × 5, turn; 7 × 5, end”, one for each stretch, from where it is begun. */
function edgeLines(answer: EdgeAnswer, plan: EdgePiece, names: readonly string[], bare: Bare): string[] {
  return answer.ways[answer.way]!.plan.stretches.map((stretch, s) => {
    const legs = sewnOrder(stretch, (answer.starts[s] ?? stretch.from) - stretch.from, plan.backwards)
    const over = stretch.closed && plan.overlap > 0 ? `, ${plan.overlap} over the beginning` : ''
    return `${names[s]}: ${orderWords(stretch, legs, answer.scale, bare)}${over}`
  })
}

/** What is printed and saved of an appliqué. */
export interface EdgePaper {
  readonly title: string
  readonly fileName: string
  /** null: nothing could be planned yet. */
  readonly answer: EdgeAnswer | null
  readonly plan: EdgePiece
  readonly kind: EdgeKind
  /** Every length that is dialled. */
  readonly lengthWords: string
  /** Of the cloth of each stretch. */
  readonly names: readonly string[]
  /** Of each cloth. */
  readonly called: readonly string[]
  readonly tension: number | null
  readonly length: Bare
  readonly bare: Bare
}

export function edgePrints({
  title,
  fileName: name,
  answer,
  plan,
  kind,
  lengthWords,
  names,
  called,
  tension,
  length,
  bare,
}: EdgePaper): Print[] {
  const turned = (answer?.turns ?? []).map(one => turnLine(one, answer!.ways[answer!.way]!.widthMm, length))
  const lines = answer ? [...edgeLines(answer, plan, names, bare), ...turned] : []
  const of = answer?.ways[answer.way]!.plan
  const all = answer?.regions.filter(({ length: rings }) => rings > 0) ?? []
  const cut = answer?.cut.filter(({ length: rings }) => rings > 0) ?? []
  const sheet = () =>
    edgeDrawing({
      title,
      regions: answer!.regions,
      plan: of!,
      sides: of!.stretches.map(one => sideWords(one, answer!.scale, bare)),
      starts: answer!.starts,
      backwards: plan.backwards,
    })
  const noShape = !answer || all.length === 0
  return [
    {
      label: 'Shape with every stitch, true size',
      name: `${name}-edge`,
      as: 'pdf',
      disabled: !answer,
      sheets: p => tiledSheets(sheet(), p),
    },
    {
      label: 'To cut, mirrored for fusible',
      name: `${name}-fusible`,
      as: 'pdf',
      disabled: noShape,
      sheets: p =>
        cut.flatMap((region, i) =>
          tiledSheets(templateDrawing(`${title}, ${called[i]}, mirrored`, [region], [called[i]!], true), p),
        ),
    },
    {
      label: 'Where each shape lies',
      name: `${name}-placement`,
      as: 'pdf',
      disabled: noShape,
      sheets: p => tiledSheets(placementDrawing(title, all, answer!.stretches), p),
    },
    {
      label: 'Strips to lay along, like a string',
      name: `${name}-strips`,
      as: 'pdf',
      disabled: !answer,
      sheets: p =>
        of!.stretches.flatMap((one, s) =>
          tiledSheets(edgeStrip(`${title}, ${names[s]}`, of!, s, sideWords(one, answer!.scale, bare)), p),
        ),
    },
    {
      label: 'Order of work',
      name: `${name}-order`,
      as: 'pdf',
      disabled: !answer,
      sheets: p =>
        tiledSheets(
          orderDrawing(
            title,
            lines.map((line, i) => `${i + 1}. ${line}`),
          ),
          p,
        ),
    },
    { label: 'Shape with every stitch as SVG', name, as: 'svg', disabled: !answer, sheets: () => [sheet()] },
    {
      label: 'Bench card',
      name: `${name}-card`,
      as: 'pdf',
      disabled: !answer,
      sheets: p =>
        pieceCardSheets(
          {
            title,
            dials: [
              {
                label: kind === 'blanket' ? 'Bite' : 'Width',
                value: bare(answer!.ways[answer!.way]!.widthMm),
              },
              { label: 'Length', value: lengthWords },
              {
                label: 'Tension',
                value: tension === null ? '–' : formatShort(tension),
              },
            ],
            lines: lines,
            caution: 'The machine’s own manual first. Turn the cloth with the needle down and the foot up.',
          },
          p,
        ),
    },
  ]
}

/** Every stitch point, in mm. */
export function edgeCsv(answer: EdgeAnswer): string {
  const { plan: of } = answer.ways[answer.way]!
  const tidy = (mm: number) => String(Math.round(mm * 1000) / 1000)
  const rows = of.stretches.flatMap(({ from }, s) => {
    const to = of.stretches[s + 1]?.from ?? of.landings.length
    return of.landings.slice(from, to).map(({ x, y, alongMm, isPoint, side }, i) => {
      const tip = of.tips[from + i]!
      return [
        s + 1,
        side + 1,
        tidy(alongMm),
        tidy(x),
        tidy(y),
        tidy(tip.x),
        tidy(tip.y),
        isPoint ? 'point' : '',
      ].join(',')
    })
  })
  return `${['stretch,side,along_mm,x_mm,y_mm,bite_x_mm,bite_y_mm,point', ...rows].join('\r\n')}\r\n`
}
