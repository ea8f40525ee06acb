// npm run test:long: what npm test does in short, in full: every row painted by other rules, and every field
// with every text, in both units, with the demo and with an empty book, reloaded after each.
import { bin, ensureBrowser, ensureBuild, ensurePackages, run, say } from './steps.mjs'

ensurePackages()
ensureBrowser()
ensureBuild()
const env = { ...process.env, LONG: 'yes', TYPING: 'long' }
const failed = [
  ['Photos and rows', ['run', 'core/photo']],
  ['Typing into every field', ['run', '--config', 'vitest.browser.config.ts', 'tests/browser/typing']],
].filter(([what, args]) => {
  say(what)
  return run(bin('vitest'), args, { env }) !== 0
})
process.exit(failed.length > 0 ? 1 : 0)
