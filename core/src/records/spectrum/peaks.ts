/** A line that stands out of a spectrum. */
export interface Peak {
  hz: number
  height: number
  /** Of the bin over the floor around it. */
  ratio: number
}

/** Floor of noise over its lower quarter, so that lines do not lift it. */
const floorOfQuarter = 1.5522309
const aroundBins = 50
const leastRatio = 4
/** Lines within so many bins of one that is so many times as high are its side lobes. */
const [lobeBins, lobeTimes] = [8, 20]
const mostPeaks = 60
const lowestBin = 3

/**
 * Lines of a spectrum that stand out of the noise around them, in order of frequency.
 *
 * @param top - last bin that is looked at
 */
export function peaksOf(spectrum: Float64Array, resolutionHz: number, top: number): Peak[] {
  const last = spectrum.length - 1
  const at = (k: number): number => spectrum[k] ?? 0
  const largest = spectrum.subarray(1).reduce((most, one) => Math.max(most, one), 0)
  const floorAt = (k: number): number => {
    const around = spectrum.slice(Math.max(1, k - aroundBins), Math.min(last, k + aroundBins) + 1).sort()
    return Math.max(1e-6 * largest, floorOfQuarter * (around[Math.floor(around.length / 4)] ?? 0))
  }
  const found: { k: number; ratio: number }[] = []
  for (let k = lowestBin; k <= Math.min(top, last - 1); k++) {
    if (at(k) <= at(k - 1) || at(k) < at(k + 1)) continue
    const ratio = at(k) / floorAt(k)
    if (ratio >= leastRatio) found.push({ k, ratio })
  }
  const isLobe = (k: number): boolean =>
    found.some((other) => other.k !== k && Math.abs(other.k - k) <= lobeBins && at(other.k) >= lobeTimes * at(k))
  return found
    .filter(({ k }) => !isLobe(k))
    .sort((a, b) => b.ratio - a.ratio || a.k - b.k)
    .slice(0, mostPeaks)
    .sort((a, b) => a.k - b.k)
    .map(({ k, ratio }) => ({ ...refined(at(k - 1), at(k), at(k + 1), k, resolutionHz), ratio }))
}

/** Top of the parabola through the logarithms of three bins. */
function refined(before: number, middle: number, after: number, k: number, resolutionHz: number): Omit<Peak, 'ratio'> {
  const ln = (value: number) => Math.log(Math.max(1e-300, value))
  const [a, b, c] = [ln(before), ln(middle), ln(after)]
  const bend = a - 2 * b + c
  const off = bend === 0 ? 0 : (0.5 * (a - c)) / bend
  return { hz: (k + off) * resolutionHz, height: Math.exp(b - 0.25 * (a - c) * off) }
}
