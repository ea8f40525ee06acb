import { bandDrawing, type BandLegSheet } from '#core/band'
import { pieceCardSheets } from '#core/card'
import { dialledMm } from '#core/fit'
import { tiledSheets } from '#core/paper'
import { formatShort } from '#core/units'
import type { BandAnswer } from '#shared/inputs'
import type { BandPiece } from '#shared/records'
import type { Print } from '~/paper/print'
import { endWords, patternWords } from './bandWords'

/** What is printed and saved of a band. */
export interface BandPaper {
  readonly title: string
  readonly fileName: string
  /** null: nothing could be planned yet. */
  readonly answer: BandAnswer | null
  readonly plan: BandPiece
  readonly names: readonly string[]
  readonly tension: number | null
  readonly length: (mm: number) => string
  readonly bare: (mm: number) => string
}

export function bandPrints(paper: BandPaper): Print[] {
  const { title, fileName, answer, tension, bare } = paper
  const disabled = answer === null
  return [
    {
      label: 'Band with every pattern, true size',
      name: `${fileName}-band`,
      as: 'pdf',
      disabled,
      sheets: p => legSheets(paper).flatMap(leg => tiledSheets(bandDrawing(leg), p)),
    },
    {
      label: 'Band with every pattern as SVG',
      name: fileName,
      as: 'svg',
      disabled,
      sheets: () => legSheets(paper).map(bandDrawing),
    },
    {
      label: 'Bench card',
      name: `${fileName}-card`,
      as: 'pdf',
      disabled,
      sheets: p =>
        pieceCardSheets(
          {
            title,
            dials: [
              { label: 'Band', value: bare(answer!.band.bandMm) },
              { label: 'Rows', value: String(answer!.rows.length) },
              { label: 'Tension', value: tension === null ? '–' : formatShort(tension) },
            ],
            lines: bandLines(paper),
            caution: 'The machine’s own manual first. Turn with the needle down; never with a twin’s.',
          },
          p,
        ),
    },
  ]
}

function legSheets({ title, answer, plan }: BandPaper): BandLegSheet[] {
  const { band, rows, pictured } = answer!
  return rows[0]!.legs.map((_, k) => ({
    title: rows[0]!.legs.length > 1 ? `${title}, side ${k + 1}` : title,
    bandMm: band.bandMm,
    rows: rows.map(({ legs }, i) => ({ ...band.rows[i]!, leg: legs[k]! })),
    pictured: pictured.map((row, i) => ({ ...row, lengthMm: rows[i]!.legs[k]!.evenLengthMm })),
    under: plan.under,
  }))
}

/** “Row 1, Zigzag 5.0 wide: length 2.5, 60 patterns, ends whole” */
function bandLines({ answer, plan, names, length, bare }: BandPaper): string[] {
  return answer!.rows.flatMap(({ legs }, i) =>
    legs.map((leg, k) => {
      const { widthMm, mirror } = plan.rows[i]!
      const where = legs.length > 1 ? `, side ${k + 1}` : ''
      const size = `${bare(widthMm)} wide${mirror ? ', mirrored' : ''}`
      const dial = `${patternWords(leg, bare, answer!.scale)}, ${endWords(leg, length)}`
      return `Row ${i + 1}${where}, ${names[i]} ${size}: ${dial}`
    }),
  )
}

/** Every row on every side, in mm. */
export function bandCsv({ band, rows, laid, scale }: BandAnswer, names: readonly string[]): string {
  const tidy = (mm: number) => String(Math.round(mm * 1000) / 1000)
  const lines = rows.flatMap(({ legs }, i) =>
    legs.map((leg, k) =>
      [
        i + 1,
        k + 1,
        `"${names[i]!.replaceAll('"', '""')}"`,
        tidy(laid[i]!.widthMm),
        tidy(laid[i]!.gapMm),
        tidy(band.rows[i]!.centreMm),
        tidy(leg.lengthMm),
        leg.repeats,
        tidy(dialledMm(leg.dialLengthMm, scale)),
        tidy(leg.missMm),
        tidy(leg.bareMm),
      ].join(','),
    ),
  )
  const head = 'row,leg,stitch,width_mm,gap_mm,middle_mm,long_mm,patterns,dial_length_mm,miss_mm,bare_mm'
  return `${[head, ...lines].join('\r\n')}\r\n`
}
