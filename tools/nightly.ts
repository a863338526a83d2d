import { beginBackup, endBackup, inTransaction } from '@yardfrost/server'
import { join } from 'node:path'
import type pg from 'pg'
import { backupName, thinBackups, writeBackup } from './backup-file.ts'
import type { Settings } from './settings.ts'

const minuteMs = 60_000

/** The last time the clock of this machine stood at a minute of the day. */
export function lastDue(now: Date, minutes: number): Date {
  const due = new Date(now)
  due.setHours(0, minutes, 0, 0)
  if (due > now) due.setDate(due.getDate() - 1)
  return due
}

/** Whether there is anything but the made-up plant to keep. */
async function isWorthKeeping(pool: pg.Pool): Promise<boolean> {
  return ((await pool.query('select 1 from site where not demo limit 1')).rowCount ?? 0) > 0
}

/** Makes the backup that is due, if no server on this database has; tells whether it did. */
export async function backUpIfDue(
  pool: pg.Pool,
  databaseUrl: string,
  { backups, backupAt }: Pick<Settings, 'backups' | 'backupAt'>,
  now: Date,
): Promise<boolean> {
  if (backupAt === null || !(await isWorthKeeping(pool))) return false
  const file = join(backups, backupName(now))
  const id = await inTransaction(pool, (db) => beginBackup(db, file, lastDue(now, backupAt)))
  if (id === null) return false
  try {
    await endBackup(pool, id, await writeBackup(databaseUrl, file), null)
    thinBackups(backups)
  } catch (error) {
    await endBackup(pool, id, null, error instanceof Error ? error.message : String(error))
    throw error
  }
  return true
}

/**
 * Makes a backup each night; a machine that was off at night makes it when it is on again.
 *
 * @returns how to stop
 */
export function keepBackups(
  pool: pg.Pool,
  databaseUrl: string,
  settings: Settings,
  say: (text: string) => void,
): () => Promise<void> {
  let under: Promise<void> = Promise.resolve()
  let busy = false
  const look = async () => {
    busy = true
    try {
      if (await backUpIfDue(pool, databaseUrl, settings, new Date()))
        say(`made the nightly backup in ${settings.backups}`)
    } catch (error) {
      say(`the nightly backup failed: ${error instanceof Error ? error.message : String(error)}`)
    } finally {
      busy = false
    }
  }
  const timer = setInterval(() => {
    if (!busy) under = look()
  }, minuteMs)
  return async () => {
    clearInterval(timer)
    await under
  }
}
