import { LooseBearing } from '@yardfrost/contract'
import type { Machine } from '@yardfrost/core'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, IdRow, maybeOne, one, run, time } from './rows.ts'

const sql = readQueries('./loose.sql', import.meta.url, [
  'listLoose',
  'addLooseBench',
  'holdLoose',
  'renameLoose',
  'placeLoose',
  'dropLooseBench',
])

const LooseRow = z
  .looseObject({ saved_at: time, saved_by: z.string().nullable() })
  .transform(({ saved_at, saved_by, ...row }) => LooseBearing.parse({ ...row, savedAt: saved_at, savedBy: saved_by }))

/** Bearings of a site on benches of their own, the one saved last first, at most `limit`. */
export const listLoose = (db: Db, siteId: string, limit: number): Promise<LooseBearing[]> =>
  any(db, sql.listLoose(siteId, limit), LooseRow)

/** Makes what a loose bearing lies on, and returns its id. */
export const insertLooseBench = (db: Db, siteId: string, { kind, duty }: Machine): Promise<string> =>
  one(db, sql.addLooseBench(siteId, kind, duty), IdRow)

/** Id of the bench under a loose bearing, held until the transaction is over. @throws NotFoundError where it is not loose */
export async function holdLoose(db: Db, siteId: string, positionId: string): Promise<string> {
  const bench = await maybeOne(db, sql.holdLoose(siteId, positionId), IdRow)
  if (!bench) throw new NotFoundError('loose bearing', positionId, 'It may be on a machine by now; see the counter.')
  return bench
}

/** Another name for a position. */
export const storeLooseName = (db: Db, positionId: string, name: string): Promise<void> =>
  run(db, sql.renameLoose(positionId, name))

/** Moves a position from its loose bench to a machine; the bench goes. */
export async function movePlaced(
  db: Db,
  { positionId, benchId }: { positionId: string; benchId: string },
  to: { machineId: string; name: string },
): Promise<void> {
  await run(db, sql.placeLoose(positionId, to.machineId, to.name))
  await run(db, sql.dropLooseBench(benchId))
}
