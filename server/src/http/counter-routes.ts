import type { References } from '@yardfrost/core'
import type pg from 'pg'
import { addLoose } from '../bench/add-loose.ts'
import { renameLoose, takeOffLoose } from '../bench/keep-loose.ts'
import { placeLoose } from '../bench/place-loose.ts'
import { makerValuesOf } from '../bench/with-maker.ts'
import { inTransaction } from '../store/database.ts'
import { listLoose } from '../store/loose.ts'
import { whereFitted } from '../store/positions.ts'
import { importMakerValues } from '../maker/import-maker-values.ts'
import { makerCsv } from '../report/maker-csv.ts'
import { countMakerLists, dropMakerList, listMakerValues } from '../store/maker-values.ts'
import { askJudging } from '../store/sites.ts'
import type { Serve } from './serve.ts'

const looseShown = 200
const placesShown = 100

/** The counter: bearings on benches of their own, and where a number is fitted. */
export function counterRoutes(serve: Serve, pool: pg.Pool, references: References): void {
  serve('loose', ({ who }) => listLoose(pool, who.siteId, looseShown))
  serve('addLoose', ({ who, body }) =>
    inTransaction(pool, async (db) => ({ id: await addLoose(db, references, who, body) })),
  )
  serve('renameLoose', ({ who, params, body }) =>
    inTransaction(pool, (db) => renameLoose(db, who, params.id, body.name)),
  )
  serve('placeLoose', ({ who, params, body }) =>
    inTransaction(pool, (db) => placeLoose(db, references, who, { ...body, positionId: params.id })),
  )
  serve('takeOffLoose', ({ who, params }) => inTransaction(pool, (db) => takeOffLoose(db, who, params.id)))
  serve('makerValues', ({ who, query }) => makerValuesOf(pool, who.siteId, query.designation, references))
  serve('makerLists', ({ who }) => countMakerLists(pool, who.siteId))
  serve('exportMakerValues', async ({ who, response }) => {
    response
      .type('text/csv')
      .attachment('maker-values.csv')
      .send(makerCsv(await listMakerValues(pool, who.siteId)))
  })
  serve('importMakerValues', ({ who, query, body }) =>
    inTransaction(pool, (db) => importMakerValues(db, references, who, { ...query, csv: body })),
  )
  serve('dropMakerList', ({ who, query }) =>
    inTransaction(pool, async (db) => {
      await dropMakerList(db, who.siteId, query.list)
      await askJudging(db, who.siteId)
    }),
  )
  serve('whereFitted', ({ who, query }) => whereFitted(pool, who.siteId, query.number, placesShown))
}
