import { heaviestOf, type CarryOutcome } from '../carry/work-out.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import { resolveInside } from '../inside/bearing-inside.ts'
import { insideOf } from '../inside/of-bearing.ts'
import { lifeAtClearance } from '../inside/reference-life.ts'

/** Life at an operating clearance over the basic rating life; null where the load or the type does not tell. */
export type LifeShare = (clearanceUm: number) => number | null

/**
 * What an operating clearance leaves of the basic rating life, by the load the bearing carries.
 *
 * A touch of preload helps; beyond the best there is a cliff. Judged under the load that asks most; in line and with the inner ring
 * turning where nothing else is said.
 *
 * @see life.reference: ISO/TS 16281, rollers tied to ISO 281
 */
export function lifeShareOf(
  bearing: ResolvedBearing,
  { carrying }: CarryOutcome,
  { tiltArcmin = 0, rotatingRing = 'inner' }: { tiltArcmin?: number; rotatingRing?: 'inner' | 'outer' } = {},
): LifeShare {
  const heaviest = carrying && heaviestOf(carrying)
  if (!heaviest) return () => null
  const { value } = attempt(() => resolveInside({ ...insideOf(bearing, heaviest), tiltArcmin }))
  if (!value) return () => null
  const { value: life } = attempt(() => lifeAtClearance(value, { rotatingRing }))
  const { isoMillionRevs = null } = life ?? {}
  if (!life || isoMillionRevs === null) return () => null
  // Tighter than any bearing can be built: nothing is left.
  const tightestUm = -2 * bearing.interior.pitchDiameterMm
  return (clearanceUm) => (clearanceUm < tightestUm ? 0 : life.at(clearanceUm).millionRevs / isoMillionRevs)
}
