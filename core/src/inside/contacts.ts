import { pointContact, type PointContact } from './elliptic.ts'

/** Steel on steel: (1 − ν²)/E of one body, mm²/N. */
const compliance = (1 - 0.3 ** 2) / 207_000
/** Laminae a roller is cut into. */
export const laminae = 30
/** Stiffness of a line contact, both raceways together: N/mm^(10/9) for one mm of length to the power 8/9. */
export const lineStiffness = 35_948

/** Footprint and pressure of one ball on one raceway. */
export interface PointPressure {
  pressureMPa: number
  semiMajorMm: number
  semiMinorMm: number
  approachMm: number
}

/**
 * Pressure under a ball.
 *
 *     a = (2χ²E/π)^⅓ (3BQ/Σρ)^⅓      b = (2E/(πχ))^⅓ (3BQ/Σρ)^⅓      p = 3Q/(2πab)
 *
 * @param loadN - on the ball
 * @returns half axes across and along the raceway, pressure, and how far ball and raceway approach
 * @see Hertz
 */
export function pointPressure({ sumPerMm, axisRatio: chi, k, e }: PointContact, loadN: number): PointPressure {
  const size = Math.cbrt((3 * compliance * loadN) / sumPerMm)
  const semiMajorMm = Math.cbrt((2 * chi ** 2 * e) / Math.PI) * size
  const semiMinorMm = Math.cbrt((2 * e) / (Math.PI * chi)) * size
  const approachMm = ((2 * k) / Math.PI) * Math.cbrt(Math.PI / (2 * chi ** 2 * e)) * size ** 2 * (sumPerMm / 2)
  return {
    pressureMPa: loadN > 0 ? (3 * loadN) / (2 * Math.PI * semiMajorMm * semiMinorMm) : 0,
    semiMajorMm,
    semiMinorMm,
    approachMm,
  }
}

/**
 * Pressure under a roller, uniform along its length: p = √(q Σρ/(2πB)), half width w = 2q/(πp).
 *
 * @param perMm - load per mm of length, N/mm
 * @see Hertz
 */
export function linePressure(sumPerMm: number, perMm: number): { pressureMPa: number; halfWidthMm: number } {
  const pressureMPa = Math.sqrt((perMm * sumPerMm) / (2 * Math.PI * compliance))
  return { pressureMPa, halfWidthMm: pressureMPa > 0 ? (2 * perMm) / (Math.PI * pressureMPa) : 0 }
}

/** Approach of both rings over a roller under a load, mm, uniform along its length. */
export const lineApproach = (loadN: number, lengthMm: number): number =>
  (loadN / (lineStiffness * lengthMm ** (8 / 9))) ** 0.9

/** What shapes the contacts of a ball bearing. */
export interface BallShape {
  elementDiameterMm: number
  gamma: number
  conformityInner: number
  conformityOuter: number
  /** The outer ring is a sphere. */
  selfAligning: boolean
}

/** Both contacts of a ball. */
export function ballContacts(shape: BallShape): { inner: PointContact; outer: PointContact } {
  const { elementDiameterMm: dw, gamma, conformityInner, conformityOuter, selfAligning } = shape
  const of = (rolling: number, groove: number) => pointContact(4 / dw + rolling + groove, Math.abs(rolling - groove))
  const outerRolling = (-2 * gamma) / (dw * (1 + gamma))
  return {
    inner: of((2 * gamma) / (dw * (1 - gamma)), -1 / (conformityInner * dw)),
    outer: of(outerRolling, selfAligning ? outerRolling : -1 / (conformityOuter * dw)),
  }
}

/** Sum of the curvatures of a roller on each raceway, 1/mm. */
export const rollerCurvatures = (elementDiameterMm: number, gamma: number): { inner: number; outer: number } => ({
  inner: 2 / (elementDiameterMm * (1 - gamma)),
  outer: 2 / (elementDiameterMm * (1 + gamma)),
})

/** What shapes the profile of a roller. */
export interface RollerShape {
  elementDiameterMm: number
  elementLengthMm: number
  pitchDiameterMm: number
  alphaRad: number
  /** Barrel of a spherical roller bearing. */
  barrel: boolean
}

/** Roller radius of a barrel against its raceway: a textbook value. */
const barrelShare = 0.98

/** Middle of each lamina along the roller, mm from its middle. */
export const laminaPlaces = (elementLengthMm: number): Float64Array =>
  Float64Array.from({ length: laminae }, (_, k) => ((k - (laminae - 1) / 2) * elementLengthMm) / laminae)

/**
 * Gap between roller and one raceway at each lamina, mm: the drop of its profile.
 *
 * @see ISO/TS 16281, reference profiles; barrels by their radii
 */
export function rollerProfile(shape: RollerShape): Float64Array {
  const { elementDiameterMm: dw, elementLengthMm: length } = shape
  const places = laminaPlaces(length)
  if (shape.barrel) {
    const racewayMm = shape.pitchDiameterMm / (2 * Math.cos(shape.alphaRad)) + dw / 2
    return places.map((x) => (x ** 2 / 2) * (1 / (barrelShare * racewayMm) - 1 / racewayMm))
  }
  const crowned = 2.5 * dw
  if (length <= crowned) return places.map((x) => 0.00035 * dw * Math.log(1 / (1 - ((2 * x) / length) ** 2)))
  const straight = length - crowned
  return places.map((x) => {
    const beyond = 2 * Math.abs(x) - straight
    return beyond <= 0 ? 0 : 0.0005 * dw * Math.log(1 / (1 - (beyond / crowned) ** 2))
  })
}
