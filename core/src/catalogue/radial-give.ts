import { factsOf, type BearingType } from '../bearing-types/index.ts'
import type { InteriorEstimate } from './estimate.ts'

/** Share of the load that the most loaded element of a usual bearing carries, times the elements of a row. */
const mostLoaded = 5

/**
 * How far a bearing gives way under a radial load, mm: the approach of its rings at the most loaded element.
 *
 *     Q = 5 F / (i Z cos α)      δ = c Q^n / (s cos α)      c, n, s by the contact
 *
 * The clearance it runs in comes on top.
 *
 * @returns null for a type that carries no radial load
 * @see Palmgren’s deflection formulae for steel; contact of balls, of lines, and of barrels on one side
 */
export function radialGive(type: BearingType, interior: InteriorEstimate, radialN: number): number | null {
  const contact = factsOf(type).give
  const cosine = Math.cos((interior.contactAngleDeg * Math.PI) / 180)
  if (!contact || cosine < 0.1) return null
  const elementN = (mostLoaded * radialN) / (interior.rows * interior.elements * cosine)
  return (contact.constant * elementN ** contact.exponent) / (contact.size(interior) * cosine)
}
