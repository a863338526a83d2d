import type { Health } from '@yardfrost/contract'
import { Router } from 'express'
import type pg from 'pg'
import { isDatabaseAway } from '../store/database.ts'

/** Whether this server and its database answer. */
export function healthRoutes(pool: pg.Pool, version: string): Router {
  const router = Router()
  router.get('/health', async (_request, response) => {
    const database = await pool.query('select 1').then(
      () => 'ok' as const,
      (error: unknown) => {
        if (isDatabaseAway(error)) return 'down' as const
        throw error
      },
    )
    const health: Health = { status: database, database, version }
    response.status(database === 'ok' ? 200 : 503).json(health)
  })
  return router
}
