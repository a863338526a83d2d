import { inSentence } from '../model/sentence.ts'
import type { Check } from '../working/assessment.ts'

/** A temperature read so long after the start. */
export interface RunUpPoint {
  minutes: number
  celsius: number
}

/** A housing that climbs by less an hour has settled, K. */
const settledKPerH = 5
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
  const rate = `${inSentence(Math.abs(climbs), 'temperatureRise', 2)} an hour`
  if (climbs > runawayKPerH) {
    return {
      key: 'settled',
      verdict: 'stop',
      reason: `It climbs by ${rate}: that does not settle by itself.`,
      wayOut: 'Stop it and look: too much grease, no clearance, both ends held, or a rub.',
    }
  }
  return climbs > settledKPerH
    ? {
        key: 'settled',
        verdict: 'watch',
        reason: `It still climbs by ${rate}.`,
        wayOut: 'Stay with it and read again; grease needs some hours to find its place.',
      }
    : {
        key: 'settled',
        verdict: 'go',
        reason: climbs < 0 ? `It has peaked and falls by ${rate}.` : 'It has settled.',
        wayOut: 'Read it once more on the next shift.',
      }
}

/** Readings of a run-up as points, by position: their keys say after how many minutes they were taken. */
export function runUpPoints(
  readings: readonly { reading: { key: string }; entry: { value: number | null } | null }[],
): Map<string, RunUpPoint[]> {
  const points = new Map<string, RunUpPoint[]>()
  for (const { reading, entry } of readings) {
    const match = /^after-(\d+):(.*)$/.exec(reading.key)
    if (!match || entry?.value == null) continue
    const name = match[2] ?? ''
    points.set(name, [...(points.get(name) ?? []), { minutes: Number(match[1]), celsius: entry.value }])
  }
  return points
}
