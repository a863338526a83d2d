import pg from 'pg'

// A day stays a day: read as an instant it would shift with the time zone.
pg.types.setTypeParser(pg.types.builtins.DATE, (day) => day)

/** Anything a query can be sent to: the pool, or one connection inside a transaction. */
export type Db = pg.Pool | pg.PoolClient

/** SQLSTATE classes and socket errors that mean the server is away, not that the query is wrong. */
const awayCodes = new Set(['ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ETIMEDOUT', '57P01', '57P02', '57P03'])
/** A socket of the database that is not there; a missing file has the same code and is not the database. */
const isMissingSocket = (error: Error, code: string) =>
  code === 'ENOENT' && 'syscall' in error && error.syscall === 'connect'

/** Whether an error says that the database does not answer. */
export function isDatabaseAway(error: unknown): boolean {
  if (!(error instanceof Error)) return false
  const code = 'code' in error ? String(error.code) : ''
  return (
    awayCodes.has(code) ||
    isMissingSocket(error, code) ||
    code.startsWith('08') ||
    /Connection terminated|timeout exceeded when trying to connect|Client has encountered a connection error/.test(
      error.message,
    ) ||
    (error instanceof AggregateError && error.errors.every(isDatabaseAway))
  )
}

/** SQLSTATE of a disk without room, and of a write that does not fit it. */
const fullCodes = new Set(['53100', 'ENOSPC'])
export const isDiskFull = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && fullCodes.has(String(error.code))

/** Somebody else took the same name, tag or number at the same moment. */
export const isTaken = (error: unknown): boolean => error instanceof Error && 'code' in error && error.code === '23505'

/** Values that PostgreSQL cannot hold, SQLSTATE class 22: whoever sent them is told, whatever let them through. */
export const isUnstorableValue = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && 'severity' in error && /^22.{3}$/.test(String(error.code))

/**
 * Opens a pool. `onIdleError` hears of connections that break while nobody uses them.
 *
 * @param max - connections at most; several processes of one server share what one would have
 */
export function openPool(connectionString: string, onIdleError: (error: Error) => void, max = 10): pg.Pool {
  const pool = new pg.Pool({ connectionString, max, connectionTimeoutMillis: 4000, application_name: 'yardfrost' })
  pool.on('error', onIdleError)
  // The pool listens to idle connections only; one that breaks while it is used fails its query, and must not end the process.
  pool.on('connect', (client) => {
    client.on('error', () => undefined)
  })
  return pool
}

/** Runs `work` in one transaction: all of it is kept, or nothing. */
export async function inTransaction<T>(pool: pg.Pool, work: (db: pg.PoolClient) => Promise<T>): Promise<T> {
  const client = await pool.connect()
  try {
    await client.query('begin')
    const result = await work(client)
    await client.query('commit')
    client.release()
    return result
  } catch (error) {
    // A connection that cannot even roll back is broken and must not go back into the pool.
    const rolledBack = await client.query('rollback').then(
      () => true,
      () => false,
    )
    client.release(!rolledBack)
    throw error
  }
}
