import { addDays, judgeTrend, type SiteLimits, type Trend, type TrendQuantity } from '@yardfrost/core'
import type pg from 'pg'
import type { Db } from '../store/database.ts'
import type { PositionTrend, ReadingDay } from '@yardfrost/contract'
import { listBases, listDays, mountedAt, putTrend, type ReadingBasis, type StoredDay } from '../store/readings.ts'
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
  const bases = await listBases(db, siteId, positionId)
  const quantities = [...new Set(all.map(({ quantity }) => quantity))]
  return quantities.map((quantity) => {
    const basis = bases.find((one) => one.quantity === quantity) ?? null
    const days = all.filter((one) => one.quantity === quantity).map((one) => dayOf(one, basis))
    // A bearing that was changed after the last reading has no trend yet.
    const judged = days.slice(-mostDays).filter((one) => one.judged !== null)
    const fresh = judged.some(({ day }) => since === null || day >= addDays(since, settleDays))
    const { room = false, load = null } = basis ?? {}
    const trend = fresh ? judge(quantity, judged, { since, room }, limits, asOf) : null
    return { quantity, since, room, load, days: days.map(({ raw: _raw, like: _like, ...day }) => day), trend }
  })
}

/** Days after a mounting that do not count: grease runs in. */
const settleDays = 2

/** A day as it is judged: all that was read, or what of it is like the others. */
type JudgedDay = ReadingDay & { raw: number | null; like: number }

function dayOf(
  { day, count, low, high, median, judged_count, judged_median, judged_raw }: StoredDay,
  basis: ReadingBasis | null,
): JudgedDay {
  const all = { day, count, low, high, median }
  return basis
    ? { ...all, judged: judged_median, raw: judged_raw, like: judged_count ?? 0 }
    : { ...all, judged: median, raw: null, like: count }
}

function judge(
  quantity: TrendQuantity,
  days: readonly JudgedDay[],
  { since, room }: { since: string | null; room: boolean },
  limits: SiteLimits,
  asOf: string,
): Trend {
  const fixed = fixedOf(quantity, limits)
  return judgeTrend({
    quantity,
    daily: days.map(({ day, judged, raw, like }) => ({ date: day, median: judged ?? 0, rawMedian: raw, count: Math.max(1, like) })), // prettier-ignore
    ...(since === null ? {} : { since }),
    ...(fixed ? { fixed } : {}),
    ...{ settleDays, ambient: room, limits: 'both', slopeCount: 30, horizonDays: 30, asOf },
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
