import { calculation } from '../working/calculation.ts'
import f0Table from '../../data/iso76-f0.json' with { type: 'json' }
import { factsOf, isThrust } from '../bearing-types/index.ts'
import { interpolate } from '../tables/step-table.ts'
import { checkInterior, type Interior, RatingInput } from './interior.ts'

export interface StaticRating {
  /** Factor of ISO 76 for this interior. */
  f0: number
  /** Basic static rating C0, N: radial, for thrust bearings axial. */
  ratingN: number
}

/**
 * Basic static load rating of a bearing from its interior: the load that dents the tracks by 0.0001 of the element diameter.
 *
 *     radial ball: C0 = f0 i Z Dw² cos α      thrust ball: C0 = f0 Z Dw² sin α
 *     roller:      C0 = 44 (1 − γ) i Z Lwe Dwe cos α      thrust roller: C0 = 220 (1 − γ) Z Lwe Dwe sin α
 *
 * f0 of balls is linear in γ between the rows of the standard.
 *
 * @param input - elements in one row; diameters and length in mm; angle in degrees
 * @throws InputError where the interior cannot be built or lies outside the standard
 * @example staticRating({ bearingType: 'deep-groove-ball', elements: 9, elementDiameterMm: 9.525,
 *   pitchDiameterMm: 46 }).ratingN // 11 260
 * @see ISO 76:2006
 */
export function staticRating(input: RatingInput): StaticRating {
  const interior = checkInterior(input)
  const { bearingType, rows, elements: z, elementDiameterMm: dw, elementLengthMm: lwe, alphaRad } = interior
  const f0 = staticFactor(interior)
  const turned = isThrust(bearingType) ? Math.sin(alphaRad) : rows * Math.cos(alphaRad)
  const contact = factsOf(bearingType).grooves ? dw ** 2 : lwe * dw
  return { f0, ratingN: f0 * z * contact * turned }
}

function staticFactor({ bearingType, gamma }: Interior): number {
  const { grooves } = factsOf(bearingType)
  const thrust = isThrust(bearingType)
  if (!grooves) return (thrust ? 220 : 44) * (1 - gamma)
  const column = thrust ? 'thrust' : grooves.outer === 'sphere' ? 'selfAligning' : 'radial'
  return interpolate(f0Table.rows, gamma, f0Table.columns.indexOf(column))
}

export const staticRatingCalculation = calculation(
  'rating.static',
  'Basic static rating from the interior',
  'ISO 76:2006',
  RatingInput,
  staticRating,
)
