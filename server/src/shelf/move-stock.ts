import type { MoveStock, StockLine } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import type pg from 'pg'
import { recordEvent, type Who } from '../store/audit.ts'
import { getJob } from '../store/jobs.ts'
import { holdStock, insertMove, storeCount } from '../store/stock.ts'

/**
 * Puts bearings in, takes them out, or says how many were counted; what is sent twice counts once.
 *
 * @throws InputError on `count` for more than there are, or none; NotFoundError for a line or a job that is not there
 */
export async function moveStock(
  db: pg.PoolClient,
  who: Who,
  stockId: string,
  { id, kind, count, jobId = null }: MoveStock,
): Promise<StockLine> {
  const line = await holdStock(db, who.siteId, stockId)
  if (jobId !== null) await getJob(db, who.siteId, jobId)
  const change = { in: count, out: -count, counted: count - line.count }[kind]
  if (!(await insertMove(db, who, { id, stockId, kind, change, jobId }))) return line
  if (line.count + change < 0 || (kind !== 'counted' && count === 0))
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'count',
      value: count,
      allowed: kind === 'out' ? `1 to ${line.count}, as many as lie there` : '1 or more',
      fix: kind === 'out' ? 'Count what lies there, and say so first.' : 'Say how many.',
    })
  await storeCount(db, stockId, line.count + change)
  await recordEvent(db, who, { kind: 'stock.moved', subjectId: stockId, detail: { kind, change, jobId } })
  return holdStock(db, who.siteId, stockId)
}
