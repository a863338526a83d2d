import type { AdaptIntervalInput, Purged } from '../records/adapt-interval.ts'
import type { z } from 'zod'
import type { RoundEntry, RoundReading } from './entry.ts'
import { standing } from './progress.ts'

type Evidence = z.output<typeof AdaptIntervalInput>

/** What was seen and read at one greasing. */
export interface Seen {
  day: string
  came: Purged | null
  /** Housing before, at its hottest and a day after, °C. */
  temperature: NonNullable<Evidence['temperature']> | null
  /** Ultrasound when all was well, before and five minutes after, dB. */
  ultrasound: NonNullable<Evidence['ultrasound']> | null
}

/** What readings at the position add to what was read on the round. */
export interface ReadAround {
  /** Housing a day after a day, °C; null where nobody read it. */
  settledC: (day: string) => number | null
  /** Ultrasound when all was well, dB. */
  baselineDb: number | null
}

/** A reading so long before or after a greasing belongs to it, ms. */
const belongsMs = 12 * 3_600_000

/**
 * What was seen at every greasing of a point that stands, in order; one that tells nothing is left out.
 *
 * @param entries - of the point, in the order they came
 */
export function seenAt(entries: readonly RoundEntry[], { settledC, baselineDb }: ReadAround): Seen[] {
  const visits = standing(entries).filter((one) => one.kind === 'done')
  return visits.flatMap(({ at, came }): Seen[] => {
    const day = at.slice(0, 10)
    const read = readBeside(entries, at)
    const temperature = temperatureOf(read('before'), read('after'), settledC(day))
    const [beforeDb, afterDb] = [read('sound'), read('soundAfter')]
    const ultrasound =
      beforeDb === null || afterDb === null || baselineDb === null ? null : { baselineDb, beforeDb, afterDb }
    return (came ?? temperature ?? ultrasound) ? [{ day, came, temperature, ultrasound }] : []
  })
}

/** The last reading of a kind around a moment; null where there is none. */
function readBeside(entries: readonly RoundEntry[], at: string) {
  const around = entries.filter(
    (one) => one.kind === 'read' && Math.abs(Date.parse(one.at) - Date.parse(at)) <= belongsMs,
  )
  return (what: RoundReading): number | null => {
    const last = around.findLast((one) => one.kind === 'read' && one.what === what)
    return last?.kind === 'read' ? last.value : null
  }
}

/** The hottest that was read is the peak: it was at least so hot. */
function temperatureOf(beforeC: number | null, afterC: number | null, settledC: number | null): Seen['temperature'] {
  if (beforeC === null || settledC === null) return null
  return { beforeC, peakC: Math.max(beforeC, afterC ?? beforeC, settledC), settledC }
}
