import type pg from 'pg'
import { isDatabaseAway } from '../store/database.ts'
import { isDiskFullNow } from './disk-full.ts'
import type { Serve } from './serve.ts'

/** Whether this server and its database answer. */
export function healthRoutes(serve: Serve, pool: pg.Pool, version: string): void {
  serve('health', async ({ request, response }) => {
    const database = await pool.query('select 1').then(
      () => (isDiskFullNow(request.app) ? ('full' as const) : ('ok' as const)),
      (error: unknown) => {
        if (isDatabaseAway(error)) return 'down' as const
        throw error
      },
    )
    const health = { status: database, database, version }
    if (database !== 'ok') response.status(503).json(health)
    return health
  })
}
