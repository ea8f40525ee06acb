// npm run docs: writes docs/ROUTES.md from the list of routes.
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { routesPage } from './routesPage.mjs'
import { ensurePackages, loadModule, root, say } from './steps.mjs'

ensurePackages()
const { EXAMPLES, ROUTES } = await loadModule('/shared/api/index.ts')
writeFileSync(join(root, 'docs/ROUTES.md'), await routesPage(ROUTES, EXAMPLES))
say('Wrote docs/ROUTES.md')
