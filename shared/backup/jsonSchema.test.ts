import { readFileSync } from 'node:fs'
import { Ajv2020 } from 'ajv/dist/2020.js'
import addFormats from 'ajv-formats'
import { describe, expect, it } from 'vitest'
import { BACKUP_SCHEMA_PATH, backupJsonSchema } from '#shared/backup'
import { demoBackup } from '#shared/demo'

const published: unknown = JSON.parse(
  readFileSync(new URL(`../../public${BACKUP_SCHEMA_PATH}`, import.meta.url), 'utf8'),
)
const ajv = new Ajv2020({ strict: false })
addFormats.default(ajv)

describe('the published JSON Schema', () => {
  it('is the one files are parsed with (if not: npm run schema)', () =>
    expect(published).toEqual(JSON.parse(JSON.stringify(backupJsonSchema()))))

  it('accepts the demo file and refuses a broken one', () => {
    const validate = ajv.compile(published as object)
    expect(validate(demoBackup)).toBe(true)
    expect(validate({ ...demoBackup, version: 99 })).toBe(false)
    expect(validate({ ...demoBackup, records: { ...demoBackup.records, machines: [{ id: 'x' }] } })).toBe(
      false,
    )
  })
})
