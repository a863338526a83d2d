import type { References } from '@yardfrost/core'
import type pg from 'pg'
import { savePosition } from '../bench/save-position.ts'
import { saveShaft } from '../bench/save-shaft.ts'
import { inTransaction } from '../store/database.ts'
import { listYard } from '../store/machines.ts'
import { getPosition, listRevisions } from '../store/positions.ts'
import { judgeSite } from '../site/judge-site.ts'
import { savePractices } from '../site/save-practices.ts'
import { getShaft } from '../store/shafts.ts'
import { getPractices } from '../store/sites.ts'
import type { Serve } from './serve.ts'

const historyShown = 50

/** Yard, shafts and positions of the site of whoever is signed in. */
export function siteRoutes(serve: Serve, pool: pg.Pool, references: References): void {
  serve('yard', async ({ account }) => ({ site: account.siteName, areas: await listYard(pool, account.siteId) }))
  serve('shaft', ({ who, params }) => getShaft(pool, who.siteId, params.id))
  serve('saveShaft', ({ who, params, body }) =>
    inTransaction(pool, (db) => saveShaft(db, references, who, { ...body, machineId: params.id })),
  )
  serve('position', ({ who, params }) => getPosition(pool, who.siteId, params.id))
  serve('savePosition', ({ who, params, body }) =>
    inTransaction(pool, (db) => savePosition(db, references, who, { ...body, positionId: params.id })),
  )
  serve('practices', ({ who }) => getPractices(pool, who.siteId))
  serve('savePractices', async ({ who, body, request }) => {
    const saved = await inTransaction(pool, (db) => savePractices(db, who, body))
    // The states of a whole plant take a while: the answer does not wait for them.
    judgeSite(pool, references, who.siteId).catch((error: unknown) =>
      request.log.error({ err: error }, 'a site could not be judged anew'),
    )
    return saved
  })
  serve('history', async ({ who, params: { id } }) => {
    await getPosition(pool, who.siteId, id)
    return listRevisions(pool, who.siteId, id, historyShown)
  })
}
