import type { Position } from '../model/position.ts'

/** Mean and highest speed of a position, r/min; null while it is not known. A standstill step counts in time. */
export function runningSpeed({ load }: Position): { meanRpm: number; highestRpm: number } | null {
  if (load.steps.length > 0) {
    const shares = load.steps.reduce((sum, { share }) => sum + share, 0)
    const turns = load.steps.reduce((sum, { share, speedRpm }) => sum + share * speedRpm, 0)
    const highestRpm = Math.max(...load.steps.map(({ speedRpm }) => speedRpm))
    return shares > 0 && highestRpm > 0 ? { meanRpm: turns / shares, highestRpm } : null
  }
  return load.speedRpm === null ? null : { meanRpm: load.speedRpm, highestRpm: load.speedRpm }
}
