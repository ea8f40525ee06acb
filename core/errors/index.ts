export type { Refusal, Result } from './result'

/**
 * Codes a caller may branch on.
 *
 * - `non-finite`: a number is NaN or ±Infinity; `details.field` names it.
 * - `out-of-range`: a finite number outside its documented range; `details.field`, `min`, `max`.
 * - `no-drops`: a stitch without a needle drop.
 * - `bad-repeat`: a stitch whose repeat does not move the cloth forward.
 * - `bad-raster`: a raster that is empty or too large to hold; `details.cells`.
 * - `bad-colour`: text that is not a colour.
 * - `too-many`: more to work out than one question may take; `details.field`, `most`, `count` if counted.
 * - `swatch-grew`: a swatch that is not narrower after its tucks; `details.field`.
 * - `bad-outline`: an edge with too few or doubled points, or one that crosses itself; `details.field`.
 * - `bad-path`: path data that cannot be read, or that draws nothing; `details.field`.
 * - `no-letter`: a letter the font does not have; `details.letter`.
 * - `bad-font`: a file that is no font.
 * - `bad-drawing`: lines that cannot be sewn: none, or one that names a place there is not; `details.field`.
 * - `bad-corners`: corners that are not those of a rectangle seen from somewhere; `details.field`.
 * - `cycle`: pieces that would each have to come before the other; `details.piece`.
 */
export type CoreErrorCode =
  | 'non-finite'
  | 'out-of-range'
  | 'no-drops'
  | 'bad-repeat'
  | 'bad-raster'
  | 'bad-colour'
  | 'too-many'
  | 'swatch-grew'
  | 'bad-outline'
  | 'bad-path'
  | 'no-letter'
  | 'bad-font'
  | 'bad-drawing'
  | 'bad-corners'
  | 'cycle'

export interface CoreErrorData {
  readonly code: CoreErrorCode
  readonly message: string
  readonly details: Readonly<Record<string, number | string>>
}

/** Thrown by core/ when a documented precondition is broken. Branch on `code`, never on `message`. */
export class CoreError extends Error {
  override readonly name = 'CoreError'
  constructor(
    readonly code: CoreErrorCode,
    message: string,
    readonly details: Readonly<Record<string, number | string>> = {},
  ) {
    super(message)
  }

  /** The plain form that survives a worker boundary or JSON. */
  toData(): CoreErrorData {
    return { code: this.code, message: this.message, details: this.details }
  }
}

/**
 * Refuses a number that is not finite or not in a range.
 *
 * @param value - the number; NaN never passes.
 * @param field - its name, said back in the message.
 * @param min - smallest value allowed.
 * @param max - largest value allowed.
 * @returns The same number.
 * @throws {CoreError} `non-finite` or `out-of-range`.
 *
 * @example
 * requireInRange(0.5, 'marginMm', 0, 5) // 0.5
 */
export function requireInRange(value: number, field: string, min: number, max: number): number {
  if (!Number.isFinite(value)) throw new CoreError('non-finite', `${field} is not a number`, { field })
  if (!(value >= min && value <= max)) {
    throw new CoreError('out-of-range', `${field} must be between ${min} and ${max}, not ${value}`, {
      field,
      min,
      max,
    })
  }
  return value
}

/**
 * Refuses more work than one question may take: counted before it is done.
 *
 * @param count - how much it would be.
 * @param most - how much it may be.
 * @param field - what to change to make it less.
 * @param what - what is counted, in the plural.
 * @throws {CoreError} `too-many`.
 *
 * @example
 * requireFew(30_000, 20_000, 'stitch.lengthMm', 'landings') // too-many: It comes to 30000 landings; …
 */
export function requireFew(count: number, most: number, field: string, what: string): void {
  if (count <= most) return
  const message = `It comes to ${Math.round(count)} ${what}; ${most} are the most at once`
  throw new CoreError('too-many', message, { field, count: Math.round(count), most })
}

/**
 * A count of work that goes on as long as a question is answered: `spend` before each part of it.
 *
 * @example
 * const spend = workOf(1_000_000, 'dial', 'tries')
 * spend(400) // throws once a million are passed
 */
export function workOf(most: number, field: string, what: string): (count: number) => void {
  let spent = 0
  return count => {
    spent += count
    if (spent <= most) return
    const message = `It comes to over ${most} ${what}, more than can be worked out at once`
    throw new CoreError('too-many', message, { field, count: spent, most })
  }
}
