/** Two numbers this near count as equal where they are held against a stated limit, so that 0.1 + 0.2 does not decide. */
const slack = 1e-9

export const atLeast = (value: number, limit: number): boolean => value >= limit - slack
export const atMost = (value: number, limit: number): boolean => value <= limit + slack
export const above = (value: number, limit: number): boolean => value > limit + slack
export const below = (value: number, limit: number): boolean => value < limit - slack

export const floorSlack = (value: number): number => Math.floor(value + slack)
export const ceilSlack = (value: number): number => Math.ceil(value - slack)
/** A number without what arithmetic leaves behind, for what is put in order by it. */
export const settled = (value: number): number => Math.round(value * 1e9) / 1e9
/** A share: between nought and one. */
export const clamp = (value: number): number => Math.min(1, Math.max(0, value))
/** Nearest whole number, halves up. */
export const halfUp = (value: number): number => Math.floor(value + 0.5 + slack)

/** Middle value; of an even number the mean of the middle two. NaN for none. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = sorted.length / 2
  return sorted.length % 2 === 1
    ? (sorted[Math.floor(middle)] ?? NaN)
    : ((sorted[middle - 1] ?? NaN) + (sorted[middle] ?? NaN)) / 2
}

/** Median distance from the median, without a factor. */
export function medianDeviation(values: readonly number[]): number {
  const centre = median(values)
  return median(values.map((value) => Math.abs(value - centre)))
}

/** Order of text by code unit, the same in every language. */
export const byCodeUnit = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)
