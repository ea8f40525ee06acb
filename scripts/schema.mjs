// npm run schema: writes the JSON Schema of the backup file from the schema the app parses with.
import { ensurePackages, root, say } from './steps.mjs'
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'

ensurePackages()
const { createServer } = await import('vite')
const vite = await createServer({
  root,
  configFile: false,
  server: { middlewareMode: true },
  appType: 'custom',
  logLevel: 'error',
})
const { backupJsonSchema, BACKUP_SCHEMA_PATH } = await vite.ssrLoadModule('/shared/backup/index.ts')
writeFileSync(join(root, 'public', BACKUP_SCHEMA_PATH), `${JSON.stringify(backupJsonSchema(), null, 2)}\n`)
await vite.close()
say(`Wrote public${BACKUP_SCHEMA_PATH}`)
