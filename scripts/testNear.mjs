// npm run test:near: what the files touch that were changed since the last commit: their lint, their words,
// and the unit tests that import them. For the loop while one works; npm test is the whole of it.
import { existsSync } from 'node:fs'
import { bin, git, run, say } from './steps.mjs'

const changed = git('ls-files', '--modified', '--others', '--exclude-standard', '--deduplicate').filter(
  path => existsSync(path),
)
const code = changed.filter(path => /\.(ts|vue|mjs)$/.test(path))
const sources = code.filter(path => /^(app|core|db|server|shared|workers|tests\/unit)\//.test(path))
const checks = [
  ['Layout', 'prettier', ['--check', '--ignore-unknown', ...changed]],
  ['Lint', 'eslint', ['--quiet', '--cache', '--cache-location', '.cache/eslint', ...code]],
  ['Unit tests', 'vitest', ['related', '--run', '--passWithNoTests', '--reporter=dot', ...sources]],
].filter(([, , args]) => args.some(arg => changed.includes(arg)))
if (checks.length === 0) console.log('Nothing was changed since the last commit.')
const failed = checks.filter(([what, command, args]) => {
  say(what)
  return run(bin(command), args) !== 0
})
process.exit(failed.length > 0 ? 1 : 0)
