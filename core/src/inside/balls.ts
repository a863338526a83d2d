import { factsOf } from '../bearing-types/index.ts'
import type { Carried, Elements, Place } from './balance.ts'
import { grooveDistance, halfRow, type Inside } from './bearing-inside.ts'
import { ballContacts, pointPressure } from './contacts.ts'

/** A ball bearing ready to be loaded: everything that does not move. */
export interface BallField {
  inside: Inside
  /** Load for an approach of 1 mm to the power 1.5. */
  stiffness: number
  /** Distance of the groove centres when a ball just touches, mm. */
  grooveMm: number
  /** Radius of the inner groove centres, and their place along z by row, mm. */
  radiusMm: number
  rowsMm: number[]
  contacts: ReturnType<typeof ballContacts>
  cosines: Float64Array
  weights: Float64Array
}

/** One ball: its load and the running angle of its contact. */
export interface BallLoad {
  loadN: number
  angleRad: number
}

export function ballField(inside: Inside): BallField {
  const { elementDiameterMm: dw, pitchDiameterMm, alphaRad, gamma, conformityInner, conformityOuter } = inside
  const contacts = ballContacts({
    elementDiameterMm: dw,
    gamma,
    conformityInner,
    conformityOuter,
    selfAligning: factsOf(inside.bearingType).grooves?.outer === 'sphere',
  })
  const approach = pointPressure(contacts.inner, 1).approachMm + pointPressure(contacts.outer, 1).approachMm
  const offset = (conformityInner - 0.5) * dw
  return {
    inside,
    contacts,
    stiffness: approach ** -1.5,
    grooveMm: grooveDistance(inside),
    radiusMm: pitchDiameterMm / 2 + offset * Math.cos(alphaRad),
    rowsMm: inside.places.map((z, row) => z + (inside.signs[row] ?? 1) * offset * Math.sin(alphaRad)),
    ...halfRow(inside.elements),
  }
}

/**
 * What the balls answer to a place of the inner ring.
 *
 *     u = A cos α − G/2 + (δr − z θ) cos φ     v = s A sin α + δa + R θ cos φ     Q = K (√(u² + v²) − A)^1.5
 *
 * @see ISO/TS 16281, for any number of rows and tilt
 */
export function ballForces(field: BallField): Elements {
  const { inside, stiffness, grooveMm: A, radiusMm: R, rowsMm, cosines, weights } = field
  const { signs, alphaRad, clearanceMm, tiltRad } = inside
  const [cos, sin] = [Math.cos(alphaRad), Math.sin(alphaRad)]
  return ({ radialMm, axialMm }: Place): Carried => {
    const sum = { radialN: 0, axialN: 0, krr: 0, kra: 0, kaa: 0, energyNmm: 0, sumN: 0 }
    for (let row = 0; row < signs.length; row++) {
      const sign = signs[row] ?? 1
      const radial = radialMm - (rowsMm[row] ?? 0) * tiltRad
      for (let j = 0; j < cosines.length; j++) {
        const c = cosines[j] ?? 0
        const p = -clearanceMm / 2 + radial * c
        const w = axialMm + R * tiltRad * c
        const u = A * cos + p
        const v = sign * A * sin + w
        const l = Math.sqrt(u * u + v * v)
        // l − A cancels; this is the same and exact.
        const approach = (2 * A * (p * cos + sign * w * sin) + p * p + w * w) / (l + A)
        if (approach <= 0) continue
        const weight = weights[j] ?? 0
        const load = stiffness * approach * Math.sqrt(approach)
        const k = (1.5 * load) / approach
        const [nx, nz] = [u / l, v / l]
        const turn = load / l
        sum.radialN += weight * load * nx * c
        sum.axialN += weight * load * nz
        sum.krr += weight * c * c * (k * nx * nx + turn * nz * nz)
        sum.kra += weight * c * (k - turn) * nx * nz
        sum.kaa += weight * (k * nz * nz + turn * nx * nx)
        sum.energyNmm += weight * 0.4 * load * approach
        sum.sumN += weight * load
      }
    }
    return sum
  }
}

