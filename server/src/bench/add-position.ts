import { keepAsked } from '../round/keep-asked.ts'
import type { Db } from '../store/database.ts'
import { insertPosition, type StoredJudgement } from '../store/positions.ts'

/** Adds a position that was judged, with what it asks for on a round; returns its id. */
export async function addPosition(
  db: Db,
  position: Parameters<typeof insertPosition>[1],
  judged: StoredJudgement,
): Promise<string> {
  const id = await insertPosition(db, position, judged)
  await keepAsked(db, position.siteId, id, judged.points)
  return id
}
