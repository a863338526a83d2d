import type { References } from '@yardfrost/core'
import type pg from 'pg'
import { addFitted } from '../log/add-fitted.ts'
import { fittedStory } from '../log/fitted-story.ts'
import { importLog } from '../log/import-log.ts'
import { keepFinding } from '../log/keep-finding.ts'
import { logStatistics } from '../log/statistics.ts'
import { addPhoto } from '../photo/add-photo.ts'
import { readPhoto } from '../photo/read-photo.ts'
import { findingCsv } from '../report/finding-csv.ts'
import { logCsv } from '../report/log-csv.ts'
import { today } from '../round/today.ts'
import { inTransaction } from '../store/database.ts'
import { exportLog, getFinding, getLogPage, getPlace, listFindings } from '../store/log.ts'
import { getPhoto } from '../store/photos.ts'
import type { Serve } from './serve.ts'

/** Bearings that were fitted, and what was found of them. */
export function logRoutes(serve: Serve, pool: pg.Pool, references: References): void {
  serve('log', ({ who, query }) => getLogPage(pool, who.siteId, query, today()))
  serve('logStatistics', ({ who, query }) => logStatistics(pool, who.siteId, query))
  serve('exportLog', async ({ who, response }) => {
    const rows = await exportLog(pool, who.siteId)
    response.type('text/csv').attachment('bearings.csv').send(logCsv(rows))
  })
  serve('importLog', ({ who, query: { save }, body }) =>
    inTransaction(pool, (db) => importLog(db, references, who, { csv: body, save })),
  )
  serve('addFitted', ({ who, body }) => inTransaction(pool, (db) => addFitted(db, references, who, body)))
  serve('fitted', ({ who, params }) => fittedStory(pool, who.siteId, params.id))
  serve('addFinding', ({ who, params, body }) =>
    inTransaction(pool, (db) => keepFinding(db, references, who, { positionId: params.id, entry: body })),
  )
  serve('addBenchPhoto', async ({ who, params: { id: positionId, photoId: id }, body: content }) => {
    const photo = await readPhoto(content)
    await inTransaction(pool, async (db) => {
      await getPlace(db, who.siteId, positionId)
      await addPhoto(db, who, { of: { positionId }, id, photo })
    })
    return { id }
  })
  serve('benchPhoto', async ({ who, params, response }) => {
    const { type, content } = await getPhoto(pool, who.siteId, params.id, params.photoId)
    response.type(type).set('Cache-Control', 'private, max-age=86400').send(content)
  })
  serve('findings', async ({ who, params }) => {
    await getPlace(pool, who.siteId, params.id)
    return listFindings(pool, who.siteId, params.id)
  })
  serve('finding', ({ who, params }) => getFinding(pool, who.siteId, params.id))
  serve('exportFinding', async ({ who, params, response }) => {
    response.attachment(`finding-${params.id.slice(0, 8)}.json`)
    return getFinding(pool, who.siteId, params.id)
  })
  serve('exportFindingCsv', async ({ who, params, response }) => {
    const finding = await getFinding(pool, who.siteId, params.id)
    response
      .type('text/csv')
      .attachment(`finding-${params.id.slice(0, 8)}.csv`)
      .send(findingCsv(finding, references))
  })
}
