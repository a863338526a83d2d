import { atFitting, now, type Check } from '../working/check.ts'
import type { ColdOutcome } from './cold/work-out.ts'
import * as cold from './cold/words.ts'
import * as words from './words.ts'
import type { MountOutcome } from './work-out.ts'

/** The verdicts of Mount: how the ring gets home matters when it is next mounted. */
export function mountChecks(outcome: MountOutcome): Check[] {
  const { bearing, holding, cannotHold } = outcome
  if (!bearing) return coldChecks(outcome.cold)
  // A pairing that cannot be is wrong as it stands.
  if (cannotHold) return [now('holding', 'stop', words.heldWrongly(holding, cannotHold), { field: 'mount.holding' })]
  const check = wayCheck(outcome)
  return [...(check ? [check] : []), ...coldChecks(outcome.cold)]
}

/** Going in cold is judged once somebody chose a coolant for it. */
function coldChecks({ part, chosen }: ColdOutcome): Check[] {
  if (!chosen) return []
  const { chill } = chosen
  const rest = { field: 'mount.coolant', values: { gapUm: chill.gapUm, shrinkUm: chill.shrinkUm } }
  switch (chill.verdict) {
    case 'no-chill':
      return [atFitting('cold', 'go', cold.notNeeded(part), rest)]
    case 'ok':
      return [atFitting('cold', 'go', cold.goesIn(part, chosen), rest)]
    case 'insufficient':
      return [atFitting('cold', chill.gapUm < 0 ? 'stop' : 'watch', cold.tooLittle(part, chosen), rest)]
    case 'not-permitted':
      return [atFitting('cold', 'stop', cold.notPermitted, rest)]
    default:
      return chill.verdict satisfies never
  }
}

function wayCheck({ bearing, way, hot, pressN, driveUp, nutTurn }: MountOutcome): Check | null {
  if (way === null || !bearing) return null
  const field = 'mount.slipUm'
  const values = hot && { leftUm: hot.leftUm, wantedUm: hot.wantedUm, aimC: hot.aimC, way }
  const rest = { ...(values ? { values } : { values: { way } }) }
  switch (way) {
    case 'by-hand':
      return atFitting('way', 'go', words.slidesOn, rest)
    case 'over-raceway':
      return atFitting('way', 'go', words.overRaceway, rest)
    case 'pressed':
      return atFitting('way', 'go', words.pressedCold(pressN ?? 0), rest)
    case 'nut-turned':
      return nutTurn && atFitting('way', 'go', words.nutTurned(nutTurn.angleDeg, nutTurn.travelMm), rest)
    case 'driven-up': {
      const value = driveUp?.value
      return value
        ? atFitting('way', 'go', words.drivenUp(value.reductionMinUm, value.reductionMaxUm, value.residualMinUm), rest)
        : atFitting('way', 'watch', words.drivenUpUntabled, { ...rest, field: 'bearing.designation' })
    }
    case 'heated':
      if (!hot) return null
      return hot.leftUm >= hot.wantedUm
        ? atFitting('way', 'go', words.heatedWithRoom(hot), rest)
        : atFitting('way', 'watch', words.heatedWithLittleRoom(hot), { ...rest, field })
    case 'heated-shaft-chilled':
      return hot && atFitting('way', 'go', words.shaftChilled(hot), rest)
    case 'oil-injected':
      return hot && atFitting('way', 'go', words.oilInjected(hot), rest)
    case 'none':
      return hot && atFitting('way', 'stop', words.noWay(hot, bearing.decoded.closure), { ...rest, field })
    default:
      return way satisfies never
  }
}
