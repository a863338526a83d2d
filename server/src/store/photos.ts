import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { IdRow, maybeOne, one } from './rows.ts'

const sql = readQueries('./photos.sql', import.meta.url, ['holdRoom', 'addPhoto', 'getPhoto'])

/** The job, the round or the position a photograph belongs to. */
export type PhotoOf = Partial<Record<'jobId' | 'roundId' | 'positionId', string>>

const TakenRow = z.object({ taken: z.coerce.number() }).transform(({ taken }) => taken)

/** What the photographs of a site take, bytes; nobody else adds one until the transaction is over. */
export const holdPhotoRoom = (db: Db, siteId: string): Promise<number> => one(db, sql.holdRoom(siteId), TakenRow)

/** Stores a photograph; one that was sent before is kept once. False where other work has its id. */
export async function insertPhoto(
  db: Db,
  { siteId, accountId }: { siteId: string; accountId: string | null },
  photo: { id: string; of: PhotoOf; type: string; content: Uint8Array },
): Promise<boolean> {
  const { jobId = null, roundId = null, positionId = null } = photo.of
  const query = sql.addPhoto(photo.id, siteId, jobId, roundId, positionId, photo.type, photo.content, accountId)
  return (await maybeOne(db, query, IdRow)) !== null
}

const PhotoRow = z.object({ type: z.string(), content: z.instanceof(Buffer) })

/** @param workId - the job, the round or the position. @throws NotFoundError */
export async function getPhoto(db: Db, siteId: string, workId: string, photoId: string) {
  const found = await maybeOne(db, sql.getPhoto(siteId, workId, photoId), PhotoRow)
  if (!found) throw new NotFoundError('photograph', photoId)
  return found
}
