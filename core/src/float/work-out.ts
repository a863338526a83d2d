import { pairPlay, type PairPlay } from '../carry/pair-play.ts'
import type { CarryOutcome } from '../carry/work-out.ts'
import { makersWord } from '../catalogue/makers-word.ts'
import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { ClearanceClass } from '../bearing-types/index.ts'
import type { Machine } from '../model/machine.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { clearanceSteps, type ClearanceSteps, type Fits, type Span } from './clearance-steps.ts'
import { endsOutcome, type EndsOutcome } from './ends/work-out.ts'
import { growthOutcome, type GrowthOutcome } from './growth-outcome.ts'
import { lifeShareOf, type LifeShare } from './life-share.ts'

/** The clearance that is judged, and what it leaves of the life. */
export interface ClearanceOutcome {
  /** Running, or mounted and cold while the temperatures are not known. */
  running: boolean
  span: Span
  /** Clearance the verdict hangs on, µm: the least probable; before the temperatures are known the probable one. */
  judgedUm: number
  /** Life there over the basic rating life; 1 where clearance is left; null where the load is not known. */
  lifeShare: number | null
  /** First looser class that keeps its life; null where none does or none is needed. */
  betterClass: ClearanceClass | null
}

/** Everything Float works out of a position, typed. */
export interface FloatOutcome {
  bearing: ResolvedBearing | null
  steps: ClearanceSteps | null
  clearance: ClearanceOutcome | null
  pair: PairPlay | null
  growth: GrowthOutcome | null
  /** Null until somebody asks which end holds. */
  ends: EndsOutcome | null
  fits: Fits
}

export function workOutFloat(
  position: RollingPosition,
  machine: Machine,
  lookup: BearingLookup,
  fits: Fits,
  carried: CarryOutcome,
): FloatOutcome {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const steps = bearing
    ? clearanceSteps(position, bearing, fits, {
        elements: machine.practices?.clearance,
        word: makersWord(position, machine),
      })
    : null
  const growth = growthOutcome(position, machine, lookup)
  return {
    bearing,
    steps,
    clearance: bearing && steps ? judgeClearance(bearing, steps, lifeShareOf(bearing, carried)) : null,
    pair: bearing ? pairPlay(position, bearing) : null,
    growth,
    ends: endsOutcome(position, bearing, growth),
    fits,
  }
}

/** Life that may be lost to the tight side before a word is said. */
export const leastShare = 0.9

function judgeClearance(
  { decoded }: ResolvedBearing,
  { operating, mounted, classes }: ClearanceSteps,
  lifeShare: LifeShare,
): ClearanceOutcome {
  const span = operating ?? mounted
  const running = operating !== null
  const judged = ({ least, probable }: Span) => (running ? least : probable)
  const judgedUm = judged(span)
  const share = judgedUm >= 0 ? 1 : lifeShare(judgedUm)
  const keeps = (one: Span) => judged(one) >= 0 || (lifeShare(judged(one)) ?? 0) >= leastShare
  const present = classes.findIndex(({ name }) => name === decoded.clearanceClass)
  const better =
    share === null || share >= leastShare ? undefined : classes.slice(present + 1).find((one) => keeps(one.judged))
  return { running, span, judgedUm, lifeShare: share, betterClass: better?.name ?? null }
}
