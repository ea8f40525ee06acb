// npm run schema: writes the JSON Schema of the backup file from the schema the app parses with.
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { ensurePackages, loadModule, root, say } from './steps.mjs'

ensurePackages()
const { backupJsonSchema, BACKUP_SCHEMA_PATH } = await loadModule('/shared/backup/index.ts')
writeFileSync(join(root, 'public', BACKUP_SCHEMA_PATH), `${JSON.stringify(backupJsonSchema(), null, 2)}\n`)
say(`Wrote public${BACKUP_SCHEMA_PATH}`)
