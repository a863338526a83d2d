import { PointHistory } from '@yardfrost/contract'
import { z } from 'zod'
import { listEvents } from '../store/audit.ts'
import type { Db } from '../store/database.ts'
import { getPoint } from '../store/points.ts'
import { listHistory } from '../store/rounds.ts'

/** So much of the past is told. */
const most = 100
const Detail = z.object({ from: z.unknown(), to: z.unknown() })

/** What was done at a point, and what was settled for it, newest first. @throws NotFoundError */
export async function pointHistory(db: Db, siteId: string, pointId: string): Promise<PointHistory> {
  await getPoint(db, siteId, pointId)
  const [visits, events] = await Promise.all([
    listHistory(db, siteId, pointId, most),
    listEvents(db, siteId, pointId, 'point.saved', most),
  ])
  const changes = events.map(({ at, by, detail }) => ({ at, by, ...Detail.parse(detail) }))
  return PointHistory.parse({ visits, changes })
}
