import { factsOf } from '../bearing-types/index.ts'
import { hasRibs } from '../catalogue/decode-designation.ts'
import { holdingOf } from '../catalogue/holding.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'

/** Something that gives way under axial load before the raceways do. */
export interface AxialLimit {
  key: 'sleeve' | 'ribShare' | 'ribRun' | 'setScrews' | 'collar'
  mostN: number
  /** Only assumed: nobody has said how the ring is held. */
  assumed: boolean
}

/** Share of C0 that the lock of an insert bearing holds. */
const lockShare = { 'set-screws': 0.2, 'eccentric-collar': 0.17 } as const
/** Axial over radial load that ribs bear: sliding tilts the rollers. */
const ribShare = { light: 0.4, usual: 0.5 }
/** Factors of the load that ribs bear for long. */
const ribRun = { grease: { k1: 1, k2: 0.1 }, 'oil-bath': { k1: 1.5, k2: 0.15 } } as const

/** Series of cylindrical rollers with narrow ribs: the last digits of NU10, NJ2, NUP22. */
const isLight = (series: string): boolean => /^[NUJPF]+(10|2|22)$/.test(series)

/**
 * What holds a bearing, or its ribs, under axial load, N.
 *
 *     adapter sleeve without abutment: 3 B d      set screws: 0.2 C0, eccentric collar: 0.17 C0
 *     ribs: 0.5 Fr (light series 0.4);  for long k1 C0 10⁴/(n (d + D)) − k2 Fr, C0 and Fr in kN
 *
 * @param staticN - basic static load rating C0
 * @param speedRpm - null while it is not known; the ribs then have no limit for long
 * @returns the limits that hold for this bearing; none where the raceways govern
 * @see general practice for mounting sleeves, locking devices and ribs
 */
export function axialLimits(
  position: RollingPosition,
  bearing: ResolvedBearing,
  staticN: number,
  radialN: number,
  speedRpm: number | null,
): AxialLimit[] {
  const { row } = bearing
  const holding = holdingOf(position, bearing)
  const assumed = position.mount.holding === null
  if (holding === 'adapter-sleeve' && bearing.decoded.boreShape === 'tapered')
    return [{ key: 'sleeve', mostN: 3 * row.widthMm * row.boreMm, assumed }]
  if (factsOf(row.type).insertUnit && (holding === 'set-screws' || holding === 'eccentric-collar'))
    return [{ key: holding === 'set-screws' ? 'setScrews' : 'collar', mostN: lockShare[holding] * staticN, assumed }]
  if (factsOf(row.type).axialLoad !== 'on-ribs' || !hasRibs(bearing.decoded)) return []
  const share = isLight(row.series) ? ribShare.light : ribShare.usual
  const limits: AxialLimit[] = [{ key: 'ribShare', mostN: share * radialN, assumed: false }]
  if (speedRpm !== null && speedRpm > 0) {
    const { k1, k2 } = ribRun[position.grease.lubrication]
    const runN = (k1 * staticN * 1e4) / (speedRpm * (row.boreMm + row.odMm)) - k2 * radialN
    limits.push({ key: 'ribRun', mostN: Math.max(0, runN), assumed: false })
  }
  return limits
}
