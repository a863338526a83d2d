import { roomForPhotos } from '@yardfrost/contract'
import type { References } from '@yardfrost/core'
import type pg from 'pg'
import { openPosition } from '../bench/open-position.ts'
import { savePosition } from '../bench/save-position.ts'
import { saveShaft } from '../bench/save-shaft.ts'
import { inTransaction } from '../store/database.ts'
import { listYard } from '../store/machines.ts'
import { getPosition, listRevisions } from '../store/positions.ts'
import { savePractices, saveSettings } from '../site/save-settings.ts'
import { getBackups } from '../store/backups.ts'
import { getShaft } from '../store/shafts.ts'
import { getJudging, getPhotoRoom, getPractices, getSettings } from '../store/sites.ts'
import type { Serve } from './serve.ts'

const historyShown = 50

/** Yard, shafts and positions of the site of whoever is signed in. */
export function siteRoutes(serve: Serve, pool: pg.Pool, references: References): void {
  serve('yard', async ({ account }) => ({ site: account.siteName, areas: await listYard(pool, account.siteId) }))
  serve('shaft', ({ who, params }) => getShaft(pool, who.siteId, params.id))
  serve('saveShaft', ({ who, params, body }) =>
    inTransaction(pool, (db) => saveShaft(db, references, who, { ...body, machineId: params.id })),
  )
  serve('position', ({ who, params }) => openPosition(pool, references, who.siteId, params.id))
  serve('savePosition', ({ who, params, body }) =>
    inTransaction(pool, (db) => savePosition(db, references, who, { ...body, positionId: params.id })),
  )
  serve('practices', ({ who }) => getPractices(pool, who.siteId))
  serve('savePractices', ({ who, body }) => inTransaction(pool, (db) => savePractices(db, who, body)))
  serve('settings', ({ who }) => getSettings(pool, who.siteId))
  serve('saveSettings', ({ who, body }) => inTransaction(pool, (db) => saveSettings(db, who, body)))
  serve('judging', ({ who }) => getJudging(pool, who.siteId))
  serve('keeping', async ({ who }) => {
    const [backup, photos] = await Promise.all([getBackups(pool), getPhotoRoom(pool, who.siteId)])
    return { backup, photos: { ...photos, room: roomForPhotos } }
  })
  serve('history', async ({ who, params: { id } }) => {
    const saves = await listRevisions(pool, who.siteId, id, historyShown)
    // Every position has one: without any there is no such position here.
    if (saves.length === 0) await getPosition(pool, who.siteId, id)
    return saves
  })
}
