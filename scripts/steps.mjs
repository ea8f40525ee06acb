// What every command needs first, with Node.js alone: say what is done, do it only when needed, name what is
// missing.
import { execFileSync, spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = fileURLToPath(new URL('..', import.meta.url))
const stamps = join(root, '.cache')
const OLDEST_NODE = [20, 19]
const SOURCES = [
  'app',
  'core',
  'db',
  'modules',
  'public',
  'server',
  'shared',
  'workers',
  'nuxt.config.ts',
  'package.json',
  'package-lock.json',
]

export function say(text) {
  console.log(`\n› ${text}`)
}

/** Ends the command with what is missing and what to do. */
export function stop(text) {
  console.error(`\n✗ ${text}`)
  process.exit(1)
}

export function run(command, args, options = {}) {
  return (
    spawnSync(command, args, {
      cwd: root,
      stdio: 'inherit',
      env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1' },
      ...options,
    }).status ?? 1
  )
}

/** The same beside others: what it prints comes back in one piece. */
export function runQuietly(command, args) {
  return new Promise(resolve => {
    const child = spawn(command, args, { cwd: root, env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1' } })
    let output = ''
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', chunk => {
        output += chunk
      })
    child.on('error', ({ message }) => resolve({ status: 1, output: `${output}${message}` }))
    child.on('close', status => resolve({ status: status ?? 1, output }))
  })
}

/** What git prints for these words, a line each. */
export const git = (...words) =>
  execFileSync('git', words, { cwd: root, encoding: 'utf8' }).split('\n').filter(Boolean)

export const bin = name => join(root, 'node_modules', '.bin', name)

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < OLDEST_NODE[0] || (major === OLDEST_NODE[0] && minor < OLDEST_NODE[1])) {
    stop(`Node.js ${process.versions.node} is too old: install Node.js ${OLDEST_NODE.join('.')} or newer.`)
  }
}

function hashOf(paths) {
  const hash = createHash('sha256')
  const add = path => {
    const full = join(root, path)
    if (!existsSync(full)) return
    try {
      for (const name of readdirSync(full).sort()) add(join(path, name))
    } catch (error) {
      if (error.code !== 'ENOTDIR') throw error
      hash.update(path).update(readFileSync(full))
    }
  }
  paths.forEach(add)
  return hash.digest('hex')
}

const stampIs = (name, value) =>
  existsSync(join(stamps, name)) && readFileSync(join(stamps, name), 'utf8') === value
function stamp(name, value) {
  mkdirSync(stamps, { recursive: true })
  writeFileSync(join(stamps, name), value)
}

export function ensurePackages() {
  checkNode()
  const wanted = hashOf(['package.json', 'package-lock.json'])
  if (existsSync(join(root, 'node_modules')) && stampIs('packages', wanted)) return
  say('Installing packages (npm ci) …')
  if (run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']) !== 0)
    stop('npm ci failed: is the npm registry reachable from here?')
  if (run(bin('nuxt'), ['prepare'], { stdio: ['ignore', 'ignore', 'inherit'] }) !== 0)
    stop('nuxt prepare failed: see above.')
  stamp('packages', wanted)
}

export function ensureBuild() {
  const wanted = hashOf(SOURCES)
  if (existsSync(join(root, '.output/server/index.mjs')) && stampIs('build', wanted)) return
  say('Building for production; this takes a few minutes the first time …')
  if (run(bin('nuxt'), ['build', '--logLevel', 'silent'], { stdio: ['ignore', 'ignore', 'inherit'] }) !== 0)
    stop('The build failed: see above.')
  stamp('build', wanted)
}

const onPath = name => spawnSync('which', [name], { stdio: 'ignore' }).status === 0

/** Debian's chromium and chromium-driver. */
export function ensureBrowser() {
  if (onPath('chromium') && onPath('chromedriver')) return
  say('Installing chromium and chromium-driver (apt-get) …')
  if (!onPath('apt-get'))
    stop(
      'chromium and chromedriver are missing and there is no apt-get here: install both, then run '
        + 'this again.',
    )
  if (process.getuid?.() !== 0)
    stop(
      'chromium and chromium-driver are missing: run this as root, or: sudo apt-get install '
        + 'chromium chromium-driver',
    )
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  const quiet = { env, stdio: ['ignore', 'ignore', 'inherit'] }
  if (
    run('apt-get', ['update', '-q'], quiet) !== 0
    || run(
      'apt-get',
      ['install', '-y', '-q', '--no-install-recommends', 'chromium', 'chromium-driver'],
      quiet,
    ) !== 0
  ) {
    stop('apt-get could not install chromium and chromium-driver: see above.')
  }
}

function freePort(port) {
  return new Promise(resolve => {
    const probe = createServer()
      .once('error', () => resolve(false))
      .once('listening', () => probe.close(() => resolve(true)))
    probe.listen(port, '127.0.0.1')
  })
}

/** The first free port from the wished one on. */
export async function findPort(wished) {
  for (let port = wished; port < wished + 50; port++) if (await freePort(port)) return port
  return stop(`No free port from ${wished} to ${wished + 49}: set PORT.`)
}

/** Starts the built server and waits until it answers. */
export async function startServer({ port, demo, host = '127.0.0.1', env = {} }) {
  const child = spawn(process.execPath, [join(root, '.output/server/index.mjs')], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: {
      ...process.env,
      HOST: host,
      PORT: String(port),
      NITRO_HOST: host,
      NITRO_PORT: String(port),
      NUXT_PUBLIC_DEMO: demo ? 'true' : 'false',
      ...env,
    },
  })
  const address = `http://localhost:${port}`
  for (let tries = 0; tries < 100; tries++) {
    if (child.exitCode !== null) stop(`The server stopped with code ${child.exitCode}.`)
    try {
      if ((await fetch(address)).ok) return { address, child }
    } catch {
      await new Promise(resolve => setTimeout(resolve, 100))
    }
  }
  child.kill()
  return stop('The server did not answer within 10 seconds.')
}

export function machineLine() {
  const cpu =
    /model name\s*: (.*)/.exec(existsSync('/proc/cpuinfo') ? readFileSync('/proc/cpuinfo', 'utf8') : '')?.[1]
    ?? process.arch
  const cores = execFileSync('nproc', { encoding: 'utf8' }).trim()
  return `${cpu}, ${cores} cores, Node.js ${process.versions.node}`
}

/** Loads a TypeScript module of ours, by its path from the root: `/app/stations/index.ts`. */
export async function loadModule(path) {
  const { createServer: createVite } = await import('vite')
  const vite = await createVite({
    root,
    configFile: false,
    server: { middlewareMode: true },
    appType: 'custom',
    logLevel: 'error',
  })
  try {
    return await vite.ssrLoadModule(path)
  } finally {
    await vite.close()
  }
}
