// What the app can say: the texts in templates and in strings of the code, each with its place.
import { parse } from 'vue/compiler-sfc'
import ts from 'typescript'

/** What stands for a value that is filled in: one word of its sentence. */
export const FILLED = '0'
/** Elements that stand within a sentence; others begin a new one. */
const INLINE = new Set(['a', 'b', 'em', 'i', 'NuxtLink', 'small', 'span', 'strong', 'template', 'time'])
const ELEMENT = 1
const TEXT = 2
const INTERPOLATION = 5
const ATTRIBUTE = 6
/** Attributes that are read by nobody. */
const SILENT =
  /^(class|style|id|name|to|href|icon|value|type|role|key|ref|color|variant|size|as|d|fill|stroke)$/

/**
 * The texts of one file.
 *
 * @param source - of a .vue or .ts file.
 * @returns Texts with their line, from 1; values filled in stand as {@link FILLED}.
 */
export function saidIn(path, source) {
  if (!path.endsWith('.vue')) return codeTexts(source, 0)
  const { descriptor } = parse(source, { filename: path })
  const texts = []
  for (const block of [descriptor.script, descriptor.scriptSetup]) {
    if (block) texts.push(...codeTexts(block.content, block.loc.start.line - 1))
  }
  if (descriptor.template?.ast) elementTexts(descriptor.template.ast, texts)
  return texts.filter(({ text }) => isSaid(text))
}

/** Keys of records that have spaces in them: people read other words for them. */
const KEYS = new Set(['rolling off'])

/** One word in lower case, numbers, paths, heads of CSV files: code, or too short to break a rule. */
const CODE = /^"?[\w:./#?&=,\-[\]]+"?$/
const LABEL = /^[A-Z][a-z]+$/
/** Markup, classes of the kit, rules of a server's header, code in a template. */
const FOREIGN = /^(<|i-lucide-|https?:|[a-z-]+\()|'(self|none)'|=>|var\(--|^[a-z-]+(:[a-z-]+)? [a-z-]+:/

function isSaid(text) {
  if (!/[A-Za-z]{2}/.test(text) || KEYS.has(text)) return false
  return (!CODE.test(text) || LABEL.test(text)) && !FOREIGN.test(text)
}

function elementTexts(element, texts) {
  let sentence = ''
  let line = 0
  const flush = () => {
    const text = sentence.replaceAll(/\s+/g, ' ').trim()
    if (text) texts.push({ text, line })
    sentence = ''
    line = 0
  }
  const add = (text, at) => {
    line ||= at
    sentence += text
  }
  const walk = node => {
    if (node.type === TEXT) add(node.content, node.loc.start.line)
    if (node.type === INTERPOLATION) {
      add(FILLED, node.loc.start.line)
      texts.push(...codeTexts(node.content.loc.source, node.loc.start.line - 1))
    }
    if (node.type !== ELEMENT) return
    attributeTexts(node, texts)
    if (INLINE.has(node.tag)) return node.children.forEach(walk)
    flush()
    elementTexts(node, texts)
  }
  element.children.forEach(walk)
  flush()
}

function attributeTexts(node, texts) {
  for (const prop of node.props) {
    const at = prop.loc.start.line
    if (prop.type === ATTRIBUTE) {
      if (prop.value && !SILENT.test(prop.name)) texts.push({ text: prop.value.content, line: at })
    } else if (prop.exp && !['class', 'style', 'key'].includes(prop.arg?.content)) {
      texts.push(...codeTexts(`(${prop.exp.loc.source})`, at - 1))
    }
  }
}

function codeTexts(code, linesBefore) {
  const file = ts.createSourceFile('code.ts', code, ts.ScriptTarget.Latest, true)
  const texts = []
  const visit = node => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node) || ts.isExportDeclaration(node)) return
    const text = textOf(node)
    if (text === null) return ts.forEachChild(node, visit)
    if (isSaid(text)) {
      const { line } = file.getLineAndCharacterOfPosition(node.getStart(file))
      texts.push({ text: text.replaceAll(/\s+/g, ' ').trim(), line: line + 1 + linesBefore })
    }
    for (const inner of innerOf(node)) visit(inner)
  }
  visit(file)
  return texts
}

/** A string, or strings joined by `+`; null: neither. */
function textOf(node) {
  if (ts.isStringLiteralLike(node)) return node.text
  if (ts.isTemplateExpression(node))
    return node.head.text + node.templateSpans.map(({ literal }) => FILLED + literal.text).join('')
  if (!ts.isBinaryExpression(node) || node.operatorToken.kind !== ts.SyntaxKind.PlusToken) return null
  const [left, right] = [textOf(node.left), textOf(node.right)]
  if (left === null && right === null) return null
  return (left ?? FILLED) + (right ?? FILLED)
}

/** Expressions filled into a text may hold texts of their own. */
function innerOf(node) {
  if (ts.isTemplateExpression(node)) return node.templateSpans.map(({ expression }) => expression)
  if (!ts.isBinaryExpression(node)) return []
  return [node.left, node.right].flatMap(side => (textOf(side) === null ? [side] : innerOf(side)))
}
