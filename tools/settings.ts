import { homedir } from 'node:os'
import { join } from 'node:path'
import { parseArgs } from 'node:util'

/** A command that cannot go on, for a reason the person can put right. */
export class SettingError extends Error {
  override readonly name = 'SettingError'
}

function numberFrom(name: string, usual: number, least: number, most: number): number {
  const text = process.env[name]
  if (!text) return usual
  const value = Number(text)
  if (Number.isInteger(value) && value >= least && value <= most) return value
  throw new SettingError(`${name} is "${text}"; it must be a ${name.includes('PORT') ? 'port' : 'whole number'} from ${least} to ${most}.`) // prettier-ignore
}
const portFrom = (name: string, usual: number) => numberFrom(name, usual, 1, 65_535)

function oneOf<T extends string>(name: string, allowed: readonly T[]): T | null {
  const text = process.env[name]
  if (!text) return null
  const found = allowed.find((one) => one === text.toLowerCase())
  if (found === undefined) throw new SettingError(`${name} is "${text}"; it must be ${allowed.join(' or ')}.`)
  return found
}

const listFrom = (name: string): string[] =>
  (process.env[name] ?? '')
    .split(',')
    .map((one) => one.trim())
    .filter((one) => one !== '')

/** What stands in front: a number of proxies, or their addresses; see "trust proxy" of Express. */
function trustProxy(): false | number | string {
  const text = process.env['YARDFROST_TRUST_PROXY'] ?? ''
  if (text === '' || /^(no|0|false)$/i.test(text)) return false
  if (/^(yes|true)$/i.test(text)) return 1
  if (/^\d+$/.test(text)) return Number(text)
  if (/^[\da-f.:/,\s]+$|^(loopback|linklocal|uniquelocal)$/i.test(text)) return text
  throw new SettingError(`YARDFROST_TRUST_PROXY is "${text}"; it must be how many proxies stand in front, or their addresses.`) // prettier-ignore
}

/** Time of the nightly backup, minutes after midnight; null for none. */
function backupAt(): number | null {
  const text = process.env['YARDFROST_BACKUP_AT'] ?? '02:30'
  if (/^(no|off)$/i.test(text)) return null
  const [, hours, minutes] = /^(\d{1,2}):(\d{2})$/.exec(text) ?? []
  const at = Number(hours) * 60 + Number(minutes)
  if (Number.isInteger(at) && Number(minutes) < 60 && at < 24 * 60) return at
  throw new SettingError(`YARDFROST_BACKUP_AT is "${text}"; it must be a time like 02:30, or "off".`)
}

/** Root keeps data where the database's own user can reach it; anybody else in the home folder. */
function dataFolder(): string {
  const usual = process.getuid?.() === 0 ? '/var/lib/yardfrost' : join(homedir(), '.local/share/yardfrost')
  return process.env['YARDFROST_DATA_DIR'] || usual
}

/**
 * Settings of this machine, out of the environment. docs/operating.md tells what each does.
 *
 * @throws SettingError
 */
export function settings() {
  const folder = dataFolder()
  return {
    port: portFrom('PORT', 4870),
    host: process.env['YARDFROST_HOST'] || '127.0.0.1',
    names: listFrom('YARDFROST_NAMES'),
    trustProxy: trustProxy(),
    demo: oneOf('YARDFROST_DEMO', ['yes', 'no']),
    /** A database that is given; null for the cluster of our own. */
    databaseUrl: process.env['DATABASE_URL'] || null,
    folder,
    databasePort: portFrom('YARDFROST_PG_PORT', 4871),
    backups: process.env['YARDFROST_BACKUPS'] || join(folder, 'backups'),
    backupAt: backupAt(),
    requestsAMinute: numberFrom('YARDFROST_REQUESTS_A_MINUTE', 1200, 60, 10_000_000),
    log: process.env['YARDFROST_LOG'] || 'warn',
  }
}
export type Settings = ReturnType<typeof settings>

/**
 * What was typed behind a command.
 *
 * @throws SettingError naming what it does not know
 */
export function options<const O extends Record<string, { type: 'string' | 'boolean' }>>(
  known: O,
  usage: string,
): ReturnType<typeof parseArgs<{ options: O; allowPositionals: true }>> {
  try {
    return parseArgs({ options: known, allowPositionals: true })
  } catch (error) {
    throw new SettingError(`${error instanceof Error ? error.message : String(error)}\nusage: ${usage}`)
  }
}
