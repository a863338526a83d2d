import type { ShaftLine } from '../model/shaft-line.ts'

/**
 * Diameter of a plain solid shaft that gives as much along its axis as the stepped one between its outer bearings.
 *
 *     d = √( L / Σ Lᵢ / (dᵢ² − bᵢ²) )
 *
 * @returns mm; null for a shaft whose bearings stand in one place
 * @example 500 mm of 60 and 500 mm of 80 between the bearings: 67.9 mm
 * @see sections are springs in series, 1/k = L / (E A)
 */
export function spanDiameterMm({ sections, supports }: Pick<ShaftLine, 'sections' | 'supports'>): number | null {
  const places = supports.map(({ xMm }) => xMm)
  const [from, to] = [Math.min(...places), Math.max(...places)]
  let startMm = 0
  let spanMm = 0
  let givesPerMm = 0
  for (const { lengthMm, diameterMm, boreMm } of sections) {
    const inside = Math.min(startMm + lengthMm, to) - Math.max(startMm, from)
    startMm += lengthMm
    if (inside <= 0) continue
    spanMm += inside
    givesPerMm += inside / (diameterMm ** 2 - boreMm ** 2)
  }
  return spanMm === 0 ? null : Math.sqrt(spanMm / givesPerMm)
}
