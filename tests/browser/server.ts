import type { TestProject } from 'vitest/node'
import { findPort, startServer } from '../../scripts/steps.mjs'

declare module 'vitest' {
  interface ProvidedContext {
    /** The built server without demo data, and one that starts with it. */
    plain: string
    demo: string
  }
}

const FIRST_PORT = 4310

export default async function setup(project: TestProject) {
  const plain = await startServer({ port: await findPort(FIRST_PORT), demo: false })
  const demo = await startServer({ port: await findPort(FIRST_PORT + 1), demo: true })
  project.provide('plain', plain.address)
  project.provide('demo', demo.address)
  return () => {
    plain.child.kill()
    demo.child.kill()
  }
}
