import { addDays, grouped, judgeTrend, type SiteLimits, type Trend, type TrendQuantity } from '@yardfrost/core'
import type pg from 'pg'
import type { PositionTrend } from '@yardfrost/contract'
import type { Db } from '../store/database.ts'
import { listBases, listDays, listJudged, mountedAt, putTrend, type JudgedDay } from '../store/readings.ts'
import { getSettings } from '../store/sites.ts'

/** Older days say nothing of how a bearing runs now. */
const yearsShown = 5
/** So many of the last days are shown one by one, those before by weeks. */
const daysShown = 400
/** Days after a mounting that do not count: grease runs in. */
const settleDays = 2
/** Once so many days are in, the first of them are the baseline for good. */
const daysOfBaseline = 28
/** Slope and jump look at no more than the last of these, with room for what a pause leaves out. */
const lastDays = 90

/** Limits of the site in the place of the usual ones. */
function fixedOf(quantity: TrendQuantity, { warmC, hotC, roughMmPerS, wildMmPerS }: SiteLimits) {
  if (quantity === 'temperature' && (warmC !== null || hotC !== null)) return { alert: warmC, alarm: hotC }
  if (quantity === 'velocity' && (roughMmPerS !== null || wildMmPerS !== null))
    return { alert: roughMmPerS, alarm: wildMmPerS }
  return undefined
}

/** Where each quantity read at a position is going since its bearing was last changed; none for what was not read since. */
async function verdictsOf(
  db: Db,
  siteId: string,
  positionId: string,
  limits: SiteLimits,
  asOf: string,
): Promise<{ since: string | null; trends: Map<TrendQuantity, Trend> }> {
  const since = (await mountedAt(db, siteId, positionId))?.slice(0, 10) ?? null
  const from = since && addDays(since, settleDays)
  const days = await listJudged(db, siteId, positionId, from, { first: daysOfBaseline, last: lastDays })
  const rooms = new Set(
    (await listBases(db, siteId, positionId)).flatMap(({ quantity, room }) => (room ? quantity : [])),
  )
  const trends = [...grouped(days, ({ quantity }) => quantity)].map(
    ([quantity, row]) =>
      [quantity, judge(row, { quantity, room: rooms.has(quantity), fixed: fixedOf(quantity, limits), asOf })] as const,
  )
  return { since, trends: new Map(trends) }
}

/** Judges a row by its last days, against the first ones. */
function judge(
  row: readonly JudgedDay[],
  { quantity, room, fixed, asOf }: { quantity: TrendQuantity; room: boolean; fixed: ReturnType<typeof fixedOf>; asOf: string }, // prettier-ignore
): Trend {
  const usual = {
    quantity,
    ...(fixed ? { fixed } : {}),
    ...{ settleDays: 0, ambient: room, limits: 'both' as const, slopeCount: 30, horizonDays: 30, asOf },
  }
  const daily = (some: readonly JudgedDay[]) => some.map(({ day, median, raw, count }) => ({ date: day, median, rawMedian: raw, count })) // prettier-ignore
  const [first] = row
  const days = first?.days ?? 0
  const judged = (some: readonly JudgedDay[], baseline?: Trend['baseline']) =>
    judgeTrend({ ...usual, daily: daily(some), ...(baseline ? { baseline: { median: baseline.median, mad: baseline.mad } } : {}) }) // prettier-ignore
  if (days <= lastDays) return judged(row)
  const { baseline } = judged(row.slice(0, daysOfBaseline))
  const trend = judged(row.slice(-lastDays), baseline)
  return { ...trend, days, firstDate: first?.day ?? trend.firstDate, baseline }
}

/** Everything read at a position, by quantity, judged since its bearing was last changed. */
export async function trendsOf(
  db: Db,
  siteId: string,
  positionId: string,
  limits: SiteLimits,
  asOf: string,
): Promise<PositionTrend[]> {
  const all = await listDays(db, siteId, positionId, {
    from: addDays(asOf, -365 * yearsShown),
    daysFrom: addDays(asOf, -daysShown),
  })
  const bases = await listBases(db, siteId, positionId)
  const { since, trends } = await verdictsOf(db, siteId, positionId, limits, asOf)
  return [...new Set(all.map(({ quantity }) => quantity))].map((quantity) => {
    const { room = false, load = null } = bases.find((one) => one.quantity === quantity) ?? {}
    const days = all.filter((one) => one.quantity === quantity).map(({ quantity: _quantity, ...day }) => day)
    // A bearing that was changed after the last reading has no trend yet.
    return { quantity, since, room, load, days, trend: trends.get(quantity) ?? null }
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
  for (const positionId of positionIds) {
    const { trends } = await verdictsOf(db, siteId, positionId, settings.limits, asOf)
    for (const [quantity, trend] of trends) await putTrend(db, siteId, positionId, quantity, trend)
  }
}
