import { type Added, isPlain, type Plain, type RawRecord, VERSIONS, withSetups } from './upgradeSteps'

/** The version of records in the database and in backup files. */
export const RECORDS_VERSION = 13

/**
 * A record as an earlier version wrote it, in today's form: most stay one record of their table, those of a
 * table that was given up go to others. Nothing is checked: what was damaged stays damaged, for the schema to
 * report.
 *
 * @param table - its table.
 * @param raw - as stored or read from a file.
 * @param from - the version it was written by.
 * @param versions - what each version added; only tests give another history.
 */
export function upgradeRecords(
  table: string,
  raw: unknown,
  from: number,
  versions = VERSIONS,
): readonly RawRecord[] {
  return versions
    .slice(from - 1)
    .reduce<readonly RawRecord[]>(
      (records, added) => records.flatMap(record => inNext(record, added)),
      [{ table, raw }],
    )
}

/** The same of a record that stays one of its table. */
export function upgradeRecord(table: string, raw: unknown, from: number, versions = VERSIONS): unknown {
  return upgradeRecords(table, raw, from, versions).find(record => record.table === table)?.raw ?? raw
}

function inNext(record: RawRecord, added: Added): readonly RawRecord[] {
  const { table, raw } = record
  if (!isPlain(raw)) return [record]
  const whole = withAdded(table, raw, added)
  return added.moved?.(table, whole) ?? [{ table, raw: added.mended?.(table, whole) ?? whole }]
}

function withAdded(table: string, raw: Plain, added: Added): Plain {
  const record = { ...added.records[table], ...raw }
  if (table === 'settings') return withSettings(record, added)
  return withSetups(table, record, setup => ({ ...added.setup, ...setup }))
}

function withSettings(record: Plain, { settings, schools }: Added): Plain {
  const whole = { ...settings, ...record }
  return isPlain(record.schools) ? { ...whole, schools: { ...schools, ...record.schools } } : whole
}
