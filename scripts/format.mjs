// npm run format: lays every source file out anew. With --check: names those that are not, and changes
// nothing.
import { readFile, writeFile } from 'node:fs/promises'
import { join, relative } from 'node:path'
import { ESLint } from 'eslint'
import { format, getFileInfo, resolveConfig } from 'prettier'
import { git, root, stop } from './steps.mjs'

/** Prettier keeps a short element on one line, contents and all; these rules give each thought its own. */
const WRAPPING = new Set(['vue/max-attributes-per-line', 'vue/singleline-html-element-content-newline'])

const checking = process.argv.includes('--check')
const eslint = new ESLint({ cwd: root, fix: ({ ruleId }) => WRAPPING.has(ruleId) })

async function laidOut(path, text) {
  const config = await resolveConfig(path)
  const formatted = await format(text, { ...config, filepath: path })
  if (!path.endsWith('.vue')) return formatted
  const [result] = await eslint.lintText(formatted, { filePath: path })
  // What was wrapped lies at the margin: it is put in its place by going over it once more.
  const wrapped = result.output ?? formatted
  return wrapped === text ? wrapped : laidOut(path, wrapped)
}

const SOURCES = ['*.ts', '*.vue', '*.mjs', '*.cjs', '*.css', '*.json']
const files = git('ls-files', '--cached', '--others', '--exclude-standard', '--', ...SOURCES)
const options = { ignorePath: join(root, '.prettierignore') }
let different = 0
for (const name of files) {
  const path = join(root, name)
  if ((await getFileInfo(path, options)).ignored) continue
  const text = await readFile(path, 'utf8').catch(() => null)
  if (text === null) continue
  const wanted = await laidOut(path, text).catch(error => stop(`${name}: ${error.message.split('\n')[0]}`))
  if (wanted === text) continue
  different += 1
  if (checking) console.error(`not laid out: ${relative(root, path)}`)
  else await writeFile(path, wanted)
}
console.log(
  checking ? `${different} files to lay out with npm run format` : `${different} files laid out anew`,
)
process.exit(checking && different > 0 ? 1 : 0)
