import { SavePosition, SaveShaft, type Yard } from '@yardfrost/contract'
import { assess, parseInput, type References } from '@yardfrost/core'
import { Router } from 'express'
import type pg from 'pg'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import { listYard } from '../store/machines.ts'
import { getPosition, listRevisions, savePosition } from '../store/positions.ts'
import { getShaft, saveShaft } from '../store/shafts.ts'
import { accountOf, maySave, signedIn } from './access.ts'

const historyShown = 50

/** Yard, shafts and positions of the site of whoever is signed in. */
export function siteRoutes(pool: pg.Pool, references: References): Router {
  const { catalogue, damage } = references
  const router = Router()
  router.use(['/yard', '/machines', '/positions'], signedIn(pool))
  router.param('id', (_request, _response, next, id: string) => {
    next(z.uuid().safeParse(id).success ? undefined : new NotFoundError('entry', id))
  })

  router.get('/yard', async (request, response) => {
    const account = accountOf(request)
    const yard: Yard = { site: account.siteName, areas: await listYard(pool, account.siteId) }
    response.json(yard)
  })

  router.get('/machines/:id/shaft', async (request, response) => {
    response.json(await getShaft(pool, accountOf(request).siteId, request.params.id))
  })

  router.put('/machines/:id/shaft', maySave, async (request, response) => {
    const account = accountOf(request)
    const save = parseInput(SaveShaft, request.body, 'path')
    const machineId = String(request.params['id'])
    response.json(
      await saveShaft(pool, references, { ...save, siteId: account.siteId, accountId: account.id, machineId }),
    )
  })

  router.get('/positions/:id', async (request, response) => {
    response.json(await getPosition(pool, accountOf(request).siteId, request.params.id))
  })

  router.put('/positions/:id', maySave, async (request, response) => {
    const account = accountOf(request)
    const { version, inputs } = parseInput(SavePosition, request.body, 'path')
    const { machine } = await getPosition(pool, account.siteId, String(request.params['id']))
    response.json(
      await savePosition(pool, {
        siteId: account.siteId,
        accountId: account.id,
        positionId: String(request.params['id']),
        version,
        inputs,
        assessment: assess(inputs, machine, catalogue, damage),
      }),
    )
  })

  router.get('/positions/:id/history', async (request, response) => {
    response.json(await listRevisions(pool, accountOf(request).siteId, request.params.id, historyShown))
  })

  return router
}
