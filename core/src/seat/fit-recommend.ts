import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { factsOf, BearingType } from '../bearing-types/index.ts'
import { interference, Seat } from './fit-result.ts'
import { iso286Limits } from './iso286-limits.ts'
import { housingZone } from './housing-zone.ts'
import { inchSeat } from './inch-seat.ts'
import { BearingSystem, ringLimits, ToleranceClass } from '../catalogue/ring-limits.ts'
import { loadClassOf, loadCuts } from './load-class.ts'
import { shaftZone } from './shaft-zone.ts'

export const RingLoad = z.enum(['rotating', 'stationary', 'indeterminate']).meta({
  description: 'How the load stands to this ring: it meets every point once a turn, always the same point, or both',
})
export type RingLoad = z.infer<typeof RingLoad>
export const HousingKind = z.enum(['solid', 'split', 'thin-wall', 'light-alloy']).meta({ description: 'Housing' })
export type HousingKind = z.infer<typeof HousingKind>
export const Application = z
  .enum(['general', 'machine-tool', 'electric-motor'])
  .meta({ description: 'Kind of machine, as the fit tables see it' })
export type Application = z.infer<typeof Application>

export const FitRecommendInput = z.strictObject({
  seat: Seat,
  bearingType: BearingType,
  diameterMm: z
    .number()
    .gt(0)
    .meta({ unit: 'mm', description: 'Bore for a shaft seat, outside diameter for a housing' }),
  ringLoad: RingLoad,
  loadRatio: z
    .number()
    .min(0)
    .max(1)
    .optional()
    .meta({ description: 'P/C; not needed for a stationary load or a thrust bearing' }),
  housing: HousingKind.default('solid'),
  mustSlide: z.boolean().default(false).meta({ description: 'The ring has to move along its seat' }),
  application: Application.default('general'),
  system: BearingSystem.default('metric'),
  toleranceClass: ToleranceClass.optional(),
  shaftBoreMm: z.number().min(0).optional().meta({ unit: 'mm', description: 'Bore of a hollow shaft' }),
  duty: z.enum(['industrial', 'automotive']).default('industrial').meta({ description: 'Inch tapered: duty' }),
  adjust: z
    .enum(['adjustable', 'non-adjustable', 'floating'])
    .optional()
    .meta({ description: 'Inch tapered: whether this ring is moved to set the end play, stays put, or floats' }),
})
export type FitRecommendInput = z.output<typeof FitRecommendInput>

export interface FitRecommendation {
  /** Absent for inch tapered seats, which are given as limits. */
  zone?: string
  seatLowerUm: number
  seatUpperUm: number
  interferenceMinUm: number
  interferenceMaxUm: number
  reason: string
}

/**
 * Recommended seat for a ring, with the fit it gives and the reason in words.
 *
 * @throws InputError on `loadRatio` (missing where the load decides), `mustSlide` or `adjust` (a ring under a rotating load
 *   cannot slide), `diameterMm` (beyond a row), `shaftBoreMm` (not smaller than the seat), `toleranceClass`
 * @example fitRecommend({ seat: 'shaft', bearingType: 'cylindrical-roller', diameterMm: 95, ringLoad: 'rotating',
 *   loadRatio: 0.12, … }).zone // 'm5'
 * @see handbook practice for the choice (no standard); ISO 286 and ISO 492 for the limits
 */
export function fitRecommend(input: FitRecommendInput): FitRecommendation {
  const ring = input.seat === 'shaft' ? 'inner' : 'outer'
  const ringOf = () =>
    ringLimits({
      ring,
      diameterMm: input.diameterMm,
      system: input.system,
      toleranceClass: input.toleranceClass,
      bearingType: input.bearingType,
    })
  if (input.system === 'inch-tapered') {
    const limits = ringOf()
    const seat = inchSeat(input)
    const fit = interference(input.seat, seat, limits)
    return {
      seatLowerUm: seat.lowerUm,
      seatUpperUm: seat.upperUm,
      interferenceMinUm: fit.interferenceMinUm,
      interferenceMaxUm: fit.interferenceMaxUm,
      reason: seat.reason,
    }
  }
  const limits = ringOf()
  const loadRatio = requiredLoadRatio(input)
  const load = loadRatio === null ? 'normal' : loadClassOf(loadRatio)
  const { zone, reason } = input.seat === 'shaft' ? shaftZone(input, load) : housingZone(input, load)
  const seat = iso286Limits({ nominalMm: input.diameterMm, zone })
  const fit = interference(input.seat, seat, limits)
  return {
    zone,
    seatLowerUm: seat.lowerUm,
    seatUpperUm: seat.upperUm,
    interferenceMinUm: fit.interferenceMinUm,
    interferenceMaxUm: fit.interferenceMaxUm,
    reason: `${reason}${loadRatio === null ? '' : nearCutRemark(loadRatio)}`,
  }
}

/** P/C where the load decides the row; null where it makes no difference. */
function requiredLoadRatio({ loadRatio, ringLoad, bearingType }: FitRecommendInput): number | null {
  const { seating } = factsOf(bearingType)
  if (seating === 'centred' || (ringLoad === 'stationary' && seating !== 'sliding')) return null
  if (loadRatio !== undefined) return loadRatio
  if (ringLoad === 'stationary') return null
  throw new InputError({
    code: 'MISSING',
    field: 'loadRatio',
    value: undefined,
    allowed: 'P/C from 0 to 1, since the load decides the fit of this ring',
    fix: 'Give the load and the bearing, so that P/C is known.',
  })
}

function nearCutRemark(loadRatio: number): string {
  for (const cut of [loadCuts.light, loadCuts.normal]) {
    if (Math.abs(loadRatio - cut) <= loadCuts.nearCut)
      return ` P/C ${loadRatio.toFixed(3)} lies close to the cut at ${cut}: the next row is as good.`
  }
  return ''
}
