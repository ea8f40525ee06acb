// npm run exports: names that a file offers and nobody takes, and names that only tests take.
import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import { git, root } from './steps.mjs'

const SOURCES =
  /^(app|core|db|server|shared|workers|modules)\/.*\.(ts|vue)$|^(nuxt|vitest)\..*ts$|^scripts\/.*mjs$/
const TESTS = /\.(test|bench)\.ts$|^tests\//
/** Machines, photos and readers that the app's own demo and its studies stand on. */
const FOR_TESTS = /^core\/simulated\//
/** Parts a test looks at by themselves: as many as today, and only ever fewer. */
const MOST_TESTED = 35

const files = git('ls-files', '--cached', '--others', '--exclude-standard').filter(
  path => (SOURCES.test(path) || TESTS.test(path)) && !path.endsWith('.d.ts') && existsSync(join(root, path)),
)
const text = new Map(files.map(path => [path, readFileSync(join(root, path), 'utf8')]))
/** Every word of a file, without comments and the parts of texts. */
const wordsOf = path =>
  new Set(
    text
      .get(path)
      .replace(/\/\*[\s\S]*?\*\/|\/\/.*$/gm, '')
      .match(/[\w$]+/g),
  )
const words = new Map(files.map(path => [path, wordsOf(path)]))

const isType = node => ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node)
/** Values that a file itself declares and exports. */
function offeredBy(path) {
  const source = ts.createSourceFile(path, text.get(path), ts.ScriptTarget.Latest)
  return source.statements.flatMap(statement => {
    const isExported = statement.modifiers?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword)
    const isDefault = statement.modifiers?.some(({ kind }) => kind === ts.SyntaxKind.DefaultKeyword)
    if (!isExported || isDefault) return []
    if (ts.isVariableStatement(statement))
      return statement.declarationList.declarations.flatMap(({ name }) =>
        ts.isIdentifier(name) ? [name.text] : [],
      )
    // Types say what a function takes and gives, whether anybody names them or not.
    return statement.name && !isType(statement) ? [statement.name.text] : []
  })
}
const isIndex = path => path.endsWith('/index.ts')

const found = { unused: [], tested: [] }
for (const path of files.filter(path => path.endsWith('.ts') && !TESTS.test(path) && !isIndex(path))) {
  for (const name of offeredBy(path)) {
    const takers = files.filter(other => other !== path && !isIndex(other) && words.get(other).has(name))
    if (takers.length === 0) found.unused.push(`${path}: ${name}`)
    else if (takers.every(other => TESTS.test(other)) && !FOR_TESTS.test(path))
      found.tested.push(`${path}: ${name}`)
  }
}
for (const [kind, list] of [
  ['taken by nobody', found.unused],
  ['taken by tests alone', found.tested],
])
  console.log(`${list.length} exported names ${kind}${list.map(one => `\n  ${one}`).join('')}`)
process.exit(found.unused.length > 0 || found.tested.length > MOST_TESTED ? 1 : 0)
