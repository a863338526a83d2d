import { isBall, type BearingType } from '../bearing-types/index.ts'

/**
 * Load below which a clean bearing does not tire, N, simplified.
 *
 *     ball C0/22, roller C0/8.2; over 100 mm pitch times (100/Dpw)^0.5 or ^0.3
 *
 * @see ISO 281:2007, annex B, the simplified form
 */
export function fatigueLimit(type: BearingType, staticRatingN: number, pitchDiameterMm: number): number {
  const size = pitchDiameterMm > 100 ? (100 / pitchDiameterMm) ** (isBall(type) ? 0.5 : 0.3) : 1
  return (staticRatingN / (isBall(type) ? 22 : 8.2)) * size
}
