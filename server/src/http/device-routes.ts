import { TakeReading } from '@yardfrost/contract'
import { parseInput } from '@yardfrost/core'
import { Router } from 'express'
import type pg from 'pg'
import type { Gauge } from '../devices/gauge.ts'
import { getPosition } from '../store/positions.ts'
import { accountOf, signedIn } from './access.ts'

/** Readings from the instruments of the shop; whoever is signed in may measure, a viewer too. */
export function deviceRoutes(pool: pg.Pool, gauge: Gauge): Router {
  const router = Router()
  router.use('/devices', signedIn(pool))

  router.post('/devices/gauge/readings', async (request, response) => {
    const task = parseInput(TakeReading, request.body, 'path')
    // Only what stands on this site can be measured here.
    await getPosition(pool, accountOf(request).siteId, task.positionId)
    response.status(201).json(await gauge.take(task))
  })

  return router
}
