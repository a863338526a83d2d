import type { Material } from '../model/materials.ts'

/** A ring or bush in its housing; diameters in mm. */
export interface PressedRing {
  insideMm: number
  outsideMm: number
  ring: Pick<Material, 'modulus' | 'poisson'>
  housing: Pick<Material, 'modulus' | 'poisson'>
  /** 0 for a thick block. */
  housingOutsideMm: number
}

/**
 * Pressure between a ring and the housing it is pressed into, and what its inside closes by.
 *
 *     p = I / { D [ ((1+g²)/(1−g²) + ν_h)/E_h + ((1+h²)/(1−h²) − ν_r)/E_r ] }      h = E/D, g = D/D₀
 *     closing = 2 p E / [E_r (1 − h²)]
 *
 * @param interferenceMm - above 0
 * @returns MPa, mm
 * @see Lamé, thick cylinders in plane stress
 */
export function pressedRing(
  { insideMm, outsideMm, ring, housing, housingOutsideMm }: PressedRing,
  interferenceMm: number,
): { pressureMPa: number; closingMm: number } {
  const h = insideMm / outsideMm
  const g = housingOutsideMm === 0 ? 0 : outsideMm / housingOutsideMm
  const give =
    ((1 + g ** 2) / (1 - g ** 2) + housing.poisson) / housing.modulus +
    ((1 + h ** 2) / (1 - h ** 2) - ring.poisson) / ring.modulus
  const pressureMPa = interferenceMm / (outsideMm * give)
  return { pressureMPa, closingMm: (2 * pressureMPa * insideMm) / (ring.modulus * (1 - h ** 2)) }
}
