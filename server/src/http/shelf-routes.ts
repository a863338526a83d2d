import type pg from 'pg'
import { stockCsv } from '../report/stock-csv.ts'
import { importStock } from '../shelf/import-stock.ts'
import { addStock, dropStock, saveStock } from '../shelf/keep-stock.ts'
import { moveStock } from '../shelf/move-stock.ts'
import { inTransaction } from '../store/database.ts'
import { listFittedNumbers, listStock, listWanted } from '../store/stock.ts'
import type { Serve } from './serve.ts'

/** The shelf: what lies in stock, what is done with it, and what open jobs want of it. */
export function shelfRoutes(serve: Serve, pool: pg.Pool): void {
  serve('shelf', async ({ who: { siteId } }) => {
    const [lines, wanted, fitted] = await Promise.all([
      listStock(pool, siteId),
      listWanted(pool, siteId),
      listFittedNumbers(pool, siteId),
    ])
    return { lines, wanted, fitted }
  })
  serve('addStock', ({ who, body }) => inTransaction(pool, (db) => addStock(db, who, body)))
  serve('saveStock', ({ who, params, body }) =>
    inTransaction(pool, (db) => saveStock(db, who, { ...body, id: params.id })),
  )
  serve('moveStock', ({ who, params, body }) => inTransaction(pool, (db) => moveStock(db, who, params.id, body)))
  serve('dropStock', ({ who, params }) => inTransaction(pool, (db) => dropStock(db, who, params.id)))
  serve('exportStock', async ({ who, response }) => {
    const lines = await listStock(pool, who.siteId)
    response.type('text/csv').attachment('shelf.csv').send(stockCsv(lines))
  })
  serve('importStock', ({ who, query: { save }, body }) =>
    inTransaction(pool, (db) => importStock(db, who, { csv: body, save })),
  )
}
