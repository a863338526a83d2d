import { initialClearance } from '../catalogue/initial-clearance.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import { clearanceClasses, isBall, type ClearanceClass } from '../model/bearing-type.ts'
import type { Position } from '../model/position.ts'
import type { FitResult } from '../seat/fit-result.ts'
import { mountedClearance, operatingClearance, ringExpansion } from './mounted-clearance.ts'

/** What Float takes from Seat: the fits of both rings; null while they are not settled. */
export interface Fits {
  shaft: FitResult | null
  housing: FitResult | null
}

export interface Span {
  min: number
  probable: number
  max: number
}

/** Radial clearance step by step, µm, each with its range. */
export interface ClearanceSteps {
  initial: Span
  /** After the inner ring is on its shaft. */
  onShaft: Span
  /** And the outer in its housing, all cold. */
  mounted: Span
  /** Null until both temperatures are known. */
  operating: Span | null
  /** Lost besides, were the rolling elements as hot as the inner ring, µm: the other school. */
  hotElementsUm: number | null
  /** Each class of the standard, and what it would come to where this one is judged. */
  classes: { name: ClearanceClass; initial: Span; judged: Span; least: number }[]
}

/** A ground seat loses this much of its peaks, a turned one more, as in Seat. */
const smoothed = (interferenceUm: number, diameterMm: number, turned: boolean) =>
  interferenceUm > 0 ? (interferenceUm * diameterMm) / (diameterMm + (turned ? 3 : 2)) : interferenceUm

type Which = 'Min' | 'Mean' | 'Max'

/** Types whose play is made with nut, shims or drive-up have no clearance to follow from the box. */
export const setOnMounting = ({ decoded }: ResolvedBearing): boolean =>
  decoded.clearanceClass === null || decoded.boreShape === 'tapered'

/**
 * Follows the clearance from the box through both fits to running.
 *
 * Least clearance meets the tightest fits, greatest the loosest.
 *
 * @returns null while a fit is not settled, and for types whose play is set on mounting
 */
export function clearanceSteps(
  position: Position,
  bearing: ResolvedBearing,
  { shaft, housing }: Fits,
): ClearanceSteps | null {
  const { float: given, seat } = position
  const { decoded, row, interior } = bearing
  if (!shaft || !housing || decoded.clearanceClass === null || decoded.boreShape === 'tapered') return null
  const boxOf = (name: ClearanceClass): Span | null => {
    const { value } = attempt(() =>
      initialClearance({
        bearingType: row.type,
        boreMm: row.boreMm,
        boreShape: decoded.boreShape,
        clearanceClass: name,
      }),
    )
    return value && { min: value.minUm, probable: (value.minUm + value.maxUm) / 2, max: value.maxUm }
  }
  const measured = given.measuredUm
  const initial =
    measured === null ? boxOf(decoded.clearanceClass) : { min: measured, probable: measured, max: measured }
  if (!initial) return null
  const { innerC, outerC } = given
  const lossOf = (which: Which) => {
    const stack = {
      boreMm: row.boreMm,
      odMm: row.odMm,
      innerRacewayMm: interior.innerRacewayMm,
      outerRacewayMm: interior.outerRacewayMm,
      shaftBoreMm: seat.shaftBoreMm ?? 0,
      shaftInterferenceUm: smoothed(shaft[`interference${which}Um`], row.boreMm, seat.finish === 'turned'),
      housingInterferenceUm: smoothed(housing[`interference${which}Um`], row.odMm, false),
      shaftMaterial: given.shaftMaterial,
      housingMaterial: given.housingMaterial,
    }
    const cold = mountedClearance(stack)
    return {
      onShaft: cold.innerExpansionUm,
      mounted: cold.reductionUm,
      running:
        innerC === null || outerC === null
          ? null
          : operatingClearance({ ...stack, initialUm: 0, innerC, outerC }).reductionUm,
    }
  }
  const { value: losses } = attempt(() => ({ Min: lossOf('Min'), Mean: lossOf('Mean'), Max: lossOf('Max') }))
  // A hollow shaft as wide as the bore, or a fit beyond the elastic, is refused where it is entered.
  if (!losses) return null
  const after = (from: Span, taken: (loss: ReturnType<typeof lossOf>) => number): Span => ({
    min: from.min - taken(losses.Max),
    probable: from.probable - taken(losses.Mean),
    max: from.max - taken(losses.Min),
  })
  const judge = (box: Span) => after(box, (loss) => loss.running ?? loss.mounted)
  const ball = isBall(row.type)
  return {
    initial,
    onShaft: after(initial, (loss) => loss.onShaft),
    mounted: after(initial, (loss) => loss.mounted),
    operating: losses.Mean.running === null ? null : judge(initial),
    hotElementsUm: innerC === null || outerC === null ? null : hotElements(bearing, innerC - outerC),
    classes: clearanceClasses.flatMap((name) => {
      const box = boxOf(name)
      if (!box) return []
      const judged = judge(box)
      return [{ name, initial: box, judged, least: leastJudged(judged, box, ball) }]
    }),
  }
}

/** Elements at the inner ring’s temperature instead of between the rings take the outer raceway for the mean diameter. */
const hotElements = ({ interior: { innerRacewayMm: F, outerRacewayMm: E } }: ResolvedBearing, riseC: number): number =>
  1000 * ringExpansion * riseC * (E - (F + E) / 2)

/**
 * Least clearance to judge by. Rollers must keep clearance when every tolerance meets at its tight end; balls bear a touch of
 * preload, so for them the tolerances are taken to meet as chance has it.
 */
export function leastJudged({ min, probable, max }: Span, initial: Span, ball: boolean): number {
  if (!ball) return min
  const ofBox = (initial.max - initial.min) / 2
  const ofFits = (max - min) / 2 - ofBox
  return probable - Math.hypot(ofBox, ofFits)
}
