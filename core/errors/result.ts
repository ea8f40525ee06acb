/** Either what was wanted, or why it is not there: for what goes wrong in the usual course of things. */
export type Result<Good, Bad> = ({ readonly ok: true } & Good) | ({ readonly ok: false } & Bad)

/** Why not, in words a person can act on. */
export interface Refusal {
  readonly message: string
}
