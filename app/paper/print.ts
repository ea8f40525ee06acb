import type { Paper, Sheet } from '#core/paper'

/** Something to print: a file of sheets at true size. */
export interface Print {
  /** What its button says. */
  readonly label: string
  /** Of the file, without its ending. */
  readonly name: string
  readonly as: 'pdf' | 'svg'
  readonly sheets: (paper: Paper) => readonly Sheet[] | Promise<readonly Sheet[]>
  /** Nothing to print yet. */
  readonly disabled?: boolean
}
