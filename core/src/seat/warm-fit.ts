import { ringSteel, type Material } from '../model/materials.ts'
import type { Seat } from './fit-result.ts'

/**
 * Interference of a ring at another temperature than it was gauged at, µm, tight positive: a seat of another metal grows more
 * or less than the ring.
 *
 *     shaft: I + (α_shaft − α_ring) d ΔT      housing: I − (α_housing − α_ring) D ΔT
 *
 * @param changeC - degrees above the temperature at which the fit is stated
 * @see linear expansion
 */
export function warmInterference(
  seat: Seat,
  interferenceUm: number,
  material: Material,
  diameterMm: number,
  changeC: number,
): number {
  const more = 1000 * (material.expansion - ringSteel.expansion) * changeC * diameterMm
  return seat === 'shaft' ? interferenceUm + more : interferenceUm - more
}
