import type { Catalogue } from '../../catalogue/catalogue.ts'
import { makersWord, weighed } from '../../catalogue/makers-word.ts'
import { findBearing, lookUpBearing, type BearingLookup } from '../../catalogue/resolve-bearing.ts'
import { assessCarry } from '../../carry/assess.ts'
import { loadRatioOf, staticSafetyOf, workOutCarry, type CarryOutcome } from '../../carry/work-out.ts'
import { assessDiagnose } from '../../diagnose/assess.ts'
import type { DamageKnowledge } from '../../diagnose/knowledge.ts'
import { expectedTracks } from '../../diagnose/marks/expected-tracks.ts'
import { youngDeathChecks } from '../../fitted/young-deaths.ts'
import { workOutDiagnose, type DiagnoseOutcome } from '../../diagnose/work-out.ts'
import { assessFloat } from '../../float/assess.ts'
import { workOutFloat, type FloatOutcome } from '../../float/work-out.ts'
import { assessGrease } from '../../grease/assess.ts'
import { workOutGrease, type GreaseOutcome } from '../../grease/work-out.ts'
import { assessIdentify } from '../../identify/assess.ts'
import { workOutIdentify, type IdentifyOutcome } from '../../identify/work-out.ts'
import type { Machine } from '../../model/machine.ts'
import type { RollingPosition } from './position.ts'
import { assessMount } from '../../mount/assess.ts'
import { workOutMount, type MountOutcome } from '../../mount/work-out.ts'
import { assessSeat } from '../../seat/assess.ts'
import { fitOf, workOutSeat, type SeatOutcome } from '../../seat/work-out.ts'
import { siteChecks } from '../../site/checks.ts'
import { arrivalChecks, type ArrivalCheck } from '../../shaftline/arrival.ts'
import { loadsApartChecks } from '../../shaftline/loads-apart.ts'
import { assessment, withChecks, type Assessment } from '../../working/assessment.ts'
import { effectivePosition } from './effective.ts'
import { lenses, type Lens } from './lenses.ts'

/** What every lens worked out, typed: jobs and the page use this, figures are for showing. */
export interface RollingOutcomes {
  identify: IdentifyOutcome
  carry: CarryOutcome
  seat: SeatOutcome
  float: FloatOutcome
  mount: MountOutcome
  grease: GreaseOutcome
  diagnose: DiagnoseOutcome
}
export type RollingAssessment = Assessment<'rolling', Lens, RollingOutcomes>

/**
 * Every figure and check of a position, all lenses, in working order: each lens looks only back along it.
 *
 * Pure: the same inputs give the same assessment. An input that is missing gives a figure that says so, never a guess; an input
 * a calculation refuses gives a check with the way out. It does not throw for any position its schema accepts.
 *
 * @param damage - knowledge base for the marks; without it they are not ranked
 */
export function assessRolling(
  given: RollingPosition,
  machine: Machine,
  catalogue: Catalogue,
  damage: DamageKnowledge | null = null,
): RollingAssessment {
  const word = makersWord(given, machine)
  const lookup = weighed(lookUpBearing(given.bearing.designation, catalogue), word)
  const position = effectivePosition(given, machine, lookup)
  const outcomes = workOut(position, machine, lookup, catalogue, damage)
  const arrived = foundOnArrival(position, machine)
  const at = (lens: Lens) => arrived.filter((check) => check.lens === lens)
  const all = {
    identify: withChecks(assessIdentify(position, outcomes.identify, word), at('identify')),
    carry: withChecks(assessCarry(position, machine, outcomes.carry), loadsApartChecks(given, machine)),
    seat: assessSeat(position, outcomes.seat),
    float: withChecks(assessFloat(position, outcomes.float), at('float')),
    mount: assessMount(position, outcomes.mount),
    grease: withChecks(assessGrease(position, machine, outcomes.grease, given), [
      ...siteChecks(position, machine),
      ...at('grease'),
    ]),
    diagnose: withChecks(assessDiagnose(outcomes.diagnose), [...youngDeathChecks(machine), ...at('diagnose')]),
  }
  return assessment('rolling', lenses, all, outcomes.carry.bearing?.row.type ?? null, outcomes)
}

/** Works a position through every lens without wording anything. */
function workOut(
  position: RollingPosition,
  machine: Machine,
  lookup: BearingLookup,
  catalogue: Catalogue,
  damage: DamageKnowledge | null,
): RollingOutcomes {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const carry = workOutCarry(position, machine, lookup)
  const loadRatio = loadRatioOf(carry)
  const seat = workOutSeat(position, machine, bearing, loadRatio)
  const [shaft, housing] = [fitOf(seat.shaft), fitOf(seat.housing)]
  const float = workOutFloat(position, machine, lookup, { shaft, housing }, carry)
  const facts = {
    kappa: carry.film.value?.kappa ?? null,
    loadRatio,
    staticSafety: staticSafetyOf(carry),
    speedRatio: carry.speed?.ratio ?? null,
    axialOnNonAxialType: carry.refusal?.field === 'axialN',
    operatingClearanceUm: float.steps?.operating?.probable ?? null,
    shaftInterferenceUm: shaft?.interferenceMeanUm ?? null,
    housingInterferenceUm: housing?.interferenceMeanUm ?? null,
    expected: () => expectedTracks(position, carry, float),
    rowsOf: (designation: string) => findBearing(designation, catalogue)?.interior.rows ?? 1,
    carriesThrust: carry.carrying?.acting.some(({ axialN }) => axialN > 0) ?? false,
  }
  return {
    identify: workOutIdentify(position, lookup, catalogue),
    carry,
    seat,
    float,
    mount: workOutMount(position, lookup, shaft, housing, machine.practices?.heating),
    grease: workOutGrease(position, machine, lookup, {
      loadRatio,
      carrying: carry.carrying,
      staticN: carry.ratings?.staticN ?? null,
    }),
    diagnose: workOutDiagnose(position, machine, lookup, facts, damage),
  }
}

/** What was found of this position, and of its machine as a whole, when somebody came to it after others. */
function foundOnArrival(inputs: RollingPosition, { shaft, position, youngDeaths }: Machine): ArrivalCheck[] {
  if (!shaft || position === undefined || Object.keys(shaft.arrival).length === 0) return []
  return arrivalChecks(shaft, [{ name: position, inputs, youngDeaths }]).filter(
    (check) => check.position === null || check.position === position,
  )
}
