import { median } from '../compare.ts'

/** A point of a row: days, and what is judged, worse upward. */
export interface Point {
  t: number
  z: number
}

/** Slope of a row and its 90 % band, a day. */
export interface Slope {
  slope: number
  low: number
  high: number
}

/** Normal quantile of a 90 % band, two-sided. */
const normal90 = 1.645

/**
 * Median slope of all pairs of points, which a few wild readings do not move.
 *
 * @see Sen, Estimates of the regression coefficient based on Kendall's tau (1968)
 */
export function medianSlope(points: readonly Point[]): Slope {
  const slopes: number[] = []
  points.forEach((a, index) => {
    for (const b of points.slice(index + 1)) slopes.push((b.z - a.z) / (b.t - a.t))
  })
  slopes.sort((a, b) => a - b)
  const [n, pairs] = [points.length, slopes.length]
  const spread = normal90 * Math.sqrt((n * (n - 1) * (2 * n + 5)) / 18)
  const rank = Math.max(1, Math.floor((pairs - spread) / 2))
  return { slope: median(slopes), low: slopes[rank - 1] ?? NaN, high: slopes[pairs - rank] ?? NaN }
}

/** Where the line through the points stands at a day. */
export const levelAt = (points: readonly Point[], slope: number, t: number): number =>
  median(points.map((point) => point.z + slope * (t - point.t)))
