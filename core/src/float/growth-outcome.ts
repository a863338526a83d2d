import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { judgedLife, workOutCarry } from '../carry/work-out.ts'
import type { Machine } from '../model/machine.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { float, type Float } from './room.ts'
import { growth, growthMarginMm, withinBounds, withinShafts, type Growth } from './growth.ts'

/** How the shaft grows and what comes of it. */
export interface GrowthOutcome {
  grown: Growth
  /** Null until it is known which ends are held, and the room where one floats. */
  room: Float | null
  /** Rated life that the thrust of a bound shaft leaves, h; 0 when the bearing cannot take it at all; null unless bound. */
  lifeLeftH: number | null
}

/** @returns null until span, material and both temperatures are known */
export function growthOutcome(
  position: RollingPosition,
  machine: Machine,
  lookup: BearingLookup,
): GrowthOutcome | null {
  const { spanMm, assemblyC, hottestC, shaftMaterial } = position.float
  if (spanMm === null || assemblyC === null || hottestC === null) return null
  const grown = growth({ spanMm, material: shaftMaterial, assemblyC, runningC: hottestC })
  const room = roomFor(position, grown, lookup.kind === 'found' ? lookup.bearing : null)
  const thrustN = room?.verdict === 'bound' ? room.thrustN : null
  return { grown, room, lifeLeftH: thrustN === null ? null : lifeUnder(thrustN, position, machine, lookup) }
}

function roomFor(
  { float: given }: RollingPosition,
  { growthMm }: Growth,
  bearing: ResolvedBearing | null,
): Float | null {
  const { locatedEnds, roomTowardMm, roomAwayMm, spanMm, housingStiffnessNPerMm } = given
  // Where nothing else is known of the shaft it is as thick as its seat; one that is thicker pushes harder.
  const thick = given.shaftDiameterMm ?? bearing?.row.boreMm
  if (locatedEnds === null) return null
  if (locatedEnds !== 2 && (roomTowardMm === null || roomAwayMm === null)) return null
  return float({
    growthMm: withinBounds(growthMm),
    locatedEnds,
    marginMm: growthMarginMm,
    ...(roomTowardMm === null ? {} : { roomTowardMm }),
    ...(roomAwayMm === null ? {} : { roomAwayMm }),
    ...(spanMm === null ? {} : { spanMm }),
    ...(thick === undefined ? {} : { shaftDiameterMm: withinShafts(thick) }),
    ...(housingStiffnessNPerMm === null ? {} : { housingStiffnessNPerMm }),
  })
}

/** Life with the thrust on top of the axial load that is there; 0 where the bearing takes no such load. */
export function lifeUnder(
  thrustN: number,
  position: RollingPosition,
  machine: Machine,
  lookup: BearingLookup,
): number | null {
  const { load } = position
  const steps = load.steps.map((step) => ({ ...step, axialN: step.axialN + thrustN }))
  const pushed = { ...position, load: { ...load, axialN: (load.axialN ?? 0) + thrustN, steps } }
  const outcome = workOutCarry(pushed, machine, lookup)
  if (outcome.refusal || outcome.life?.beyondRating) return 0
  return judgedLife(outcome)
}
