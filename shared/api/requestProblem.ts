import type { FieldIssue } from '../fields'

/**
 * Input that has the right form and still cannot be answered: said in the one error form, with status 400.
 */
export class RequestProblem extends Error {
  override readonly name = 'RequestProblem'
  constructor(
    readonly code: string,
    message: string,
    readonly issues: readonly FieldIssue[],
  ) {
    super(message)
  }
}
