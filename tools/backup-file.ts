import { execFile } from 'node:child_process'
import { mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { binFolder } from './postgres.ts'
import { SettingError } from './settings.ts'

const execute = promisify(execFile)

/** So many nightly backups are kept. */
export const nightsKept = 14
const nightly = /^yardfrost-\d{4}-\d{2}-\d{2}-\d{4}\.backup$/

/** Name of a backup of a moment, in the time of this machine: they stand in a folder in their order. */
export function backupName(at: Date): string {
  const two = (value: number) => String(value).padStart(2, '0')
  const day = [at.getFullYear(), two(at.getMonth() + 1), two(at.getDate())].join('-')
  return `yardfrost-${day}-${two(at.getHours())}${two(at.getMinutes())}.backup`
}

/** Runs one of PostgreSQL's programs on a database; the password goes by the environment, where nobody else reads it. */
async function runOn(program: string, databaseUrl: string, args: readonly string[]): Promise<void> {
  const url = new URL(databaseUrl)
  const password = decodeURIComponent(url.password)
  url.password = ''
  try {
    await execute(join(binFolder(), program), ['--dbname', url.href, ...args], {
      env: { ...process.env, ...(password === '' ? {} : { PGPASSWORD: password }) },
      maxBuffer: 10_000_000,
    })
  } catch (error) {
    const said = error instanceof Error && 'stderr' in error ? String(error.stderr).trim() : String(error)
    throw new SettingError(`${program} failed: ${said.split('\n').slice(-3).join(' ')}`)
  }
}

/**
 * Writes the whole database, photographs too, as it stands at one moment, into one file. A file of that name is there whole or
 * not at all.
 *
 * @returns bytes written
 * @throws SettingError in words
 */
export async function writeBackup(databaseUrl: string, file: string): Promise<number> {
  mkdirSync(join(file, '..'), { recursive: true, mode: 0o700 })
  const part = `${file}.part`
  try {
    await runOn('pg_dump', databaseUrl, ['--format=custom', '--no-owner', '--no-privileges', '--file', part])
    renameSync(part, file)
  } catch (error) {
    rmSync(part, { force: true })
    throw error
  }
  return statSync(file).size
}

/**
 * Brings a backup into an empty database: all of it, or nothing.
 *
 * @throws SettingError in words
 */
export const readBackup = (databaseUrl: string, file: string): Promise<void> =>
  runOn('pg_restore', databaseUrl, ['--no-owner', '--no-privileges', '--exit-on-error', '--single-transaction', file])

/** Removes nightly backups but the latest; files of other names are somebody's own. */
export function thinBackups(folder: string): void {
  const kept = readdirSync(folder)
    .filter((name) => nightly.test(name))
    .sort()
    .reverse()
  for (const name of kept.slice(nightsKept)) rmSync(join(folder, name))
}
