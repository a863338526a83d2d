import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { isBall, pairedTypes } from '../bearing-types/index.ts'
import { InputError } from '../errors/input-error.ts'
import { angularFactor15Lightly } from '../bearing-types/angular-factors.ts'

const Side = z.strictObject({
  radialN: z.number().min(0).max(1e8).meta({ unit: 'N', description: 'Radial load' }),
  yOrAngleDeg: z
    .number()
    .min(0.3)
    .max(45)
    .meta({ description: 'Below 5: the factor Y; from 5: the contact angle in degrees' }),
})

export const InducedLoadInput = z.strictObject({
  bearingType: z.enum(pairedTypes).meta({ description: 'Type of both bearings' }),
  arrangement: z.enum(['back-to-back', 'face-to-face']).meta({ description: 'How the pair is set' }),
  a: Side.meta({ description: 'Left bearing: radialN, yOrAngleDeg' }),
  b: Side.meta({ description: 'Right bearing: radialN, yOrAngleDeg' }),
  externalAxialN: z
    .number()
    .min(-1e8)
    .max(1e8)
    .default(0)
    .meta({ unit: 'N', description: 'External axial load on the shaft, toward b positive' }),
})
export type InducedLoadInput = z.input<typeof InducedLoadInput>

/**
 * Axial loads in an opposed pair: each bearing pushes the other, and one of them takes the external load besides.
 *
 *     S = Fr / (2 Y); balls over 30°: 1.22 Fr tan α, half of them loaded
 *     taker: max(S_T, S_O + |K|)         other: max(S_O, S_T − |K|)
 *
 * Back to back, a load toward b is taken by a; face to face, by b. For pairs set near zero clearance, without preload.
 *
 * @returns axial load on a and b, N
 * @throws InputError on `a` or `b` when an angle is outside the tables
 * @example inducedLoad({ bearingType: 'tapered-roller', arrangement: 'back-to-back', a: { radialN: 4000, yOrAngleDeg: 1.6 },
 *   b: { radialN: 6000, yOrAngleDeg: 1.5 }, externalAxialN: 2000 }) // { aAxialN: 4000, bAxialN: 2000 }
 * @see ISO 281:2007 for Y; the textbook rule S = Fr/(2Y), which is 14 % low for balls of 40°
 */
export function inducedLoad(input: InducedLoadInput): { aAxialN: number; bAxialN: number } {
  const { bearingType, arrangement, a, b, externalAxialN = 0 } = input
  const ownA = ownAxialLoad('a', bearingType, a)
  const ownB = ownAxialLoad('b', bearingType, b)
  const takenByA = (arrangement === 'back-to-back') === externalAxialN >= 0
  const external = Math.abs(externalAxialN)
  const share = (taker: number, other: number) =>
    [Math.max(taker, other + external), Math.max(other, taker - external)] as const
  if (takenByA) {
    const [aAxialN, bAxialN] = share(ownA, ownB)
    return { aAxialN, bAxialN }
  }
  const [bAxialN, aAxialN] = share(ownB, ownA)
  return { aAxialN, bAxialN }
}

/** Axial force S that a radial load makes inside one bearing of a pair, N. @throws InputError on `field`, the bearing */
export function ownAxialLoad(
  field: 'a' | 'b',
  type: InducedLoadInput['bearingType'],
  { radialN, yOrAngleDeg }: InducedLoadInput['a'],
): number {
  const byFactor = textbookLoad(field, type, { radialN, yOrAngleDeg })
  return isBall(type) && yOrAngleDeg > halfZoneFromDeg ? halfZoneLoad(radialN, yOrAngleDeg) : byFactor
}

/** Steeper balls than this push harder than Fr/(2Y) says, degrees. */
const halfZoneFromDeg = 30

/** Axial force of a row of balls of which half are loaded, N: 1.22 Fr tan α. */
export const halfZoneLoad = (radialN: number, angleDeg: number): number =>
  1.22 * radialN * Math.tan((angleDeg * Math.PI) / 180)

/** The same by the textbook rule Fr/(2Y), to stand beside it. @throws InputError on `field` */
export const textbookLoad = (
  field: 'a' | 'b',
  type: InducedLoadInput['bearingType'],
  { radialN, yOrAngleDeg }: InducedLoadInput['a'],
): number => radialN / (2 * factorY(field, type, yOrAngleDeg))

function factorY(field: 'a' | 'b', type: InducedLoadInput['bearingType'], yOrAngle: number): number {
  if (yOrAngle < 5) return yOrAngle
  if (!isBall(type)) return 0.4 / Math.tan((yOrAngle * Math.PI) / 180)
  if (yOrAngle < 15) {
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field,
      value: yOrAngle,
      allowed: 'a contact angle from 15 to 45° for angular contact ball bearings, or Y below 5',
      fix: 'Check the contact angle of this bearing.',
    })
  }
  return angularFactor15Lightly(yOrAngle)
}

export const inducedLoadCalculation = calculation(
  'load.induced',
  'Axial loads in an opposed pair',
  'Textbook rule with ISO 281 factors',
  InducedLoadInput,
  inducedLoad,
)
