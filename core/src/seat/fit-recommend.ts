import { calculation } from '../working/calculation.ts'
import { InputError } from '../errors/input-error.ts'
import { factsOf } from '../bearing-types/index.ts'
import { interference } from './fit-result.ts'
import { iso286Limits } from './iso286-limits.ts'
import { FitRecommendInput } from './fit-recommend.schema.ts'
import { housingZone } from './housing-zone.ts'
import { inchSeat } from './inch-seat.ts'
import { ringLimits } from '../catalogue/ring-limits.ts'
import { loadClassOf, loadCutsOf, nearCut } from './load-class.ts'
import { shaftZone } from './shaft-zone.ts'

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
  const load = loadRatio === null ? 'normal' : loadClassOf(loadRatio, input.cuts)
  const { zone, reason } = input.seat === 'shaft' ? shaftZone(input, load) : housingZone(input, load)
  const seat = iso286Limits({ nominalMm: input.diameterMm, zone })
  const fit = interference(input.seat, seat, limits)
  return {
    zone,
    seatLowerUm: seat.lowerUm,
    seatUpperUm: seat.upperUm,
    interferenceMinUm: fit.interferenceMinUm,
    interferenceMaxUm: fit.interferenceMaxUm,
    reason: `${reason}${loadRatio === null ? '' : nearCutRemark(loadRatio, input)}`,
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

function nearCutRemark(loadRatio: number, { cuts }: FitRecommendInput): string {
  const { light, normal } = loadCutsOf(cuts)
  for (const cut of [light, normal]) {
    if (Math.abs(loadRatio - cut) <= nearCut)
      return ` P/C ${loadRatio.toFixed(3)} lies close to the cut at ${cut}: the next row is as good.`
  }
  return ''
}

export const fitRecommendCalculation = calculation(
  'fit.recommend',
  'Recommended seat for a ring',
  'Handbook practice; ISO 286, ISO 492',
  FitRecommendInput,
  fitRecommend,
)
