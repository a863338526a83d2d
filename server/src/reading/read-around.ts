import { addDays, grouped, type ReadAround, type RoundEntry, type Trend, type TrendQuantity } from '@yardfrost/core'
import type { Db } from '../store/database.ts'
import { listHousing, listVerdicts } from '../store/readings.ts'

/** A housing has settled from a day after greasing on; a reading of so many days later tells of something else. */
const [settledFrom, settledTo] = [1, 3]

/** Where the readings of a position are going, and the day each was last read. */
export interface PositionVerdict {
  quantity: TrendQuantity
  trend: Trend
  day: string
}

/** What readings at some positions add to what was said and read of them on rounds. */
export async function readAround(
  db: Db,
  siteId: string,
  told: readonly { positionId: string; entries: readonly RoundEntry[] }[],
): Promise<(positionId: string) => ReadAround & { verdicts: PositionVerdict[] }> {
  const positionIds = [...new Set(told.map(({ positionId }) => positionId))]
  const verdictsOf = grouped(await listVerdicts(db, siteId, positionIds), ({ positionId }) => positionId)
  const from = firstWarmth(told.flatMap(({ entries }) => entries))
  const days = from === null ? [] : await listHousing(db, siteId, positionIds, from)
  const housingOf = grouped(days, ({ positionId }) => positionId)
  return (positionId) => {
    const verdicts = verdictsOf.get(positionId) ?? []
    const housing = housingOf.get(positionId) ?? []
    return {
      verdicts,
      settledC: (day) =>
        housing.find((one) => one.day >= addDays(day, settledFrom) && one.day <= addDays(day, settledTo))?.median ??
        null,
      baselineDb: verdicts.find(({ quantity }) => quantity === 'ultrasound')?.trend.baseline?.median ?? null,
    }
  }
}

/** Day on which a housing was first read before greasing: how it settled is asked for no earlier one; null where none was. */
const firstWarmth = (entries: readonly RoundEntry[]): string | null =>
  entries.reduce<string | null>((first, entry) => {
    if (entry.kind !== 'read' || entry.what !== 'before') return first
    const day = entry.at.slice(0, 10)
    return first === null || day < first ? day : first
  }, null)
