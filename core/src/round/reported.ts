import { greasingSigns } from '../records/adapt-interval.ts'
import type { Reported } from '../model/reported.ts'
import type { Trend, TrendQuantity } from '../records/trend/schema.ts'
import type { RoundEntry } from './entry.ts'
import { noticedSign } from './noticed.ts'
import { seenAt, type ReadAround } from './observed.ts'
import { standing } from './progress.ts'

/** What a bearing shows once it is over its limit, where its trend names no sign of its own. */
const overLimit: Partial<Record<TrendQuantity, string>> = { velocity: 'vibration-high-running' }

/**
 * Signs that rounds and readings tell of a bearing: of every point the last visit that told anything, and what is over its limit.
 *
 * @param points - entries of each point of the position since its bearing was fitted, in order
 * @returns one of each sign, the latest
 */
export function reportedSigns(
  points: readonly (readonly RoundEntry[])[],
  around: ReadAround,
  trends: readonly { quantity: TrendQuantity; trend: Trend; day: string }[],
): Reported[] {
  const all = [...points.flatMap((entries) => ofRounds(entries, around)), ...trends.flatMap(ofTrend)]
  const latest = new Map<string, Reported>()
  for (const one of all) if ((latest.get(one.sign)?.day ?? '') <= one.day) latest.set(one.sign, one)
  return [...latest.values()].sort((a, b) => a.day.localeCompare(b.day) || (a.sign < b.sign ? -1 : 1))
}

function ofRounds(entries: readonly RoundEntry[], around: ReadAround): Reported[] {
  const seen = seenAt(entries, around)
  const told = [
    ...seen.map(({ day, came, temperature, ultrasound }) => ({
      day,
      signs: greasingSigns({
        ...(came ? { purged: came } : {}),
        ...(temperature ? { temperature } : {}),
        ...(ultrasound ? { ultrasound } : {}),
      }),
    })),
    ...standing(entries)
      .filter(({ noticed }) => noticed.length > 0)
      .map(({ at, noticed }) => ({ day: at.slice(0, 10), signs: noticed.flatMap((one) => noticedSign[one] ?? []) })),
  ]
  // What was seen at a visit before has been answered by the one after it.
  const last = told.reduce((latest, { day }) => (day > latest ? day : latest), '')
  return told
    .filter(({ day }) => day === last)
    .flatMap(({ day, signs }) => signs.map((sign) => ({ sign, day, from: 'round' as const })))
}

function ofTrend({ quantity, trend, day }: { quantity: TrendQuantity; trend: Trend; day: string }): Reported[] {
  const sign = overLimit[quantity]
  const over = trend.reasons.some((reason) => reason === 'over-alarm' || reason === 'over-alert')
  const signs = [...trend.signs, ...(sign && over ? [sign] : [])]
  return signs.map((one) => ({ sign: one, day, from: 'readings' }))
}
