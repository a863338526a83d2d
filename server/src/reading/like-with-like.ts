import type { TrendQuantity } from '@yardfrost/core'
import type pg from 'pg'
import { daysRead, findBasis, judgeDays, mountedAt, putBasis, type NewReading } from '../store/readings.ts'

/** The usual load is the middle one of so many days, as the baseline is. */
const daysOfLoad = 14
/** A reading is like another while its load is within this share of the usual one. */
const near = 0.1

/** Keeps the days on which something was read comparable: only readings near the usual load, the room taken off. */
export async function compareLikeWithLike(
  db: pg.PoolClient,
  siteId: string,
  readings: readonly NewReading[],
): Promise<void> {
  const rows = new Map<string, { positionId: string; quantity: TrendQuantity; days: string[] }>()
  for (const { positionId, quantity, day } of daysRead(readings)) {
    const key = `${positionId} ${quantity}`
    rows.set(key, { positionId, quantity, days: [...(rows.get(key)?.days ?? []), day] })
  }
  for (const row of rows.values()) {
    const since = (await mountedAt(db, siteId, row.positionId))?.slice(0, 10) ?? null
    const { should, known } = await findBasis(db, siteId, row, since, daysOfLoad)
    if (!known && !should.room && should.load === null) continue
    const same = known && known.room === should.room && known.load === should.load && known.since === since
    if (!same) await putBasis(db, siteId, row, should, since)
    await judgeDays(db, siteId, row, same ? { days: row.days } : { since }, { ...should, near })
  }
}
