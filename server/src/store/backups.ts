import { BackupState } from '@yardfrost/contract'
import { z } from 'zod'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { maybeOne, one, run, time } from './rows.ts'

const sql = readQueries('./backups.sql', import.meta.url, ['beginBackup', 'endBackup', 'getBackups', 'lockBackups'])

const NumberRow = z.object({ id: z.coerce.number() }).transform(({ id }) => id)

/**
 * A backup is being made from now on; null where another was begun since a moment, by whichever server on this database.
 *
 * @param db - inside a transaction
 */
export async function beginBackup(db: Db, file: string, since: Date): Promise<number | null> {
  await run(db, sql.lockBackups())
  return maybeOne(db, sql.beginBackup(file, since), NumberRow)
}

export const endBackup = (db: Db, id: number, bytes: number | null, trouble: string | null): Promise<void> =>
  run(db, sql.endBackup(id, bytes, trouble))

const StateRow = z
  .object({ made_at: time.nullable(), tried_at: time.nullable(), trouble: z.string().nullable() })
  .transform(({ made_at: madeAt, tried_at: triedAt, trouble }) => BackupState.parse({ madeAt, triedAt, trouble }))

/** When the last backup was made, and what became of the last that was tried. */
export const getBackups = (db: Db): Promise<BackupState> => one(db, sql.getBackups(), StateRow)
