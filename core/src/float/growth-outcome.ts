import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { judgedLife, workOutCarry } from '../carry/work-out.ts'
import type { Machine } from '../model/machine.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { float, type Float } from './room.ts'
import { withinBounds, withinShafts } from './growth.ts'
import { roomToLeave } from './practices/index.ts'
import { growthMarginMm, growthOverRise } from './practices/physics.ts'
import type { GrowthPractice } from '../model/site-practices.ts'
import type { Practised } from '../working/practice.ts'

/** How the shaft grows and what comes of it. */
export interface GrowthOutcome {
  /** Expansion over the rise; negative when it runs colder, mm. */
  growthMm: number
  /** Room to leave by every practice, the leading one first, mm. */
  practices: Practised<GrowthPractice, number>[]
  /** Room to leave by the leading one, mm. */
  leaveMm: number
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
  const given = { spanMm, material: shaftMaterial, assemblyC, runningC: hottestC }
  const growthMm = growthOverRise(given)
  const practices = roomToLeave(given, machine.practices?.growth)
  const room = roomFor(position, growthMm, lookup.kind === 'found' ? lookup.bearing : null)
  const thrustN = room?.verdict === 'bound' ? room.thrustN : null
  const leaveMm = practices[0]?.outcome.value ?? Math.abs(growthMm) + growthMarginMm
  return {
    growthMm,
    practices,
    leaveMm,
    room,
    lifeLeftH: thrustN === null ? null : lifeUnder(thrustN, position, machine, lookup),
  }
}

function roomFor({ float: given }: RollingPosition, growthMm: number, bearing: ResolvedBearing | null): Float | null {
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
