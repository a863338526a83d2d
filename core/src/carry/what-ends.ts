import { factsOf } from '../bearing-types/index.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt, type Outcome } from '../errors/input-error.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { runningSpeed } from '../model/running-speed.ts'
import { greaseLife, GreaseLifeInput, type GreaseLife } from '../running/grease-life.ts'

/** Closed on both sides, a bearing is greased once, by its maker; an insert bearing has a nipple all the same. */
export const isSealedForLife = ({ decoded, row }: ResolvedBearing): boolean =>
  decoded.closedSides === 2 && !factsOf(row.type).insertUnit

/**
 * How long the grease lasts that the maker of a closed bearing put in.
 *
 * @returns null for a bearing that is greased again, or while speed or temperature is not known
 * @see grease.life
 */
export function ownGreaseLife(
  { grease, seat, float }: RollingPosition,
  bearing: ResolvedBearing,
  speed: ReturnType<typeof runningSpeed>,
  loadRatio: number | null,
): Outcome<GreaseLife> | null {
  const { row, decoded } = bearing
  const temperatureC = Math.max(grease.runningC ?? -Infinity, float.outerC ?? -Infinity)
  if (!isSealedForLife(bearing) || !speed || !Number.isFinite(temperatureC)) return null
  const { maxValue: most } = GreaseLifeInput.shape.loadRatio.unwrap()
  return attempt(() =>
    greaseLife(
      GreaseLifeInput.parse({
        bearingType: row.type,
        boreMm: row.boreMm,
        odMm: row.odMm,
        speedRpm: speed.meanRpm,
        temperatureC,
        closure: decoded.closure,
        ...(loadRatio === null ? {} : { loadRatio: Math.min(loadRatio, most ?? 1) }),
        orientation: grease.orientation,
        vibration: grease.vibration,
        contamination: grease.contamination,
        moisture: grease.moisture,
        outerRingRotates: seat.loadCase === 'outer-turns',
      }),
    ),
  )
}

/** What ends a bearing that is well fitted, and when. */
export interface End {
  end: 'fatigue' | 'grease'
  hoursH: number
}

/** The shorter of both; fatigue where they end alike. */
export function firstEnd(fatigueH: number, greaseH: number | null): End {
  return greaseH !== null && greaseH < fatigueH
    ? { end: 'grease', hoursH: greaseH }
    : { end: 'fatigue', hoursH: fatigueH }
}
