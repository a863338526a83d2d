import type { PlantStop } from '@yardfrost/contract'
import type pg from 'pg'
import { recordEvent, type Who } from '../store/audit.ts'
import { listStops, storeStops } from '../store/points.ts'

/** Another list of the days on which the plant stands. */
export async function saveStops(db: pg.PoolClient, who: Who, stops: readonly PlantStop[]): Promise<PlantStop[]> {
  await storeStops(db, who.siteId, stops)
  await recordEvent(db, who, { kind: 'stops.saved', subjectId: who.siteId, detail: { stops } })
  return listStops(db, who.siteId)
}
