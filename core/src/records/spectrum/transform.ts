import FFT from 'fft.js'

/** Bins of a real signal from nought up to the middle: real and imaginary parts in pairs. */
export function bins(signal: Float64Array): number[] {
  const fft = new FFT(signal.length)
  const out = fft.createComplexArray()
  fft.realTransform(out, signal)
  return out
}

/** Heights of the sines of a signal under a Hann window, by bin from 0 to the middle: 4/N·|Σ x w e^…|. */
export function heights(signal: Float64Array): Float64Array {
  const n = signal.length
  const windowed = signal.map((one, i) => one * (0.5 - 0.5 * Math.cos((2 * Math.PI * i) / n)))
  const out = bins(windowed)
  return Float64Array.from({ length: n / 2 }, (_, k) => (4 / n) * Math.hypot(out[2 * k] ?? 0, out[2 * k + 1] ?? 0))
}

/**
 * Square of the envelope of a band of a signal.
 *
 * @param all - its bins; N samples
 * @param from - first bin of the band; @param to - bin after its last
 * @returns as many values as the smallest power of two twice as wide as the band, so that squaring does not fold
 */
export function squaredEnvelope(all: readonly number[], n: number, from: number, to: number): Float64Array {
  let size = 2
  while (size < 2 * (to - from)) size *= 2
  const fft = new FFT(size)
  const band = fft.createComplexArray().fill(0)
  for (let m = 0; m < 2 * (to - from); m++) band[m] = all[2 * from + m] ?? 0
  const out = fft.createComplexArray()
  fft.inverseTransform(out, band)
  // The package divides by its size, and the two sides of the spectrum make twice the half.
  const scale = (2 * size) / n
  return Float64Array.from(
    { length: size },
    (_, i) => scale ** 2 * ((out[2 * i] ?? 0) ** 2 + (out[2 * i + 1] ?? 0) ** 2),
  )
}
