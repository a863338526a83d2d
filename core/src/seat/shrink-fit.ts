const steelModulus = 206_000

/** A ring shrunk on its shaft, sizes in mm. */
export interface ShrinkFit {
  boreMm: number
  innerRacewayMm: number
  /** Bore of a hollow shaft, 0 if solid. */
  shaftBoreMm: number
  /** Interference after smoothing, µm. */
  effectiveUm: number
}

/**
 * Pressure between ring and shaft, and the tension it makes in the ring at its bore, MPa.
 *
 *     p = E I (F² − d²)(d² − di²) / (2 d³ (F² − di²))      σ = p (F² + d²)/(F² − d²)
 *
 * Over 150 MPa a through-hardened ring may crack. Steel on steel.
 *
 * @see Lamé, thick cylinders
 */
export function shrinkFit({ boreMm: d, innerRacewayMm: F, shaftBoreMm: di, effectiveUm }: ShrinkFit): {
  pressureMPa: number
  hoopStressMPa: number
} {
  const pressureMPa =
    (steelModulus * (effectiveUm / 1000) * (F ** 2 - d ** 2) * (d ** 2 - di ** 2)) / (2 * d ** 3 * (F ** 2 - di ** 2))
  return { pressureMPa, hoopStressMPa: (pressureMPa * (F ** 2 + d ** 2)) / (F ** 2 - d ** 2) }
}

/** A ground seat loses this much of its peaks, a turned one more, mm in d/(d + s). */
const smoothing = { ground: 2, turned: 3 } as const

/** Interference that is left when the peaks of the surfaces are smoothed, µm; a loose fit stays as it is. */
export const smoothed = (interferenceUm: number, diameterMm: number, finish: 'ground' | 'turned'): number =>
  interferenceUm > 0 ? (interferenceUm * diameterMm) / (diameterMm + smoothing[finish]) : interferenceUm
