import type pg from 'pg'
import { insertReadings, type NewReading } from '../store/readings.ts'
import { today } from '../round/today.ts'
import { compareLikeWithLike } from './like-with-like.ts'
import { judgeTrends } from './judge-trends.ts'

/**
 * Keeps readings and their days, and judges nothing yet.
 *
 * @param source - who or what read them: a round, a file, a collector
 */
export async function keepReadings(
  db: pg.PoolClient,
  siteId: string,
  readings: readonly NewReading[],
  source: string,
): Promise<void> {
  await insertReadings(db, siteId, readings, source)
  await compareLikeWithLike(db, siteId, readings)
}

/** Keeps readings, and judges their positions by them. */
export async function addReadings(
  db: pg.PoolClient,
  siteId: string,
  readings: readonly NewReading[],
  source: string,
): Promise<void> {
  if (readings.length === 0) return
  await keepReadings(db, siteId, readings, source)
  await judgeTrends(db, siteId, new Set(readings.map(({ positionId }) => positionId)), today())
}
