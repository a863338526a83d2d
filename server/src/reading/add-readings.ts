import type pg from 'pg'
import { daysRead, insertReadings, type NewReading } from '../store/readings.ts'
import { today } from '../round/today.ts'
import { countRead } from './count-read.ts'
import { judgeTrends } from './judge-trends.ts'

/**
 * Keeps readings, and judges their positions by them.
 *
 * @param source - who or what read them: a round, a file
 */
export async function addReadings(
  db: pg.PoolClient,
  siteId: string,
  readings: readonly NewReading[],
  source: string,
): Promise<void> {
  if (readings.length === 0) return
  await insertReadings(db, siteId, readings, source)
  await countRead(db, siteId, daysRead(readings))
  await judgeTrends(db, siteId, new Set(readings.map(({ positionId }) => positionId)), today())
}
