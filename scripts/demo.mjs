// npm run demo: installs and builds what is missing, then starts the production server with the demo data.
import { ensureBuild, ensurePackages, findPort, say, startServer } from './steps.mjs'

ensurePackages()
ensureBuild()
const port = await findPort(Number(process.env.PORT ?? 3000))
say('Starting the server with the demo data …')
const { address, child } = await startServer({ port, demo: true, host: process.env.HOST })
say(
  `Lacy Spool is at ${address}\n  The demo loads into a browser that has no data of its own yet. `
    + 'Stop with Ctrl C.',
)
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill())
child.on('exit', code => process.exit(code ?? 0))
