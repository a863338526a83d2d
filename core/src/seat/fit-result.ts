import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { attempt, InputError } from '../errors/input-error.ts'
import { BearingType } from '../bearing-types/index.ts'
import { iso286Limits, parseZone, type Limits } from './iso286-limits.ts'
import { BearingSystem, ringLimits, ToleranceClass } from '../catalogue/ring-limits.ts'
import { smoothed } from './shrink-fit.ts'

export const Seat = z.enum(['shaft', 'housing']).meta({ description: 'Which seat' })
export type Seat = z.infer<typeof Seat>

const seatDeviation = (description: string) =>
  z.number().min(-5000).max(5000).optional().meta({ unit: 'µm', description })

export const FitResultInput = z.strictObject({
  seat: Seat,
  nominalMm: z.number().gt(0).lte(1250).meta({ unit: 'mm', description: 'Nominal bore or outside diameter' }),
  zone: z.string().max(8).optional().meta({ description: 'Tolerance zone of the seat; or give the seat limits' }),
  seatLowerUm: seatDeviation('Lower deviation of the seat from nominal'),
  seatUpperUm: seatDeviation('Upper deviation of the seat from nominal'),
  system: BearingSystem.default('metric'),
  toleranceClass: ToleranceClass.optional(),
  bearingType: BearingType.optional(),
  radialN: z
    .number()
    .min(0)
    .max(1e8)
    .optional()
    .meta({ unit: 'N', description: 'Radial load on a rotating-load ring' }),
  widthMm: z.number().gt(0).max(2000).optional().meta({ unit: 'mm', description: 'Ring width, needed with radialN' }),
  staticRatingN: z
    .number()
    .gt(0)
    .optional()
    .meta({ unit: 'N', description: 'Static rating C0; tells the heavy-load rule' }),
  ringRiseC: z
    .number()
    .min(0)
    .max(200)
    .optional()
    .meta({ unit: '°C', description: 'Bearing temperature above its surroundings' }),
  seatFinish: z.enum(['ground', 'turned']).optional().meta({ description: 'Finish of the shaft seat' }),
})
export type FitResultInput = z.input<typeof FitResultInput>

export interface FitResult {
  interferenceMinUm: number
  interferenceMaxUm: number
  interferenceMeanUm: number
  probableMinUm: number
  probableMaxUm: number
}

/** What load and heat take from a shaft fit. */
export interface FitAtWork {
  loadLossUm: number
  thermalLossUm: number
  remainingMinUm: number
  remainingProbableMinUm: number
  holds: boolean
}

/**
 * Tightest, loosest and probable fit of a ring on a seat, µm, tight positive.
 *
 *     shaft:    Imin = L − u,  Imax = U − l          housing:  Imin = l − U,  Imax = u − L
 *     probable: Imean ± √[((U − L)/2)² + ((u − l)/2)²]
 *
 * The probable band takes both sizes as centred and independent.
 *
 * @param seat - shaft or housing
 * @param seatLimits - L, U: deviations of the seat, µm
 * @param ring - l, u: deviations of the mean bore or outside diameter, µm
 * @example interference('shaft', { lowerUm: 11, upperUm: 24 }, { lowerUm: -15, upperUm: 0 }).interferenceMaxUm // 39
 */
export function interference(seat: Seat, seatLimits: Limits, ring: Limits): FitResult {
  const [interferenceMinUm, interferenceMaxUm] =
    seat === 'shaft'
      ? [seatLimits.lowerUm - ring.upperUm, seatLimits.upperUm - ring.lowerUm]
      : [ring.lowerUm - seatLimits.upperUm, ring.upperUm - seatLimits.lowerUm]
  const interferenceMeanUm = (interferenceMinUm + interferenceMaxUm) / 2
  const half = Math.hypot((seatLimits.upperUm - seatLimits.lowerUm) / 2, (ring.upperUm - ring.lowerUm) / 2)
  return {
    interferenceMinUm,
    interferenceMaxUm,
    interferenceMeanUm,
    probableMinUm: interferenceMeanUm - half,
    probableMaxUm: interferenceMeanUm + half,
  }
}

/**
 * Interference a rolling load takes from a shaft fit, µm: the ring is rolled out and stretches.
 *
 *     F ≤ 0.25 C0 or C0 unknown: 0.08 √(d F / B)        above: 0.02 F / B, where that is more
 *
 * A rule of thumb, good to about half. It never falls as the load rises.
 */
export function loadLoss(boreMm: number, widthMm: number, radialN: number, staticRatingN: number | null): number {
  const light = 0.08 * Math.sqrt((boreMm * radialN) / widthMm)
  const heavy = staticRatingN !== null && radialN > 0.25 * staticRatingN ? (0.02 * radialN) / widthMm : 0
  return Math.max(light, heavy)
}

/**
 * Interference left on a shaft seat at work, µm: smoothed, rolled and warmed.
 *
 *     remaining = I · d/(d + s) − loadLoss − 0.0015 d ΔT        s = 2 ground, 3 turned; smoothing only where I > 0
 *
 * Judged on the probable minimum; the guaranteed minimum stands beside it.
 */
