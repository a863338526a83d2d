import type {
  BestClearance,
  BestClearanceInput,
  FitHistogram,
  Machine,
  RollingPosition,
  SweepLimits,
  SweepResult,
} from '@yardfrost/core'

/** Deviations of a seat or ring, µm. */
export interface Deviations {
  lowerUm: number
  upperUm: number
}

/** What the bench has worked out beside the page, so that the page never stands still. */
export interface BenchWork {
  /**
   * Works the catalogue through Carry and Seat.
   *
   * @param progress - hears how many sizes are done of how many
   */
  sweep(
    position: RollingPosition,
    machine: Machine,
    limits: SweepLimits,
    progress: (done: number, of: number) => void,
  ): Promise<SweepResult[]>
  /** Life against running clearance; null where the bearing does not carry the load at any. */
  clearanceLife(input: BestClearanceInput): Promise<BestClearance | null>
  /** Simulates fits and sorts them into bins. */
  fits(seat: 'shaft' | 'housing', worked: Deviations, ring: Deviations, count: number): Promise<FitHistogram>
}
