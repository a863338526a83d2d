import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { press } from './press.ts'

/**
 * Force that presses the inner ring of a bearing onto its seat, N.
 *
 * @param friction - the usual one where it is left out
 * @returns null where the press fit is beyond what the equations cover
 */
export function pressForce(
  { seat }: RollingPosition,
  { row, interior }: ResolvedBearing,
  interferenceUm: number,
  friction?: number,
): number | null {
  const { value } = attempt(() =>
    press({
      boreMm: row.boreMm,
      widthMm: row.widthMm,
      innerRacewayMm: interior.innerRacewayMm,
      shaftBoreMm: seat.shaftBoreMm ?? 0,
      interferenceUm,
      finish: seat.finish,
      ...(friction === undefined ? {} : { friction }),
    }),
  )
  return value?.forceN ?? null
}
