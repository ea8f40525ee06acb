import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { routesPage } from '../../scripts/routesPage.mjs'
import { EXAMPLES } from './examples'
import { ROUTES } from './routes'

it('docs/ROUTES.md tells of every route as it answers today; npm run docs writes it anew', async () => {
  expect(readFileSync('docs/ROUTES.md', 'utf8')).toBe(await routesPage(ROUTES, EXAMPLES))
})
