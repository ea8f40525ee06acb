import { calledOf, fieldWords } from '#shared/records'
import type { Obstacle } from '~/stores/book/stepBack'

const MOST_FIELDS = 4

function fieldList(fields: readonly string[]): string {
  if (fields.length === 0) return ''
  const rest = fields.length > MOST_FIELDS ? ' and more' : ''
  return ` (${fields.slice(0, MOST_FIELDS).map(fieldWords).join(', ')}${rest})`
}

/** What stands against a step of undo, as a sentence. */
export function obstacleWords({ table, record, what, fields }: Obstacle): string {
  const name = calledOf(table, record)
  switch (what) {
    case 'changed':
      return `“${name}” was changed again since, here or in another tab${fieldList(fields)}.`
    case 'gone':
      return `“${name}” was taken away since.`
    case 'anew':
      return `“${name}” is there again, put in since.`
    case 'needed':
      return `“${name}” is needed by what was kept since.`
    case 'used':
      return `“${name}” is spoken of in what was kept since.`
    case 'needs':
      return `“${name}” needs something that was taken away since.`
  }
}

const MOST_NAMED = 3
/** Some of them in full, the others counted. */
export function obstaclesWords(obstacles: readonly Obstacle[]): readonly string[] {
  const more = obstacles.length - MOST_NAMED
  const named = obstacles.slice(0, MOST_NAMED).map(obstacleWords)
  return more > 0 ? [...named, `And ${more} more like this.`] : named
}