export function fitAtWork(
  fit: FitResult,
  work: {
    boreMm: number
    loadLossUm: number
    ringRiseC: number
    seatFinish: 'ground' | 'turned'
  },
): FitAtWork {
  const thermalLossUm = 0.0015 * work.boreMm * work.ringRiseC
  const remaining = (interferenceUm: number) =>
    smoothed(interferenceUm, work.boreMm, work.seatFinish) - work.loadLossUm - thermalLossUm
  const remainingProbableMinUm = remaining(fit.probableMinUm)
  return {
    loadLossUm: work.loadLossUm,
    thermalLossUm,
    remainingMinUm: remaining(fit.interferenceMinUm),
    remainingProbableMinUm,
    holds: remainingProbableMinUm > 0,
  }
}

/**
 * Fit of a ring on a seat given by its zone or its limits, and on request what is left of it at work.
 *
 * @throws InputError on `zone` (missing, or of the other seat), `seatUpperUm` (below the lower), `nominalMm` (beyond a
 *   table), `toleranceClass`, `bearingType`, `seat` (load or heat asked of a housing seat), `widthMm` (needed with a load)
 * @example fitResult({ seat: 'shaft', nominalMm: 70, zone: 'm5' }).interferenceMeanUm // 25
 * @see ISO 286-1, ISO 492; the losses are handbook rules
 */
export function fitResult(input: FitResultInput): FitResult & Partial<FitAtWork> {
  const fit = interference(
    input.seat,
    seatLimitsOf(input),
    ringOfSeat({
      seat: input.seat,
      nominalMm: input.nominalMm,
      system: input.system,
      toleranceClass: input.toleranceClass,
      bearingType: input.bearingType,
    }),
  )
  if (input.radialN === undefined && input.ringRiseC === undefined) return fit
  if (input.seat === 'housing') {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'seat',
      value: 'housing',
      allowed: 'shaft when radialN or ringRiseC is given',
      fix: 'Leave radialN and ringRiseC out for a housing seat.',
    })
  }
  const radialN = input.radialN ?? 0
  if (radialN > 0 && input.widthMm === undefined) {
    throw new InputError({
      code: 'MISSING',
      field: 'widthMm',
      value: undefined,
      allowed: 'the ring width in mm when radialN is given',
      fix: 'Give widthMm.',
    })
  }
  const loadLossUm =
    radialN > 0 ? loadLoss(input.nominalMm, input.widthMm ?? NaN, radialN, input.staticRatingN ?? null) : 0
  const atWork = fitAtWork(fit, {
    boreMm: input.nominalMm,
    loadLossUm,
    ringRiseC: input.ringRiseC ?? 0,
    seatFinish: input.seatFinish ?? 'ground',
  })
  return { ...fit, ...atWork }
}

/**
 * Limits of a seat given by its zone, or by its two deviations; the zone wins.
 *
 * @throws InputError on `zone` (neither given, or of the other seat), `seatUpperUm` (below the lower), `nominalMm`
 */
export function seatLimitsOf(
  input: Pick<FitResultInput, 'seat' | 'nominalMm' | 'zone' | 'seatLowerUm' | 'seatUpperUm'>,
): Limits {
  const { seat, zone, seatLowerUm, seatUpperUm } = input
  if (zone !== undefined) {
    if (parseZone(zone).shaft !== (seat === 'shaft')) {
      throw new InputError({
        code: 'FIELDS_DISAGREE',
        field: 'zone',
        value: zone,
        allowed: seat === 'shaft' ? 'a shaft zone in small letters' : 'a housing zone in capitals',
        fix: 'Small letters are shafts, capitals are housings.',
      })
    }
    return iso286Limits({ nominalMm: input.nominalMm, zone })
  }
  if (seatLowerUm === undefined || seatUpperUm === undefined) {
    throw new InputError({
      code: 'MISSING',
      field: 'zone',
      value: undefined,
      allowed: 'a zone such as k5, or seatLowerUm and seatUpperUm together',
      fix: 'Give the zone or both seat limits.',
    })
  }
  if (seatUpperUm < seatLowerUm) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'seatUpperUm',
      value: seatUpperUm,
      allowed: `at least seatLowerUm (${seatLowerUm} µm)`,
      fix: 'The limits may be swapped.',
    })
  }
  return { lowerUm: seatLowerUm, upperUm: seatUpperUm }
}

/**
 * Limits of the ring that goes on a seat of a nominal size.
 *
 * @throws InputError as `ringLimits`, but naming `nominalMm` where the size is beyond a table
 */
export function ringOfSeat({
  seat,
  nominalMm,
  ...ring
}: Pick<FitResultInput, 'seat' | 'nominalMm' | 'system' | 'toleranceClass' | 'bearingType'>): Limits {
  const { value, refusal } = attempt(() =>
    ringLimits({ ring: seat === 'shaft' ? 'inner' : 'outer', diameterMm: nominalMm, ...ring }),
  )
  if (!refusal) return value
  if (refusal.field !== 'diameterMm') throw refusal
  const { code, allowed, fix } = refusal
  throw new InputError({ code, field: 'nominalMm', value: nominalMm, allowed, fix })
}

export const fitResultCalculation = calculation(
  'fit.result',
  'Tightest, loosest and probable fit',
  'ISO 286-1, ISO 492',
  FitResultInput,
  fitResult,
)
