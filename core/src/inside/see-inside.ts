import { factsOf } from '../bearing-types/index.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { resolveInside } from './bearing-inside.ts'
import { loadDistribution, type LoadDistribution } from './load-distribution.ts'
import { insideOf } from './of-bearing.ts'
import type { BestClearanceInput } from './best-clearance.ts'
import { referenceLife, type ReferenceLife } from './reference-life.ts'

/** What a bearing of a position is seen under. */
export interface InsideLoad {
  radialN: number
  axialN: number
  /** Running, diametral, µm; minus for preload. Of single rows whose axial load sets it, it says nothing. */
  clearanceUm: number
  tiltArcmin: number
  speedRpm: number | null
  /** C, where the maker gives it; estimated from the inside otherwise. */
  dynamicRatingN: number | null
  rotatingRing: 'inner' | 'outer'
}

export interface SeenInside {
  distribution: LoadDistribution
  /** Null where no speed is given. */
  life: ReferenceLife | null
  /** Pressure at which this type is dented, MPa. */
  dentsAtMPa: number
  /** Whether clearance is an input at all: the axial load of an open row sets its own. */
  setsClearance: boolean
}

/** The one input of the calculations of this folder, for a bearing of the tables. */
export const insideInput = (
  bearing: ResolvedBearing,
  { radialN, axialN, clearanceUm, tiltArcmin, speedRpm, dynamicRatingN, rotatingRing }: InsideLoad,
): BestClearanceInput => ({
  ...insideOf(bearing, { radialN, axialN }),
  operatingClearanceUm: clearanceUm,
  tiltArcmin,
  rotatingRing,
  ...(speedRpm === null ? {} : { speedRpm }),
  ...(dynamicRatingN === null ? {} : { dynamicRatingN }),
})

/**
 * What one would see looking into a bearing: which elements carry and how hard, how they press, and the life that is left of it.
 *
 * @throws InputError where the inside cannot be built or does not carry the load
 * @see ISO/TS 16281; Hertz. Rings are taken as stiff and round.
 */
export function seeInside(bearing: ResolvedBearing, load: InsideLoad): SeenInside {
  const input = insideInput(bearing, load)
  const { speedRpm, dynamicRatingN: _rating, rotatingRing: _ring, ...inside } = input
  return {
    distribution: loadDistribution(inside),
    life: speedRpm === undefined ? null : referenceLife({ ...input, speedRpm }),
    dentsAtMPa: factsOf(bearing.row.type).inside.dentsAtMPa,
    setsClearance: !resolveInside(inside).open,
  }
}
