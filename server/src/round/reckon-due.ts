import { dueOf, pointPlan } from '@yardfrost/core'
import type { Db } from '../store/database.ts'
import { listReckoned, storeDue } from '../store/points.ts'
import { today } from './today.ts'

/** Reckons anew when points are due: those of a machine, or some by their ids. */
export async function reckonDue(db: Db, siteId: string, which: Parameters<typeof listReckoned>[2]): Promise<void> {
  const asOf = today()
  const points = await listReckoned(db, siteId, which)
  const all = points.map(({ id, kind, work, own, hours, lastDone }) => ({
    id,
    ...dueOf(pointPlan(kind, work, own), hours, lastDone !== null && lastDone > asOf ? asOf : lastDone, asOf),
  }))
  if (all.length > 0) await storeDue(db, all)
}
