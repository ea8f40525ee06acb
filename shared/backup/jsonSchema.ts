import { z } from 'zod'
import { BACKUP_VERSION, backupSchema } from './backup'

/** Where the app publishes it, below its own address. */
export const BACKUP_SCHEMA_PATH = `/schema/lacy-spool-backup-${BACKUP_VERSION}.json`

/** The published JSON Schema of a backup file, made from the schema that files are parsed with. */
export function backupJsonSchema() {
  return {
    title: 'Lacy Spool backup',
    description: 'Everything in the book. Lengths in millimetres; null is “not measured” or “not chosen”.',
    ...z.toJSONSchema(backupSchema, { target: 'draft-2020-12' }),
  }
}
