import type { PointWorks } from '@yardfrost/core'
import type { Db } from '../store/database.ts'
import { keepPoints } from '../store/points.ts'
import { reckonDue } from './reckon-due.ts'

/** Keeps what a position that was just judged asks for on a round; what has not changed is due when it was. */
export async function keepAsked(db: Db, siteId: string, positionId: string, points: PointWorks): Promise<void> {
  const pointIds = await keepPoints(db, positionId, points)
  if (pointIds.length > 0) await reckonDue(db, siteId, { pointIds })
}
