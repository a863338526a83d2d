import { factsOf } from '../bearing-types/index.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { ringSteel } from '../model/materials.ts'

/** How the end play of an opposed pair changes from cold to running, mm. */
export interface PairPlay {
  /** Set cold; negative is preload. */
  coldMm: number
  /** What the longer shaft does: slackens back to back, tightens face to face. */
  alongMm: number
  /** What the wider inner rings do: always tightens. */
  acrossMm: number
  hotMm: number
  /** Distance from the middle of a bearing to the point its raceway cone runs to, mm. */
  apexMm: number
}

/**
 * End play of an adjusted pair when the shaft is warmer than the housing.
 *
 *     back to back: play + α ΔT (L − R1 − R2)      face to face: play − α ΔT (L + R1 + R2)      R = Dpw / (2 tan α)
 *
 * Back to back, apexes that meet leave it as it was; apart, it slackens; overlapping, it tightens.
 *
 * @returns null unless the bearing is one of a pair and span, play and both temperatures are known
 * @see geometry of raceway cones; linear expansion
 */
export function pairPlay({ load, float }: RollingPosition, { row, interior }: ResolvedBearing): PairPlay | null {
  const { endPlayMm, innerC, outerC, spanMm } = float
  if (load.arrangement === 'single' || endPlayMm === null || innerC === null || outerC === null || spanMm === null)
    return null
  if (!factsOf(row.type).pairs) return null
  const riseC = innerC - outerC
  const apexMm = interior.pitchDiameterMm / 2 / Math.tan((interior.contactAngleDeg * Math.PI) / 180)
  const alongMm = (load.arrangement === 'back-to-back' ? 1 : -1) * ringSteel.expansion * riseC * spanMm
  const acrossMm = -ringSteel.expansion * riseC * 2 * apexMm
  return { coldMm: endPlayMm, alongMm, acrossMm, hotMm: endPlayMm + alongMm + acrossMm, apexMm }
}
