import { join } from 'node:path'
import { build } from 'vite'
import type { TestProject } from 'vitest/node'
import { findPort, root, startServer } from '../../scripts/steps.mjs'

declare module 'vitest' {
  interface ProvidedContext {
    /** The built server without demo data, and one that starts with it. */
    plain: string
    demo: string
    /** A script that knows the accessible name of every element. */
    accessibleNames: string
  }
}

const FIRST_PORT = 4310

/** One script of the package, as every page gets it before its own. */
async function accessibleNames(): Promise<string> {
  const built = await build({
    configFile: false,
    logLevel: 'silent',
    build: {
      write: false,
      lib: {
        entry: join(root, 'node_modules/dom-accessibility-api/dist/index.mjs'),
        formats: ['iife'],
        name: 'accessibleNames',
      },
    },
  })
  const [{ output }] = built as [{ output: [{ code: string }] }]
  return output[0].code
}

export default async function setup(project: TestProject) {
  const plain = await startServer({ port: await findPort(FIRST_PORT), demo: false })
  const demo = await startServer({ port: await findPort(FIRST_PORT + 1), demo: true })
  project.provide('plain', plain.address)
  project.provide('demo', demo.address)
  project.provide('accessibleNames', await accessibleNames())
  return () => {
    plain.child.kill()
    demo.child.kill()
  }
}
