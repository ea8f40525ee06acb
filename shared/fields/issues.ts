import type { core } from 'zod/mini'

/** One thing wrong with input: where, in dots, and what to do. */
export interface FieldIssue {
  readonly path: string
  readonly message: string
}

/** Zod's issues as paths in dots and messages that name the mend. */
export function fieldIssues(error: core.$ZodError): FieldIssue[] {
  return error.issues.flatMap((issue): FieldIssue[] => {
    if (issue.code === 'unrecognized_keys') {
      return issue.keys.map(key => ({
        path: [...issue.path, key].join('.'),
        message: `${clip(key)} is not a known field: leave it out`,
      }))
    }
    const missing =
      issue.code === 'invalid_type' && issue.input === undefined && issue.message.startsWith('Invalid input')
    return [{ path: issue.path.join('.'), message: missing ? 'is missing' : issue.message }]
  })
}

/** All issues in one line for a person: `name: needs a name; maxWidthMm: must be a number from 3 to 12`. */
export function issueLine(error: core.$ZodError): string {
  return fieldIssues(error)
    .slice(0, 3)
    .map(({ path, message }) => (path ? `${path}: ${message}` : message))
    .join('; ')
}

function clip(text: string): string {
  return text.length > 40 ? `${text.slice(0, 40)}…` : text
}
