import type { JobReading } from '../model/job.ts'
import { now, type Check } from '../working/check.ts'
import * as words from './words.ts'

/** A temperature read so long after the start. */
export interface RunUpPoint {
  minutes: number
  celsius: number
}

/** One that climbs faster than this after the first quarter of an hour does not settle by itself, K an hour. */
const runawayKPerH = 60

/**
 * Whether a bearing has run warm and settled, from its last two readings.
 *
 * @returns null while there are not two
 * @see commissioning practice: grease lubricated bearings peak once and fall back within hours
 */
export function settledCheck(points: readonly RunUpPoint[]): Check | null {
  const [before, last] = [...points].sort((a, b) => a.minutes - b.minutes).slice(-2)
  if (!before || !last || last.minutes === before.minutes) return null
  const climbs = ((last.celsius - before.celsius) / (last.minutes - before.minutes)) * 60
  const values = { climbsKPerH: climbs }
  if (climbs > runawayKPerH) return now('settled', 'stop', words.runsAway(climbs), { values })
  return climbs > words.settledKPerH
    ? now('settled', 'watch', words.stillClimbs(climbs), { values })
    : now('settled', 'go', words.hasSettled(climbs), { values })
}

/** Readings of a run-up as points, by the id of their position. */
export function runUpPoints(
  readings: readonly { reading: Pick<JobReading, 'gives'>; entry: { value: number | null } | null }[],
): Map<string, RunUpPoint[]> {
  const points = new Map<string, RunUpPoint[]>()
  for (const { reading, entry } of readings) {
    const { gives } = reading
    if (gives?.what !== 'run-up' || entry?.value == null) continue
    points.set(gives.position, [
      ...(points.get(gives.position) ?? []),
      { minutes: gives.minutes, celsius: entry.value },
    ])
  }
  return points
}
