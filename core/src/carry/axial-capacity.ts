import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import type { AxialLimit } from './axial-limits.ts'
import { wantedStaticSafety } from './static-safety.ts'
import { equivalentOf, type Ratings } from './work-out.ts'

/** Halvings of the ratio between most and least: to a quarter of a per cent, where two figures are shown. */
const halvings = 12

/**
 * Largest axial load a bearing takes beside a radial load, N.
 *
 *     P ≤ C/2,   P0 ≤ C0/s0,   and within what its type and its ribs take at all
 *
 * @param running - how it runs, for the static safety wanted
 * @param limits - what gives way before the raceways do: a sleeve, ribs, set screws
 * @returns 0 for a type that takes none
 */
export function axialCapacity(
  radialN: number,
  bearing: ResolvedBearing,
  ratings: Ratings,
  running: string,
  limits: readonly AxialLimit[],
): number {
  const safety = wantedStaticSafety(bearing.row.type, running)
  const bears = (axialN: number): boolean => {
    const load = { radialN, axialN, speedRpm: null, share: 1, externalN: 0, tiltN: 0, ownN: null }
    const { value } = attempt(() => equivalentOf(load, bearing, ratings))
    return (
      value !== null && 2 * value.equivalentN <= ratings.dynamicN && safety * value.staticEquivalentN <= ratings.staticN
    )
  }
  const least = ratings.staticN * 1e-4
  if (!bears(least)) return 0
  let [low, high] = [least, ratings.staticN]
  for (let step = 0; step < halvings; step++) {
    const middle = Math.sqrt(low * high)
    if (bears(middle)) low = middle
    else high = middle
  }
  return Math.min(low, ...limits.map(({ mostN }) => mostN))
}
