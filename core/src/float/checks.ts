import type { PairPlay } from '../carry/pair-play.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { factsOf, isBall } from '../bearing-types/index.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { housingMaterialOf } from '../seat/work-out.ts'
import { atFitting, now, unknown, type Check } from '../working/check.ts'
import { runningTemperatures } from './clearance-steps.ts'
import { endsChecks, floatingRings } from './ends/checks.ts'
import type { EndsOutcome } from './ends/work-out.ts'
import { floatsInside } from './floats-inside.ts'
import type { GrowthOutcome } from './growth-outcome.ts'
import * as words from './words.ts'
import { leastShare, type ClearanceOutcome, type FloatOutcome } from './work-out.ts'

/** The verdicts of Float. */
export function floatChecks(
  position: RollingPosition,
  { bearing, clearance, pair, growth, ends }: FloatOutcome,
): Check[] {
  return [
    ...(bearing && clearance ? clearanceChecks(position, bearing, clearance) : []),
    ...temperatureChecks(position),
    ...(bearing && pair ? pairChecks(position, bearing, pair) : []),
    ...(bearing ? roleChecks(position, bearing) : []),
    ...(growth ? growthChecks(position, growth, ends) : []),
    ...(ends ? endsChecks(position, bearing, ends) : []),
  ]
}

/** Less of the basic rating life than this and the answer is no. */
const ruinousShare = 0.5
/** Colder than this a light alloy has shrunk onto the ring, °C. */
const coldC = 5

function clearanceChecks(position: RollingPosition, bearing: ResolvedBearing, clearance: ClearanceOutcome): Check[] {
  const { running, judgedUm, lifeShare, betterClass } = clearance
  const rest = {
    values: { judgedUm, lifeShare, betterClass },
    field: running ? 'float.innerC' : 'seat.loadCase',
  }
  if (judgedUm >= 0) return running ? [now('clearance', 'go', words.clearanceLeft(judgedUm), rest)] : []
  if (lifeShare === null)
    return [unknown('clearance', words.preloadUnjudged(judgedUm), { ...rest, field: 'load.radialN' })]
  if (lifeShare >= leastShare)
    return running ? [now('clearance', 'go', words.touchOfPreload(judgedUm, lifeShare), rest)] : []
  const { innerC, outerC } = runningTemperatures(position)
  const saying = words.tooTight({
    judgedUm,
    share: lifeShare,
    running,
    betterClass,
    innerC,
    outerC,
    shrunkHousing: housingMaterialOf(position) === 'aluminium' && outerC !== null && outerC < coldC,
    roller: !isBall(bearing.row.type),
  })
  const verdict = lifeShare < ruinousShare ? 'stop' : 'watch'
  return [running ? now('clearance', verdict, saying, rest) : atFitting('clearance', verdict, saying, rest)]
}

/** One place may be measured this much apart, K. */
const apartK = 10

function temperatureChecks({ float: { outerC }, grease: { runningC } }: RollingPosition): Check[] {
  if (outerC === null || runningC === null || Math.abs(outerC - runningC) <= apartK) return []
  return [
    now('temperatures', 'watch', words.temperaturesDiffer(outerC, runningC), {
      values: { outerC, runningC },
      field: 'float.outerC',
    }),
  ]
}

/** Less end play than this when hot is on the edge for rollers, mm. */
const scantPlayMm = 0.02
function pairChecks({ load, float }: RollingPosition, { row }: ResolvedBearing, { coldMm, hotMm }: PairPlay): Check[] {
  const { preload } = factsOf(row.type)
  if (!preload) return []
  const { lightMm, mostMm, wantsPlay } = preload
  const rest = { values: { coldMm, hotMm }, field: 'float.endPlayMm' }
  const setting: words.PairSetting = {
    coldMm,
    hotMm,
    backToBack: load.arrangement === 'back-to-back',
    advisedMm: coldMm - hotMm + scantPlayMm,
  }
  if (hotMm < -mostMm) return [now('endPlay', 'stop', words.preloadTooMuch(setting), rest)]
  if (hotMm < -lightMm) return [now('endPlay', 'watch', words.preloadWatched(setting), rest)]
  if (hotMm < 0) return [now('endPlay', 'go', words.preloadLight(hotMm), rest)]
  // Balls of matched pairs are made to run without play; rollers want to be seen to have some.
  const scant = wantsPlay && hotMm < scantPlayMm && (float.endPlayMm ?? 0) >= 0
  return scant
    ? [now('endPlay', 'watch', words.endPlayScant(coldMm, hotMm), rest)]
    : [now('endPlay', 'go', words.endPlayLeft(coldMm, hotMm), rest)]
}

/** Whether this bearing can do what its end is there for. */
function roleChecks({ float: given, seat }: RollingPosition, bearing: ResolvedBearing): Check[] {
  const inside = given.floatsIn === 'bearing'
  if (given.role === 'locating' && floatsInside(bearing))
    return [now('role', 'stop', words.cannotLocate(bearing.decoded.normal), { field: 'float.role' })]
  if (given.role !== 'floating') return []
  if (inside && !floatsInside(bearing))
    return [now('role', 'stop', words.cannotFloatInside(bearing.row.type), { field: 'float.floatsIn' })]
  if (!inside && seat.slides === 'none') return [now('role', 'stop', words.floatsNowhere, { field: 'seat.slides' })]
  return [now('role', 'go', words.floats(inside))]
}

function growthChecks(
  { float: given, ends }: RollingPosition,
  { growthMm: signedMm, leaveMm, room, lifeLeftH }: GrowthOutcome,
  outcome: EndsOutcome | null,
): Check[] {
  if (!room) return []
  const { residualMm, verdict, thrustN } = room
  const growthMm = Math.abs(signedMm)
  const values = { growthMm, residualMm }
  const bothHeld = given.locatedEnds === 2
  switch (verdict) {
    case 'free':
      return [now('growth', 'go', words.shaftFree(growthMm, residualMm), { values })]
    case 'tight':
      return [
        now('growth', 'watch', words.shaftTight(growthMm, residualMm, leaveMm), {
          values,
          field: 'float.roomTowardMm',
        }),
      ]
    case 'unlocated':
      return [now('growth', 'watch', words.shaftUnlocated, { field: 'float.locatedEnds' })]
    case 'bound':
      return [
        now(
          'growth',
          'stop',
          words.shaftBound({
            growthMm,
            shortMm: Math.abs(residualMm),
            leaveMm,
            bothHeld,
            rings: floatingRings(ends, outcome),
            thrustN,
            lifeLeftH,
          }),
          { values, field: bothHeld ? 'float.locatedEnds' : 'float.roomTowardMm' },
        ),
      ]
    default:
      return verdict satisfies never
  }
}
