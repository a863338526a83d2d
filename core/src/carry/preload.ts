import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { ballContacts, lineStiffness, pointPressure } from '../inside/contacts.ts'
import { isBall } from '../bearing-types/index.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { pairPlay } from './pair-play.ts'

/** End play of an opposed pair as it runs, mm, minus for preload; as set cold while the temperatures are not known. */
export function runningPlayMm(position: RollingPosition, bearing: ResolvedBearing): number | null {
  if (position.load.arrangement === 'single') return null
  return pairPlay(position, bearing)?.hotMm ?? position.float.endPlayMm
}

/**
 * Axial force with which a preloaded pair squeezes itself, N: each bearing a spring of its contacts, half the preload each.
 *
 *     δ = (preload / 2) sin α      Q = k δ^n      F = Z Q sin α
 *
 * Shaft and housing are taken as stiff, and the contact angle as its own: the force is an upper bound.
 *
 * @param preloadMm - axial, of the pair, above 0
 * @see Hertz; contact stiffness of ISO/TS 16281
 */
export function preloadForce({ row, interior }: ResolvedBearing, preloadMm: number): number {
  const sin = Math.sin((interior.contactAngleDeg * Math.PI) / 180)
  const approachMm = (preloadMm / 2) * sin
  const elementN = isBall(row.type)
    ? ballStiffness(interior) * approachMm ** 1.5
    : lineStiffness * (interior.elementLengthMm ?? interior.elementDiameterMm) ** (8 / 9) * approachMm ** (10 / 9)
  return interior.rows * interior.elements * elementN * sin
}

/**
 * Axial load from outside at which one bearing of a preloaded pair is let go, N.
 *
 *     F = 2^n F_p      n = 3/2 for balls, 10/9 for rollers
 *
 * Both bearings alike, shaft and housing stiff: the loaded one then has twice the approach of the preload.
 *
 * @see Hertz; rule of thumb 2.8 and 2 times the preload
 */
export const liftOffForce = ({ row }: ResolvedBearing, preloadN: number): number =>
  2 ** (isBall(row.type) ? 3 / 2 : 10 / 9) * preloadN

function ballStiffness({ elementDiameterMm, pitchDiameterMm, contactAngleDeg }: ResolvedBearing['interior']): number {
  const contacts = ballContacts({
    elementDiameterMm,
    gamma: (elementDiameterMm * Math.cos((contactAngleDeg * Math.PI) / 180)) / pitchDiameterMm,
    conformityInner: 0.52,
    conformityOuter: 0.53,
    selfAligning: false,
  })
  return (pointPressure(contacts.inner, 1).approachMm + pointPressure(contacts.outer, 1).approachMm) ** -1.5
}
