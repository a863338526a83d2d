/** How a point contact is shaped by its curvatures. */
export interface PointContact {
  /** Sum of the curvatures, 1/mm. */
  sumPerMm: number
  /** Long over short half axis of the footprint, at least 1. */
  axisRatio: number
  /** Complete elliptic integrals of parameter 1 − 1/χ². */
  k: number
  e: number
}

/** Below this difference of curvatures the footprint is a circle. */
const circle = 1e-6
const halvings = 60

/**
 * Complete elliptic integrals K and E of parameter 1 − 1/χ², by the arithmetic-geometric mean.
 *
 * @param axisRatio - χ, at least 1
 */
export function ellipticIntegrals(axisRatio: number): { k: number; e: number } {
  let [a, b] = [1, 1 / axisRatio]
  let sum = (1 - b * b) / 2
  let factor = 0.5
  for (;;) {
    const c = (a - b) / 2
    if (c <= 1e-15 * a) break
    factor *= 2
    ;[a, b] = [(a + b) / 2, Math.sqrt(a * b)]
    sum += factor * c * c
  }
  const k = Math.PI / (2 * a)
  return { k, e: k * (1 - sum) }
}

/**
 * Shape of the footprint of two bodies that touch in a point.
 *
 *     F = |ρ1 − ρ2| / Σρ = ((χ² + 1) E − 2 K) / ((χ² − 1) E)
 *
 * F grows with χ, so ln χ is bisected between 0 and ln 1000.
 *
 * @see Hertz (1882)
 */
export function pointContact(sumPerMm: number, differencePerMm: number): PointContact {
  const wanted = differencePerMm / sumPerMm
  if (wanted < circle) return { sumPerMm, axisRatio: 1, k: Math.PI / 2, e: Math.PI / 2 }
  let [low, high] = [0, Math.log(1000)]
  for (let step = 0; step < halvings; step++) {
    const middle = (low + high) / 2
    const chi2 = Math.exp(2 * middle)
    const { k, e } = ellipticIntegrals(Math.exp(middle))
    if (((chi2 + 1) * e - 2 * k) / ((chi2 - 1) * e) < wanted) low = middle
    else high = middle
  }
  const axisRatio = Math.exp((low + high) / 2)
  return { sumPerMm, axisRatio, ...ellipticIntegrals(axisRatio) }
}
