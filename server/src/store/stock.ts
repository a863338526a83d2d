import { StockLine, Wanted } from '@yardfrost/contract'
import type { StockEntry, StockMoveKind } from '@yardfrost/core'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Who } from './audit.ts'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, IdRow, maybeOne, run } from './rows.ts'

const sql = readQueries('./stock.sql', import.meta.url, [
  'listStock',
  'addStock',
  'saveStock',
  'holdStock',
  'addMove',
  'countStock',
  'dropStock',
  'listWanted',
  'listFittedNumbers',
])

const LineRow = z
  .looseObject({ greased_on: z.string().nullable() })
  .transform(({ greased_on: greasedOn, ...row }) => StockLine.parse({ ...row, greasedOn }))
const WantedRow = z
  .looseObject({ job_id: z.uuid(), planned_for: z.string().nullable() })
  .transform(({ job_id: jobId, planned_for: plannedFor, ...row }) => Wanted.parse({ ...row, jobId, plannedFor }))
const FittedRow = z.object({ designation: z.string(), positions: z.int() })

/** Everything in stock of a site, by number and place. */
export const listStock = (db: Db, siteId: string): Promise<StockLine[]> => any(db, sql.listStock(siteId), LineRow)
/** Bearings that open jobs will fit, the soonest first. */
export const listWanted = (db: Db, siteId: string): Promise<Wanted[]> => any(db, sql.listWanted(siteId), WantedRow)
/** Numbers that are fitted in machines in service, the most fitted first. */
export const listFittedNumbers = (db: Db, siteId: string): Promise<z.output<typeof FittedRow>[]> =>
  any(db, sql.listFittedNumbers(siteId), FittedRow)

/** Adds a line and returns its id; null where that number lies in that place already. */
export const insertStock = (
  db: Db,
  siteId: string,
  { designation, place, condition, greasedOn, count, least, note }: StockEntry,
): Promise<string | null> =>
  maybeOne(db, sql.addStock(siteId, designation, place, condition, greasedOn, count, least, note), IdRow)

/** Stores a changed line, but for its count; false when somebody saved since `version`. */
export async function storeStock(
  db: Db,
  { siteId, id, version }: { siteId: string; id: string; version: number },
  { designation, place, condition, greasedOn, least, note }: Omit<StockEntry, 'count'>,
): Promise<boolean> {
  const query = sql.saveStock(siteId, id, version, designation, place, condition, greasedOn, least, note)
  return (await maybeOne(db, query, IdRow)) !== null
}

/** One line, held until the transaction is over. @throws NotFoundError */
export async function holdStock(db: Db, siteId: string, id: string): Promise<StockLine> {
  const line = await maybeOne(db, sql.holdStock(siteId, id), LineRow)
  if (!line)
    throw new NotFoundError('line of the shelf', id, 'Somebody may have taken it off; look at the shelf again.')
  return line
}

/** Keeps what was done with a line; false for what was sent before. */
export const insertMove = async (
  db: Db,
  who: Who,
  move: { id: string; stockId: string; kind: StockMoveKind; change: number; jobId: string | null },
): Promise<boolean> =>
  (await maybeOne(
    db,
    sql.addMove(move.id, who.siteId, move.stockId, move.kind, move.change, move.jobId, who.accountId),
    IdRow,
  )) !== null

/** How many there are of a line from now on. */
export const storeCount = (db: Db, id: string, count: number): Promise<void> => run(db, sql.countStock(id, count))

/** Takes a line off the shelf. */
export const deleteStock = (db: Db, siteId: string, id: string): Promise<void> => run(db, sql.dropStock(siteId, id))
