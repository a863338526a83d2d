import { addDays, type ReadAround, type Trend, type TrendQuantity } from '@yardfrost/core'
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

/** What readings at a position add to what was read on rounds. */
export async function readAround(
  db: Db,
  siteId: string,
  positionId: string,
): Promise<ReadAround & { verdicts: PositionVerdict[] }> {
  const verdicts = await listVerdicts(db, siteId, positionId)
  const housing = await listHousing(db, siteId, positionId)
  return {
    verdicts,
    settledC: (day) =>
      housing.find((one) => one.day >= addDays(day, settledFrom) && one.day <= addDays(day, settledTo))?.median ?? null,
    baselineDb: verdicts.find(({ quantity }) => quantity === 'ultrasound')?.trend.baseline?.median ?? null,
  }
}
