// npm run test:long: what npm test does in short, in full: every field with every text, in both units, with
// the demo and with an empty book, reloaded after each.
import { bin, ensureBrowser, ensureBuild, ensurePackages, run, say } from './steps.mjs'

ensurePackages()
ensureBrowser()
ensureBuild()
say('Typing into every field')
const args = ['run', '--config', 'vitest.browser.config.ts', 'tests/browser/typing']
process.exit(run(bin('vitest'), args, { env: { ...process.env, TYPING: 'long' } }))
