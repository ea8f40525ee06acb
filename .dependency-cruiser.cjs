// Layer fences on resolved paths, .vue files and dynamic imports included.
const layer = (name, allowed) => ({
  name: `${name}-imports-only-its-own`,
  severity: 'error',
  from: { path: `^${name}/`, pathNot: '\\.(test|bench)\\.ts$' },
  to: { pathNot: [`^${name}/`, ...allowed] },
})
const npm = (...names) => `node_modules/(${names.map(name => name.replaceAll('/', '\\/')).join('|')})(/|$)`

module.exports = {
  forbidden: [
    layer('core', [
      npm(
        'culori',
        '@types/culori',
        'pure-rand',
        'bezier-js',
        '@types/bezier-js',
        'clipper2-ts',
        'flatbush',
        'flatqueue',
        'opentype.js',
        'uqr',
        'ml-matrix',
        'simple-statistics',
        '@types/opentype.js',
        'svgpath',
      ),
    ]),
    layer('shared', ['^core/', npm('dequal', 'pako', '@types/pako', '@scure/base', 'zod')]),
    layer('db', ['^core/', '^shared/', npm('dexie', 'zod')]),
    layer('workers', ['^core/', '^shared/', npm('@zip.js/zip.js', 'comlink', 'image-size', 'jspdf', 'jsqr')]),
    layer('server', [
      '^core/',
      '^shared/',
      npm('h3', 'nitropack', 'helmet', 'piscina', 'zod'),
      '^(node:)?(crypto|fs|http|os|url)$',
    ]),
    { name: 'nothing-imports-app', severity: 'error', from: { pathNot: '^app/' }, to: { path: '^app/' } },
    { name: 'app-not-server', severity: 'error', from: { path: '^app/' }, to: { path: '^server/' } },
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-through-index',
      severity: 'error',
      from: { path: '^core/([^/]+)/' },
      to: { path: '^core/[^/]+/(?!index\\.ts)', pathNot: '^core/$1/' },
    },
    {
      name: 'core-through-index-from-outside',
      severity: 'error',
      from: { pathNot: '^core/' },
      to: { path: '^core/[^/]+/(?!index\\.ts)' },
    },
    {
      name: 'no-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^(~/|#imports|#build/|virtual:)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: ['\\.(test|bench)\\.ts$', '\\.css$', '\\.nuxt'] },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.mjs', '.js', '.vue', '.d.ts'],
    },
    tsConfig: { fileName: 'tsconfig.fences.json' },
  },
}
