import { execFile, execFileSync } from 'node:child_process'
import { existsSync, mkdirSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'

const execute = promisify(execFile)
const asRoot = process.getuid?.() === 0

/** Newest PostgreSQL that Debian has installed. */
function binFolder(): string {
  const base = '/usr/lib/postgresql'
  const versions = existsSync(base)
    ? readdirSync(base).filter((name) => existsSync(join(base, name, 'bin/initdb')))
    : []
  const newest = versions.sort((a, b) => Number(b) - Number(a))[0]
  if (!newest) throw new Error('PostgreSQL is not installed: apt-get install postgresql')
  return join(base, newest, 'bin')
}

/** The server refuses to run as root, so its programs run as the user that Debian's package makes. */
async function runProgram(program: string, args: string[]): Promise<void> {
  const path = join(binFolder(), program)
  const [command, full] = asRoot ? ['runuser', ['-u', 'postgres', '--', path, ...args]] : [path, args]
  await execute(command, full, { cwd: '/', timeout: 60_000 })
}

/** How often to look whether the server is there, and how far apart the attempts to start it come at most, ms. */
const [firstLookMs, longestLookMs] = [1000, 30_000]

/** A PostgreSQL cluster of our own: own folder, own port, loopback only. */
export class Cluster {
  readonly #folder: string
  readonly #port: number
  readonly #settings: readonly string[]

  /** @param settings - extra `name=value` settings */
  constructor(folder: string, port: number, settings: readonly string[] = []) {
    this.#folder = folder
    this.#port = port
    this.#settings = settings
  }

  get #data(): string {
    return join(this.#folder, 'data')
  }

  /** Address of a database in this cluster. */
  url(database: string): string {
    return `postgres://yardfrost@127.0.0.1:${this.#port}/${database}`
  }

  /** Makes the cluster when it is not there yet; tells whether it did. */
  async create(): Promise<boolean> {
    if (existsSync(join(this.#data, 'PG_VERSION'))) return false
    mkdirSync(this.#folder, { recursive: true, mode: 0o755 })
    if (asRoot) execFileSync('chown', ['postgres:postgres', this.#folder])
    await runProgram('initdb', [
      '-D',
      this.#data,
      '-U',
      'yardfrost',
      '--auth=trust',
      '--encoding=UTF8',
      '--locale=C.UTF-8',
    ])
    return true
  }

  /** Starts the server, or takes over one that a crash left running in this folder. */
  async start(): Promise<void> {
    if (await this.#isRunning()) await this.stop()
    const settings = [
      `port=${this.#port}`,
      'listen_addresses=127.0.0.1',
      `unix_socket_directories=${this.#folder}`,
      ...this.#settings,
    ]
    try {
      await runProgram('pg_ctl', [
        '-D', this.#data, '-l', join(this.#folder, 'server.log'), '-w', '-t', '30', '-s',
        '-o', settings.map((setting) => `-c ${setting}`).join(' '), 'start',
      ]) // prettier-ignore
    } catch (error) {
      throw new Error(`PostgreSQL did not start on port ${this.#port}:\n${this.#lastLog()}`, { cause: error })
    }
  }

  /**
   * Keeps the server running: one that has gone is started again, later each time it does not stay.
   *
   * @param say - hears in words that it had gone, and whether it is back
   * @returns how to let it go
   */
  keepRunning(say: (text: string) => void): () => Promise<void> {
    let waitMs = firstLookMs
    let looking: Promise<void> = Promise.resolve()
    let timer: NodeJS.Timeout | null = null
    let letGo = false
    const look = async () => {
      if (this.#isAlive()) waitMs = firstLookMs
      else {
        waitMs = Math.min(2 * waitMs, longestLookMs)
        await this.start().then(
          () => say('the database had gone and is running again'),
          () => say(`the database has gone and does not start; it is tried again in ${waitMs / 1000} s`),
        )
      }
      next()
    }
    const next = () => {
      if (!letGo) timer = setTimeout(() => void (looking = look()), waitMs)
    }
    next()
    return async () => {
      letGo = true
      if (timer) clearTimeout(timer)
      await looking
    }
  }

  /** Whether the process that the folder names is there. */
  #isAlive(): boolean {
    try {
      const [pid] = readFileSync(join(this.#data, 'postmaster.pid'), 'utf8').split('\n')
      process.kill(Number(pid), 0)
      return true
    } catch (error) {
      // A process of another user is there all the same.
      return error instanceof Error && 'code' in error && error.code === 'EPERM'
    }
  }

  async stop(): Promise<void> {
    await runProgram('pg_ctl', ['-D', this.#data, '-m', 'fast', '-w', '-s', 'stop'])
  }

  async #isRunning(): Promise<boolean> {
    return runProgram('pg_ctl', ['-D', this.#data, 'status']).then(
      () => true,
      () => false,
    )
  }

  #lastLog(): string {
    const log = join(this.#folder, 'server.log')
    return existsSync(log) ? readFileSync(log, 'utf8').trim().split('\n').slice(-5).join('\n') : 'there is no log'
  }
}
