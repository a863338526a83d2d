/** One thing timed on the page, over and over. */
export interface Timed {
  field: string
  /** ms, in the order they were taken, warm. */
  times: number[]
  limitMs: number
}

/** A line of the report: median and worst, and whether the median stays under its limit. */
export function reportLine({ field, times, limitMs }: Timed): string {
  const sorted = [...times].sort((a, b) => a - b)
  const median = sorted[Math.floor(sorted.length / 2)] ?? NaN
  const worst = sorted[sorted.length - 1] ?? NaN
  const against = median > limitMs ? 'OVER' : worst > limitMs ? 'worst over' : 'under'
  return `${field.padEnd(28)} median ${median.toFixed(1).padStart(6)} ms   worst ${worst.toFixed(1).padStart(6)} ms   ${against} ${limitMs} ms`
}
