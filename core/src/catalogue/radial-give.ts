import type { BearingType } from '../model/bearing-type.ts'
import type { InteriorEstimate } from './estimate.ts'

/** How the contact of a type gives way: constant, exponent of the load, and what divides it. */
interface Contact {
  constant: number
  exponent: number
  /** What the deflection is divided by: a power of the ball’s diameter or of the roller’s length. */
  size: (interior: InteriorEstimate) => number
}

const ball = (constant: number): Contact => ({
  constant,
  exponent: 2 / 3,
  size: ({ elementDiameterMm }) => Math.cbrt(elementDiameterMm),
})
const line: Contact = {
  constant: 7.68e-5,
  exponent: 0.9,
  size: ({ elementLengthMm, elementDiameterMm }) => (elementLengthMm ?? elementDiameterMm) ** 0.8,
}
const barrel: Contact = {
  constant: 1.81e-4,
  exponent: 3 / 4,
  size: ({ elementLengthMm, elementDiameterMm }) => Math.sqrt(elementLengthMm ?? elementDiameterMm),
}

const contacts: Record<BearingType, Contact | null> = {
  'deep-groove-ball': ball(4.36e-4),
  'angular-contact-ball': ball(4.36e-4),
  'four-point-ball': ball(4.36e-4),
  'insert-ball': ball(4.36e-4),
  'self-aligning-ball': ball(6.98e-4),
  'cylindrical-roller': line,
  'needle-roller': line,
  'tapered-roller': line,
  'spherical-roller': barrel,
  'toroidal-roller': barrel,
  'thrust-ball': null,
}

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
  const contact = contacts[type]
  const cosine = Math.cos((interior.contactAngleDeg * Math.PI) / 180)
  if (!contact || cosine < 0.1) return null
  const elementN = (mostLoaded * radialN) / (interior.rows * interior.elements * cosine)
  return (contact.constant * elementN ** contact.exponent) / (contact.size(interior) * cosine)
}
