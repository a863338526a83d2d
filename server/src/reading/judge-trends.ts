import { addDays, judgeTrend, type SiteLimits, type Trend, type TrendQuantity } from '@yardfrost/core'
import type pg from 'pg'
import type { Db } from '../store/database.ts'
import type { PositionTrend, ReadingDay } from '@yardfrost/contract'
import { listDays, mountedAt, putTrend } from '../store/readings.ts'
import { getSettings } from '../store/sites.ts'

/** Older days say nothing of how a bearing runs now. */
const yearsShown = 5
/** The method takes no more days than these. */
const mostDays = 4000

/** Limits of the site in the place of the usual ones. */
function fixedOf(quantity: TrendQuantity, { warmC, hotC, roughMmPerS, wildMmPerS }: SiteLimits) {
  if (quantity === 'temperature' && (warmC !== null || hotC !== null)) return { alert: warmC, alarm: hotC }
  if (quantity === 'velocity' && (roughMmPerS !== null || wildMmPerS !== null))
    return { alert: roughMmPerS, alarm: wildMmPerS }
  return undefined
}

/** Everything read at a position, by quantity, judged since its bearing was last changed. */
export async function trendsOf(
  db: Db,
  siteId: string,
  positionId: string,
  limits: SiteLimits,
  asOf: string,
): Promise<PositionTrend[]> {
  const all = await listDays(db, siteId, positionId, addDays(asOf, -365 * yearsShown))
  const since = (await mountedAt(db, siteId, positionId))?.slice(0, 10) ?? null
  const quantities = [...new Set(all.map(({ quantity }) => quantity))]
  return quantities.map((quantity) => {
    const days = all.filter((day) => day.quantity === quantity).map(({ quantity: _quantity, ...day }) => day)
    // A bearing that was changed after the last reading has no trend yet.
    const judged = days.slice(-mostDays)
    const fresh = since === null || judged.some(({ day }) => day >= addDays(since, settleDays))
    return { quantity, since, days, trend: fresh ? judge(quantity, judged, since, limits, asOf) : null }
  })
}

/** Days after a mounting that do not count: grease runs in. */
const settleDays = 2

function judge(
  quantity: TrendQuantity,
  days: readonly ReadingDay[],
  since: string | null,
  limits: SiteLimits,
  asOf: string,
): Trend {
  const fixed = fixedOf(quantity, limits)
  return judgeTrend({
    quantity,
    daily: days.map(({ day, median, count }) => ({ date: day, median, count })),
    ...(since === null ? {} : { since }),
    ...(fixed ? { fixed } : {}),
    ...{ settleDays, ambient: false, limits: 'both', slopeCount: 30, horizonDays: 30, asOf },
  })
}

/** Judges positions anew, and keeps where their readings are going. */
export async function judgeTrends(
  db: pg.PoolClient,
  siteId: string,
  positionIds: Iterable<string>,
  asOf: string,
): Promise<void> {
  const { settings } = await getSettings(db, siteId)
  for (const positionId of positionIds)
    for (const { quantity, trend } of await trendsOf(db, siteId, positionId, settings.limits, asOf))
      if (trend) await putTrend(db, siteId, positionId, quantity, trend)
}