/** Where to begin: as if the load zone were half, or all balls carried the axial load. */
export function ballStart(field: BallField): Place {
  const { inside, stiffness: K, grooveMm: A } = field
  const { radialN, axialN, elements, signs, opposed, alphaRad, clearanceMm: G } = inside
  const n = signs.length
  const [cos, sin] = [Math.cos(alphaRad), Math.sin(alphaRad)]
  const radialMm = ((5 * radialN) / (n * elements * K)) ** (2 / 3) / cos
  const axialFirst = axialN > 0 && (!opposed || axialN > radialN * Math.tan(alphaRad))
  if (!axialFirst) return { radialMm: radialMm + Math.max(0, G / 2), axialMm: 0 }
  const rows = opposed ? n / 2 : n
  const l = A + (axialN / (rows * elements * K * Math.max(0.3, sin))) ** (2 / 3)
  const axialMm = Math.sqrt(Math.max(l ** 2 - (A * cos - G / 2) ** 2, (A * sin) ** 2)) - A * sin
  return { radialMm, axialMm }
}

/** Load and running angle of each ball of half a row, row by row. */
export function ballLoads(field: BallField, { radialMm, axialMm }: Place): BallLoad[][] {
  const { inside, stiffness, grooveMm: A, radiusMm: R, rowsMm, cosines } = field
  const { signs, alphaRad, clearanceMm, tiltRad } = inside
  const [cos, sin] = [Math.cos(alphaRad), Math.sin(alphaRad)]
  return signs.map((sign, row) =>
    Array.from(cosines, (c): BallLoad => {
      const p = -clearanceMm / 2 + (radialMm - (rowsMm[row] ?? 0) * tiltRad) * c
      const w = axialMm + R * tiltRad * c
      const [u, v] = [A * cos + p, sign * A * sin + w]
      const l = Math.hypot(u, v)
      const approach = (2 * A * (p * cos + sign * w * sin) + p * p + w * w) / (l + A)
      return { loadN: approach > 0 ? stiffness * approach ** 1.5 : 0, angleRad: Math.atan2(v, u) }
    }),
  )
}

/** Moment on the inner ring that holds it at its tilt, N mm. */
export function ballMoment(field: BallField, loads: BallLoad[][]): number {
  const { radiusMm, rowsMm, cosines, weights } = field
  let moment = 0
  loads.forEach((row, index) =>
    row.forEach(({ loadN, angleRad }, j) => {
      const lever = radiusMm * Math.sin(angleRad) - (rowsMm[index] ?? 0) * Math.cos(angleRad)
      moment += (weights[j] ?? 0) * loadN * (cosines[j] ?? 0) * lever
    }),
  )
  return moment
}

/** Part of the ring where a ball of a row would be loaded, degrees. */
export function ballZoneDeg(field: BallField, row: number, { radialMm, axialMm }: Place): number {
  const { inside, grooveMm: A, radiusMm: R, rowsMm } = field
  const { signs, alphaRad, clearanceMm: G, tiltRad } = inside
  const sign = signs[row] ?? 1
  const p = A * Math.cos(alphaRad) - G / 2
  const q = radialMm - (rowsMm[row] ?? 0) * tiltRad
  const t = sign * A * Math.sin(alphaRad) + axialMm
  const w = R * tiltRad
  const square = q ** 2 + w ** 2
  const rest = 2 * A * (sign * axialMm * Math.sin(alphaRad) - (G / 2) * Math.cos(alphaRad)) + G ** 2 / 4 + axialMm ** 2
  const half = p * q + t * w
  const root = half ** 2 - square * rest
  if (root < 0 || square <= 1e-24 * A ** 2) return rest > 0 ? 360 : 0
  return zoneBetween((-half - Math.sqrt(root)) / square, (-half + Math.sqrt(root)) / square)
}

/** Degrees of a ring where cos φ is above `upper` or below `lower`. */
export function zoneBetween(lower: number, upper: number): number {
  const degrees = (cosine: number) => (Math.acos(Math.max(-1, Math.min(1, cosine))) * 180) / Math.PI
  return 2 * degrees(upper) + 2 * (180 - degrees(lower))
}
