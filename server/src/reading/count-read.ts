import type { TrendQuantity } from '@yardfrost/core'
import type pg from 'pg'
import { countDays, findBasis, judgeDays, mountedAt, putBasis, type DayRead } from '../store/readings.ts'

/** The usual load is the middle one of so many days, as the baseline is. */
const daysOfLoad = 14
/** A reading is like another while its load is within this share of the usual one. */
const near = 0.1

/** Counts the days on which something was read anew, and keeps them comparable: only readings near the usual load, the room taken off. */
export async function countRead(db: pg.PoolClient, siteId: string, read: readonly DayRead[]): Promise<void> {
  await countDays(db, siteId, read)
  const positions = new Map<string, Map<TrendQuantity, string[]>>()
  for (const { positionId, quantity, day } of read) {
    const rows = positions.get(positionId) ?? new Map<TrendQuantity, string[]>()
    positions.set(positionId, rows.set(quantity, [...(rows.get(quantity) ?? []), day]))
  }
  for (const [positionId, rows] of positions) {
    const since = (await mountedAt(db, siteId, positionId))?.slice(0, 10) ?? null
    for (const [quantity, days] of rows) await compare(db, siteId, { positionId, quantity, days }, since)
  }
}

/** Keeps like with like in a row of readings since a day: in the days just read, or in all where what they go by has changed. */
async function compare(
  db: pg.PoolClient,
  siteId: string,
  row: { positionId: string; quantity: TrendQuantity; days: string[] },
  since: string | null,
): Promise<void> {
  const { should, known } = await findBasis(db, siteId, row, since, daysOfLoad)
  if (!known && !should.room && should.load === null) return
  const same = known && known.room === should.room && known.load === should.load && known.since === since
  if (!same) await putBasis(db, siteId, row, should, since)
  await judgeDays(db, siteId, row, same ? { days: row.days } : { since }, { ...should, near })
}
