import type { PointWorks } from '@yardfrost/core'
import type { Db } from '../store/database.ts'
import { keepPoints } from '../store/points.ts'
import { reckonDue } from './reckon-due.ts'

/** Keeps what a position that was just judged asks for on a round, and when that is due. */
export async function keepAsked(db: Db, siteId: string, positionId: string, points: PointWorks): Promise<void> {
  await keepPoints(db, positionId, points)
  await reckonDue(db, siteId, { positionId })
}
