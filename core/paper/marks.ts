/** How a line is drawn. */
export interface Stroke {
  readonly lineMm: number
  /** Dash and gap in mm; null: a whole line. */
  readonly dashMm: readonly [number, number] | null
  /** `#rrggbb` */
  readonly ink: string
  /** 0 to 1 */
  readonly opacity: number
  /** How it ends: cut off square, or round past its end by half its width. */
  readonly ends: 'square' | 'round'
}

/** A step of a path: move to, line to, curve to (two handles, then the end), close. */
export type PathStep =
  | readonly ['M', number, number]
  | readonly ['L', number, number]
  | readonly ['C', number, number, number, number, number, number]
  | readonly ['Z']

export type Anchor = 'start' | 'middle' | 'end'

/** A mark on paper. All lengths in mm from the top left corner; `fill` is `#rrggbb`, or null for none. */
export type Mark =
  | ({
      readonly kind: 'line'
      readonly x1: number
      readonly y1: number
      readonly x2: number
      readonly y2: number
    } & Stroke)
  | ({
      readonly kind: 'rect'
      readonly x: number
      readonly y: number
      readonly wideMm: number
      readonly tallMm: number
      readonly fill: string | null
    } & Stroke)
  | ({
      readonly kind: 'circle'
      readonly x: number
      readonly y: number
      readonly radiusMm: number
      readonly fill: string | null
    } & Stroke)
  | ({ readonly kind: 'path'; readonly steps: readonly PathStep[]; readonly fill: string | null } & Stroke)
  /** `y` is the baseline; what is wider than `mostMm` is set smaller, not under 7 pt, then cut with “…”. */
  | {
      readonly kind: 'text'
      readonly x: number
      readonly y: number
      readonly text: string
      readonly sizeMm: number
      readonly bold: boolean
      readonly anchor: Anchor
      readonly mostMm: number
    }
  /** Marks seen through an opening: what lies outside it is cut off. */
  | {
      readonly kind: 'window'
      readonly x: number
      readonly y: number
      readonly wideMm: number
      readonly tallMm: number
      readonly marks: readonly Mark[]
    }

/** A mark of one kind, with what is left out at its default. */
type Made<K extends Mark['kind'], Required extends string> = Pick<
  Extract<Mark, { kind: K }>,
  Required & keyof Extract<Mark, { kind: K }>
>
  & Partial<Omit<Extract<Mark, { kind: K }>, 'kind'>>

const PEN: Stroke = { lineMm: 0.3, dashMm: null, ink: '#000000', opacity: 1, ends: 'square' }

/** Dashes as scissors and needle follow them. */
export const DASHED = [1.5, 1.5] as const

/** A straight line. @example line({ x1: 10, y1: 20, x2: 60, y2: 20, dashMm: DASHED }) */
export const line = (mark: Made<'line', 'x1' | 'y1' | 'x2' | 'y2'>): Mark => ({
  ...PEN,
  ...mark,
  kind: 'line',
})

/** A frame, or a filled field. @example rect({ x: 12, y: 12, wideMm: 148, tallMm: 105 }) */
export const rect = (mark: Made<'rect', 'x' | 'y' | 'wideMm' | 'tallMm'>): Mark => ({
  ...PEN,
  fill: null,
  ...mark,
  kind: 'rect',
})

/** A circle about its middle. @example circle({ x: 30, y: 30, radiusMm: 2 }) */
export const circle = (mark: Made<'circle', 'x' | 'y' | 'radiusMm'>): Mark => ({
  ...PEN,
  fill: null,
  ...mark,
  kind: 'circle',
})

/** An outline of lines and curves. @example path({ steps: [['M', 0, 0], ['L', 10, 5], ['Z']] }) */
export const path = (mark: Made<'path', 'steps'>): Mark => ({ ...PEN, fill: null, ...mark, kind: 'path' })

/** A line of text. @example text({ x: 12, y: 20, text: 'Width', sizeMm: 4, mostMm: 30 }) */
export const text = (mark: Made<'text', 'x' | 'y' | 'text' | 'sizeMm' | 'mostMm'>): Mark => ({
  bold: false,
  anchor: 'start',
  ...mark,
  kind: 'text',
})

/**
 * Marks moved as they are, in mm to the right and down.
 *
 * @example
 * moved(marks, 10, 0) // the same, a centimetre to the right
 */
export function moved(marks: readonly Mark[], rightMm: number, downMm: number): Mark[] {
  return marks.map(mark => movedMark(mark, rightMm, downMm))
}

function movedMark(mark: Mark, right: number, down: number): Mark {
  switch (mark.kind) {
    case 'line':
      return { ...mark, x1: mark.x1 + right, y1: mark.y1 + down, x2: mark.x2 + right, y2: mark.y2 + down }
    case 'path':
      return { ...mark, steps: mark.steps.map(step => movedStep(step, right, down)) }
    case 'window':
      return {
        ...mark,
        x: mark.x + right,
        y: mark.y + down,
        marks: moved(mark.marks, right, down),
      }
    default:
      return { ...mark, x: mark.x + right, y: mark.y + down }
  }
}

function movedStep(step: PathStep, right: number, down: number): PathStep {
  switch (step[0]) {
    case 'Z':
      return step
    case 'C':
      return [
        'C',
        step[1] + right,
        step[2] + down,
        step[3] + right,
        step[4] + down,
        step[5] + right,
        step[6] + down,
      ]
    default:
      return [step[0], step[1] + right, step[2] + down]
  }
}
