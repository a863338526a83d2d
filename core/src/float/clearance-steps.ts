import { makersClearance } from '../catalogue/makers-word.ts'
import type { MakerValues } from '../model/maker-values.ts'
import { initialClearance } from '../catalogue/initial-clearance.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import { type ClearanceClass, clearanceClasses } from '../bearing-types/index.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { FitResult } from '../seat/fit-result.ts'
import type { ClearancePractice } from '../model/site-practices.ts'
import { smoothed } from '../seat/shrink-fit.ts'
import { housingMaterialOf } from '../seat/work-out.ts'
import { mountedClearance, operatingClearance, ringExpansion } from './mounted-clearance.ts'

/** What Float takes from Seat: the fits of both rings; null while they are not settled. */
export interface Fits {
  shaft: FitResult | null
  housing: FitResult | null
}

export interface Span {
  /** Every tolerance at its tight end, and at its loose one. */
  min: number
  max: number
  /** Middle of every tolerance. */
  probable: number
  /** Where the tolerances probably meet: the middle less and plus the root of the sum of squares. */
  least: number
  most: number
}

/** Radial clearance step by step, µm, each with its range. */
export interface ClearanceSteps {
  initial: Span
  /** A maker's list gives it, and not the standard. */
  fromMaker: boolean
  /** After the inner ring is on its shaft. */
  onShaft: Span
  /** And the outer in its housing, all cold. */
  mounted: Span
  /** Null until both temperatures are known. */
  operating: Span | null
  /** What elements as hot as the inner ring take more than such between the rings, µm; minus where the first are reckoned with. */
  hotElementsUm: number | null
  /** How warm they are taken to be. */
  elements: ClearancePractice
  /** Each class of the standard, and what it would come to where this one is judged. */
  classes: { name: ClearanceClass; initial: Span; judged: Span }[]
}

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
  position: RollingPosition,
  bearing: ResolvedBearing,
  { shaft, housing }: Fits,
  { elements, word = null }: { elements?: ClearancePractice | null | undefined; word?: MakerValues | null } = {},
): ClearanceSteps | null {
  const { float: given, seat } = position
  const { decoded, row, interior } = bearing
  if (!shaft || !housing || decoded.clearanceClass === null || decoded.boreShape === 'tapered') return null
  const makers = makersClearance(word, decoded)
  const boxOf = (name: ClearanceClass): Span | null => {
    if (makers && name === decoded.clearanceClass) return spanOf(makers.minUm, makers.maxUm)
    const { value } = attempt(() =>
      initialClearance({
        bearingType: row.type,
        boreMm: row.boreMm,
        boreShape: decoded.boreShape,
        clearanceClass: name,
      }),
    )
    return value && spanOf(value.minUm, value.maxUm)
  }
  const measured = given.measuredUm
  const initial = measured === null ? boxOf(decoded.clearanceClass) : spanOf(measured, measured)
  if (!initial) return null
  const { innerC, outerC } = runningTemperatures(position)
  const lossOf = (which: Which) => {
    const stack = {
      boreMm: row.boreMm,
      odMm: row.odMm,
      innerRacewayMm: interior.innerRacewayMm,
      outerRacewayMm: interior.outerRacewayMm,
      shaftBoreMm: seat.shaftBoreMm ?? 0,
      shaftInterferenceUm: smoothed(shaft[`interference${which}Um`], row.boreMm, seat.finish),
      housingInterferenceUm: smoothed(housing[`interference${which}Um`], row.odMm, 'ground'),
      shaftMaterial: given.shaftMaterial,
      housingMaterial: housingMaterialOf(position),
      housingOdMm: housingOutside(position, row.odMm),
    }
    const cold = mountedClearance(stack)
    return {
      onShaft: cold.innerExpansionUm,
      mounted: cold.reductionUm,
      running:
        innerC === null || outerC === null
          ? null
          : operatingClearance({ ...stack, initialUm: 0, innerC, outerC }).reductionUm +
            (elements === 'as-inner-ring' ? hotElements(bearing, innerC - outerC) : 0),
    }
  }
  const { value: losses } = attempt(() => ({ Min: lossOf('Min'), Mean: lossOf('Mean'), Max: lossOf('Max') }))
  // A hollow shaft as wide as the bore, or a fit beyond the elastic, is refused where it is entered.
  if (!losses) return null
  const after = (box: Span, taken: (loss: ReturnType<typeof lossOf>) => number): Span => {
    const probable = box.probable - taken(losses.Mean)
    const half = Math.hypot((box.max - box.min) / 2, (taken(losses.Max) - taken(losses.Min)) / 2)
    return {
      min: box.min - taken(losses.Max),
      max: box.max - taken(losses.Min),
      probable,
      least: probable - half,
      most: probable + half,
    }
  }
  const judge = (box: Span) => after(box, (loss) => loss.running ?? loss.mounted)
  return {
    initial,
    fromMaker: measured === null && makers !== null,
    onShaft: after(initial, (loss) => loss.onShaft),
    mounted: after(initial, (loss) => loss.mounted),
    operating: losses.Mean.running === null ? null : judge(initial),
    hotElementsUm:
      innerC === null || outerC === null
        ? null
        : hotElements(bearing, innerC - outerC) * (elements === 'as-inner-ring' ? -1 : 1),
    elements: elements ?? 'between-rings',
    classes: clearanceClasses.flatMap((name) => {
      const box = boxOf(name)
      if (!box) return []
      return [{ name, initial: box, judged: judge(box) }]
    }),
  }
}

/** Elements at the inner ring’s temperature instead of between the rings take the outer raceway for the mean diameter. */
const hotElements = ({ interior: { innerRacewayMm: F, outerRacewayMm: E } }: ResolvedBearing, riseC: number): number =>
  1000 * ringExpansion * riseC * (E - (F + E) / 2)

/** A span whose ends are not told apart from what is probable. */
const spanOf = (min: number, max: number): Span => ({ min, max, probable: (min + max) / 2, least: min, most: max })

/** Temperatures of the rings as it runs, °C: the outer ring’s is the housing’s where only that was entered. */
export const runningTemperatures = ({
  float: { innerC, outerC },
  grease: { runningC },
}: RollingPosition): { innerC: number | null; outerC: number | null } => ({ innerC, outerC: outerC ?? runningC })

/** A thin wall gives: its outside over the bearing’s. */
const thinWall = 1.3

/** Outside of the housing, mm; 0 for a block so thick that it does not matter. */
function housingOutside({ seat, float }: RollingPosition, odMm: number): number {
  if (float.housingWallMm !== null) return odMm + 2 * float.housingWallMm
  return seat.housing === 'thin-wall' ? thinWall * odMm : 0
}
