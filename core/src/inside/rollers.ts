import { factsOf } from '../bearing-types/index.ts'
import type { Carried, Elements, Place } from './balance.ts'
import { halfRow, type Inside } from './bearing-inside.ts'
import { zoneBetween } from './balls.ts'
import { laminae, laminaPlaces, lineApproach, lineStiffness, rollerProfile } from './contacts.ts'

/** A roller bearing ready to be loaded: everything that does not move. */
export interface RollerField {
  inside: Inside
  /** Stiffness of one lamina, N/mm^(10/9). */
  laminaStiffness: number
  /** Place of each lamina along the roller, and twice the gap of its profile, mm. */
  placesMm: Float64Array
  gapsMm: Float64Array
  cosines: Float64Array
  weights: Float64Array
}

export function rollerField(inside: Inside): RollerField {
  const { elementLengthMm } = inside
  const profile = rollerProfile({ ...inside, barrel: factsOf(inside.bearingType).inside.barrel })
  return {
    inside,
    laminaStiffness: (lineStiffness * elementLengthMm ** (8 / 9)) / laminae,
    placesMm: laminaPlaces(elementLengthMm),
    gapsMm: profile.map((gap) => 2 * gap),
    ...halfRow(inside.elements),
  }
}

/** Approach of a roller's middle, mm, as constant + slope · cos φ. */
function approachOf(
  { inside }: RollerField,
  row: number,
  { radialMm, axialMm }: Place,
): [fixed: number, slope: number] {
  const { alphaRad, signs, places, clearanceMm, tiltRad, pitchDiameterMm } = inside
  const [cos, sin] = [Math.cos(alphaRad), Math.sin(alphaRad) * (signs[row] ?? 1)]
  return [
    (-clearanceMm / 2) * cos + sin * axialMm,
    (radialMm - (places[row] ?? 0) * tiltRad) * cos + sin * (pitchDiameterMm / 2) * tiltRad,
  ]
}

/**
 * What the rollers answer to a place of the inner ring, cut into laminae.
 *
 *     δ = e − x θ cos φ − 2 P(x)      q = cs δ^(10/9)      Q = Σ q
 *
 * @see ISO/TS 16281, lamina model
 */
export function rollerForces(field: RollerField): Elements {
  const { inside, laminaStiffness: cs, placesMm, gapsMm, cosines, weights } = field
  const { signs, alphaRad, tiltRad } = inside
  const cos = Math.cos(alphaRad)
  return (place: Place): Carried => {
    const sum = { radialN: 0, axialN: 0, krr: 0, kra: 0, kaa: 0, energyNmm: 0, sumN: 0 }
    for (let row = 0; row < signs.length; row++) {
      const nz = Math.sin(alphaRad) * (signs[row] ?? 1)
      const [fixed, slope] = approachOf(field, row, place)
      for (let j = 0; j < cosines.length; j++) {
        const c = cosines[j] ?? 0
        const middle = fixed + slope * c
        if (middle <= 0 && tiltRad === 0) continue
        const turned = tiltRad * c
        let [load, k, energy] = [0, 0, 0]
        for (let lamina = 0; lamina < laminae; lamina++) {
          const approach = middle - (placesMm[lamina] ?? 0) * turned - (gapsMm[lamina] ?? 0)
          if (approach <= 0) continue
          const root = cs * approach ** (1 / 9)
          const q = root * approach
          load += q
          k += (10 / 9) * root
          energy += (9 / 19) * q * approach
        }
        if (load === 0) continue
        const weight = weights[j] ?? 0
        const nx = c * cos
        sum.radialN += weight * load * nx
        sum.axialN += weight * load * nz
        sum.krr += weight * k * nx * nx
        sum.kra += weight * k * nx * nz
        sum.kaa += weight * k * nz * nz
        sum.energyNmm += weight * energy
        sum.sumN += weight * load
      }
    }
    return sum
  }
}

/** Where to begin: as if the load zone were half, or all rollers carried the axial load. */
export function rollerStart({ inside, gapsMm }: RollerField): Place {
  const { radialN, axialN, elements, elementLengthMm, signs, opposed, alphaRad, clearanceMm } = inside
  const n = signs.length
  const [cos, sin] = [Math.cos(alphaRad), Math.sin(alphaRad)]
  const half = gapsMm[7] ?? 0
  const slack = Math.max(0, clearanceMm / 2)
  const radialMm = lineApproach((5 * radialN) / (n * elements * cos), elementLengthMm) / cos
  const axialFirst = sin > 0 && axialN > 0 && (!opposed || axialN > radialN * Math.tan(alphaRad))
  if (!axialFirst) return { radialMm: radialMm + slack + half / cos, axialMm: 0 }
  const rows = opposed ? n / 2 : n
  const axialMm = (lineApproach(axialN / (rows * elements * sin), elementLengthMm) + half + slack * cos) / sin
  return { radialMm, axialMm }
}

/** Load of each lamina of each roller of half a row, row by row: `loads[row][j][lamina]`, N. */
export function rollerLoads(field: RollerField, place: Place): Float64Array[][] {
  const { inside, laminaStiffness: cs, placesMm, gapsMm, cosines } = field
  return inside.signs.map((_, row) => {
    const [fixed, slope] = approachOf(field, row, place)
    return Array.from(cosines, (c) =>
      placesMm.map((x, lamina) => {
        const approach = fixed + slope * c - x * inside.tiltRad * c - (gapsMm[lamina] ?? 0)
        return approach > 0 ? cs * approach ** (10 / 9) : 0
      }),
    )
  })
}

/** Moment on the inner ring that holds it at its tilt, N mm; none where it swivels. */
export function rollerMoment(field: RollerField, loads: Float64Array[][]): number {
  const { inside, placesMm, cosines, weights } = field
  const { bearingType, signs, places, pitchDiameterMm, alphaRad } = inside
  if (factsOf(bearingType).swivels) return 0
  let moment = 0
  loads.forEach((row, index) => {
    const lever =
      (signs[index] ?? 1) * (pitchDiameterMm / 2) * Math.sin(alphaRad) - (places[index] ?? 0) * Math.cos(alphaRad)
    row.forEach((roller, j) => {
      const load = roller.reduce((sum, q) => sum + q, 0)
      const along = roller.reduce((sum, q, lamina) => sum + q * (placesMm[lamina] ?? 0), 0)
      moment += (weights[j] ?? 0) * (cosines[j] ?? 0) * (load * lever - along)
    })
  })
  return moment
}

/** Part of the ring where a roller of a row would be loaded, degrees. */
export function rollerZoneDeg(field: RollerField, row: number, place: Place): number {
  const { inside, placesMm, gapsMm } = field
  const [fixed, slope] = approachOf(field, row, place)
  let [lower, upper] = [-Infinity, Infinity]
  for (let lamina = 0; lamina < laminae; lamina++) {
    const a = fixed - (gapsMm[lamina] ?? 0)
    const b = slope - (placesMm[lamina] ?? 0) * inside.tiltRad
    if (b > 0) upper = Math.min(upper, -a / b)
    else if (b < 0) lower = Math.max(lower, -a / b)
    else if (a > 0) return 360
  }
  return upper <= lower ? 360 : zoneBetween(lower, upper)
}
