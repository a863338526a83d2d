/** How a signal is spread about its mean. */
export interface Moments {
  mean: number
  rms: number
  /** Largest distance from the mean. */
  peak: number
  /** Fourth over squared second moment; 3 for noise; null without signal. */
  kurtosis: number | null
}

export function momentsOf(samples: Float64Array): Moments {
  let total = 0
  for (const one of samples) total += one
  const mean = total / samples.length
  let [second, fourth, peak] = [0, 0, 0]
  for (const one of samples) {
    const square = (one - mean) ** 2
    second += square
    fourth += square ** 2
    peak = Math.max(peak, Math.abs(one - mean))
  }
  second /= samples.length
  fourth /= samples.length
  return { mean, rms: Math.sqrt(second), peak, kurtosis: second > 0 ? fourth / second ** 2 : null }
}
