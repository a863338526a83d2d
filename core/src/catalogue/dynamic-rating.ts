import { calculation } from '../working/calculation.ts'
import { factsOf, isThrust } from '../bearing-types/index.ts'
import type { Grooves, RatingRules } from '../bearing-types/facts.ts'
import { checkInterior, type Interior, RatingInput } from './interior.ts'

export interface DynamicRating {
  /** Factor of geometry and contact. */
  fc: number
  /** Factor of contemporary steel and manufacture. */
  bm: number
  /** Basic dynamic rating C, N: radial, for thrust bearings axial. */
  ratingN: number
}

/** Balls over one inch gain less with their size. */
const largeBallMm = 25.4

/**
 * Basic dynamic load rating of a bearing from its interior.
 *
 *     ball:    C = bm fc (i cos α)^0.7 Z^(2/3) Dw^1.8           over 25.4 mm 3.647 Dw^1.4 in place of Dw^1.8
 *     thrust:  C = bm fc (cos α)^0.7 tan α Z^(2/3) Dw^1.8       at 90° without the angle
 *     roller:  C = bm fc (i Lwe cos α)^(7/9) Z^(3/4) Dwe^(29/27)      thrust at 90° without the angle
 *
 * The closed form behind the printed fc tables is used, within 0.06 of them throughout.
 *
 * @param input - elements in one row; diameters and length in mm; angle in degrees
 * @throws InputError where the interior cannot be built or lies outside the standard
 * @example dynamicRating({ bearingType: 'deep-groove-ball', elements: 9, elementDiameterMm: 9.525,
 *   pitchDiameterMm: 46 }).ratingN // 19 456
 * @see ISO 281:2007; ISO/TR 1281-1
 */
export function dynamicRating(input: RatingInput): DynamicRating {
  const interior = checkInterior(input)
  const { bearingType, rows, elements: z, elementDiameterMm: dw, elementLengthMm: lwe, alphaRad, bm } = interior
  const cos = Math.cos(alphaRad)
  const { grooves, ratings } = factsOf(bearingType)
  if (!grooves) {
    const thrust = isThrust(bearingType)
    const fc = thrust ? thrustRollerFactor(interior) : rollerFactor(interior.gamma)
    const angle = thrust ? 1 : cos
    return { fc, bm, ratingN: bm * fc * (rows * lwe * angle) ** (7 / 9) * z ** (3 / 4) * dw ** (29 / 27) }
  }
  const size = dw <= largeBallMm ? dw ** 1.8 : 3.647 * dw ** 1.4
  if (isThrust(bearingType)) {
    const fc = thrustBallFactor(interior)
    const angle = interior.contactAngleDeg === 90 ? 1 : cos ** 0.7 * Math.tan(alphaRad)
    return { fc, bm, ratingN: bm * fc * angle * z ** (2 / 3) * size }
  }
  const fc = radialBallFactor(grooves, ratings.lambda(rows), interior.gamma)
  return { fc, bm, ratingN: bm * fc * (rows * cos) ** 0.7 * z ** (2 / 3) * size }
}

/** Converts the closed forms, written for kilograms-force, to newtons. */
const newtonsPerKgf10 = 98.0665

/** The part of fc that all ball bearings share. */
const curvature = (gamma: number) => (gamma ** 0.3 * (1 - gamma) ** 1.39) / (1 + gamma) ** (1 / 3)

function radialBallFactor(grooves: Grooves, lambda: ReturnType<RatingRules['lambda']>, gamma: number): number {
  // Groove radii as a share of the ball diameter, as the rating takes them; a sphere is as wide as the bearing is.
  const ri = grooves.inner
  const re = grooves.outer === 'sphere' ? 0.5 * (1 / gamma + 1) : 0.52
  const innerToOuter = 1.04 * ((1 - gamma) / (1 + gamma)) ** 1.72 * ((ri * (2 * re - 1)) / (re * (2 * ri - 1))) ** 0.41
  return (
    0.41 *
    newtonsPerKgf10 *
    lambda *
    ((2 * ri) / (2 * ri - 1)) ** 0.41 *
    curvature(gamma) *
    (1 + innerToOuter ** (10 / 3)) ** -0.3
  )
}

function thrustBallFactor({ contactAngleDeg, alphaRad, elementDiameterMm, pitchDiameterMm, gamma }: Interior): number {
  const lambda = 0.9
  const eta = 1 - Math.sin(alphaRad) / 3
  const groove = (1.07 / 0.07) ** 0.41
  const common = newtonsPerKgf10 * lambda * eta * groove
  if (contactAngleDeg === 90) return common * (elementDiameterMm / pitchDiameterMm) ** 0.3 * 2 ** -0.3
  return common * curvature(gamma) * (1 + (((1 - gamma) / (1 + gamma)) ** 1.72) ** (10 / 3)) ** -0.3
}

/** Both washers alike: (1 + 1)^(−2/9) of one contact, with λν = 0.73 and η = 0.85 of thrust rollers at 90°. */
const thrustRollerFactor = ({ elementDiameterMm, pitchDiameterMm }: Interior): number =>
  551.13373 * 0.73 * 0.85 * 2 ** (-2 / 9) * (elementDiameterMm / pitchDiameterMm) ** (2 / 9)

function rollerFactor(gamma: number): number {
  const innerToOuter = 1.04 * ((1 - gamma) / (1 + gamma)) ** (143 / 108)
  return (
    207.9 *
    0.83 *
    ((gamma ** (2 / 9) * (1 - gamma) ** (29 / 27)) / (1 + gamma) ** 0.25) *
    (1 + innerToOuter ** 4.5) ** (-2 / 9)
  )
}

export const dynamicRatingCalculation = calculation(
  'rating.dynamic',
  'Basic dynamic rating from the interior',
  'ISO 281:2007',
  RatingInput,
  dynamicRating,
)
