import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'

const room = (description: string) => z.number().min(0).max(100).optional().meta({ unit: 'mm', description })

export const FloatInput = z.strictObject({
  growthMm: z
    .number()
    .min(-50)
    .max(50)
    .meta({ unit: 'mm', description: 'Growth between the bearings, negative when it shrinks' }),
  roomTowardMm: room('Free travel of the floating ring toward the growth side; needed unless both ends are held'),
  roomAwayMm: room('Free travel on the other side; needed unless both ends are held'),
  locatedEnds: z
    .union([z.literal(0), z.literal(1), z.literal(2)])
    .meta({ description: 'Ends that are held: 0, 1 or 2' }),
  marginMm: z.number().min(0).max(10).default(0.25).meta({ unit: 'mm', description: 'Room that should be left' }),
  bearingPlayMm: z
    .number()
    .min(0)
    .max(5)
    .default(0)
    .meta({ unit: 'mm', description: 'Axial play of both bearings together' }),
  spanMm: z.number().min(10).max(20_000).optional().meta({ unit: 'mm', description: 'Distance between the bearings' }),
  shaftDiameterMm: z.number().min(3).max(2000).optional().meta({ unit: 'mm', description: 'Shaft diameter' }),
  housingStiffnessNPerMm: z
    .number()
    .gt(0)
    .optional()
    .meta({ unit: 'N/mm', description: 'Stiffness of the housings; rigid when absent' }),
  bearingStiffnessNPerMm: z
    .number()
    .gt(0)
    .optional()
    .meta({ unit: 'N/mm', description: 'Axial stiffness of each bearing; rigid when absent' }),
})
export type FloatInput = z.input<typeof FloatInput>

export interface Float {
  /** Room left when grown; negative when it is gone. */
  residualMm: number
  verdict: 'free' | 'tight' | 'bound' | 'unlocated'
  /** Thrust of a bound shaft on its bearings, N; an upper bound where stiffnesses are not given. */
  thrustN: number | null
}

const steelModulus = 206_000
const yieldMPa = 250

/**
 * Whether a shaft has room to grow, and with what force it pushes when it has none.
 *
 *     thrust = min(|residual| k, 250 A, π² E I / L²),   1/k = L/(E A) + 1/k_housing + 2/k_bearing
 *
 * @throws InputError on `roomTowardMm` or `roomAwayMm` when an end floats and the room is not given
 * @see linear springs in series; Euler column
 */
export function float(input: FloatInput): Float {
  const { locatedEnds, marginMm = 0.25 } = input
  const residualMm = residual(input)
  const compared = Math.round(residualMm * 1000) / 1000
  const verdict = compared < 0 ? 'bound' : locatedEnds === 0 ? 'unlocated' : compared < marginMm ? 'tight' : 'free'
  return { residualMm, verdict, thrustN: verdict === 'bound' ? thrust(input, Math.abs(residualMm)) : 0 }
}

function residual(input: FloatInput): number {
  const { growthMm, locatedEnds, bearingPlayMm = 0 } = input
  // With both ends held the bearings' own play is the only relief.
  if (locatedEnds === 2) return bearingPlayMm - Math.abs(growthMm)
  const toward = needed(input.roomTowardMm, 'roomTowardMm')
  const away = needed(input.roomAwayMm, 'roomAwayMm')
  if (locatedEnds === 0) return toward + away - Math.abs(growthMm)
  return growthMm >= 0 ? toward - growthMm : away - Math.abs(growthMm)
}

function needed(roomMm: number | undefined, field: string): number {
  if (roomMm !== undefined) return roomMm
  throw new InputError({
    code: 'MISSING',
    field,
    value: undefined,
    allowed: 'the free travel in mm unless both ends are held',
    fix: 'Measure depth of housing, ring position and spigot, gasket in place.',
  })
}

function thrust(input: FloatInput, residualMm: number): number | null {
  const { spanMm: span, shaftDiameterMm: d, housingStiffnessNPerMm, bearingStiffnessNPerMm } = input
  if (span === undefined || d === undefined) return null
  const area = (Math.PI * d ** 2) / 4
  const give =
    span / (steelModulus * area) +
    (housingStiffnessNPerMm ? 1 / housingStiffnessNPerMm : 0) +
    (bearingStiffnessNPerMm ? 2 / bearingStiffnessNPerMm : 0)
  const buckling = (Math.PI ** 2 * steelModulus * (Math.PI * d ** 4)) / 64 / span ** 2
  return Math.min(residualMm / give, yieldMPa * area, buckling)
}

export const floatCalculation = calculation(
  'shaft.float',
  'Room left to grow, and the thrust without it',
  'Springs in series; Euler column',
  FloatInput,
  float,
)
