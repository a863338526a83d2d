import type { RollingPosition } from '../kinds/rolling/position.ts'

/** Slower than a turn in some hours is no turning; it would give lives beyond all numbers. */
const leastRpm = 0.001

/** Mean and highest speed of a position, r/min; null while it is not known. A standstill step counts in time. */
export function runningSpeed({ load }: RollingPosition): { meanRpm: number; highestRpm: number } | null {
  if (load.steps.length > 0) {
    const shares = load.steps.reduce((sum, { share }) => sum + share, 0)
    const turns = load.steps.reduce((sum, { share, speedRpm }) => sum + share * speedRpm, 0)
    const highestRpm = Math.max(...load.steps.map(({ speedRpm }) => speedRpm))
    return shares > 0 && turns / shares >= leastRpm ? { meanRpm: turns / shares, highestRpm } : null
  }
  return load.speedRpm === null || load.speedRpm < leastRpm
    ? null
    : { meanRpm: load.speedRpm, highestRpm: load.speedRpm }
}
