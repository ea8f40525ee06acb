// A part of the functions, the same ones every time: judging every mutant takes hours. See mutation.mjs.
import { createHash } from 'node:crypto'
import { declareValuePlugin, PluginKind } from '@stryker-mutator/api/plugin'

const PART = Number(process.env.MUTATED_PART ?? 1)

export const strykerPlugins = [
  declareValuePlugin(PluginKind.Ignore, 'sample', {
    shouldIgnore(path) {
      const outermost = path.isFunction() && !path.findParent(parent => parent.isFunction())
      return outermost && !isPicked(path.node) ? 'not in the sample' : undefined
    },
  }),
]

/** By what the function says, so that it stays picked when it moves. */
function isPicked({ start, end, loc }) {
  const text = `${loc.filename ?? ''}${end - start}:${loc.end.line - loc.start.line}:${loc.start.line}`
  return createHash('sha256').update(text).digest().readUInt32BE() / 2 ** 32 < PART
}
