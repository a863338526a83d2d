import type { Catalogue } from './catalogue/catalogue.ts'
import { lookUpBearing } from './catalogue/resolve-bearing.ts'
import { assessCarry } from './carry/assess.ts'
import { assessDiagnose } from './diagnose/assess.ts'
import type { DamageKnowledge } from './diagnose/knowledge.ts'
import { assessFloat } from './float/assess.ts'
import { assessGrease } from './grease/assess.ts'
import { assessIdentify } from './identify/assess.ts'
import type { Machine } from './model/machine.ts'
import type { Position } from './model/position.ts'
import { assessMount } from './mount/assess.ts'
import { assessSeat } from './seat/assess.ts'
import { withShaftLine } from './shaftline/apply-loads.ts'
import { arrivalChecks, type ArrivalCheck } from './shaftline/arrival.ts'
import { assessment, withChecks, type Assessment, type Lens } from './working/assessment.ts'

/**
 * Every figure and check of a position, all lenses, in working order: each lens looks only back along it.
 *
 * Pure: the same inputs give the same assessment. An input that is missing gives a figure that says so, never a guess; an input
 * a calculation refuses gives a check with the way out. It does not throw for any position its schema accepts.
 *
 * @param damage - knowledge base for the marks; without it they are not ranked
 */
export function assess(
  given: Position,
  machine: Machine,
  catalogue: Catalogue,
  damage: DamageKnowledge | null = null,
): Assessment {
  const position = withShaftLine(given, machine)
  const bearing = lookUpBearing(position.bearing.designation, catalogue)
  const carried = assessCarry(position, machine, bearing)
  const seated = assessSeat(position, machine, bearing, carried.loadRatio)
  const floated = assessFloat(position, machine, bearing, seated.fits)
  const facts = {
    kappa: carried.kappa,
    loadRatio: carried.loadRatio,
    staticSafety: carried.staticSafety,
    speedRatio: carried.speedRatio,
    axialOnNonAxialType: carried.axialRefused,
    operatingClearanceUm: floated.operatingUm,
    shaftInterferenceUm: seated.fits.shaft?.interferenceMeanUm ?? null,
    housingInterferenceUm: seated.fits.housing?.interferenceMeanUm ?? null,
  }
  const arrived = foundOnArrival(position, machine)
  const at = (lens: Lens) => arrived.filter((check) => check.lens === lens)
  const lenses = {
    identify: withChecks(assessIdentify(position, bearing, catalogue), at('identify')),
    carry: carried.assessment,
    seat: seated.assessment,
    float: withChecks(floated.assessment, at('float')),
    mount: assessMount(
      position,
      bearing,
      seated.shaftInterferenceMaxUm,
      seated.fits.housing?.interferenceMaxUm ?? null,
    ),
    grease: withChecks(assessGrease(position, bearing, carried.loadRatio), at('grease')),
    diagnose: assessDiagnose(position, bearing, facts, damage),
  }
  return assessment(lenses, bearing.kind === 'found' ? bearing.bearing.row.type : null)
}

/** What was found of this position, and of its machine as a whole, when somebody came to it after others. */
function foundOnArrival(inputs: Position, { shaft, position }: Machine): ArrivalCheck[] {
  if (!shaft || position === undefined || Object.keys(shaft.arrival).length === 0) return []
  return arrivalChecks(shaft, [{ name: position, inputs }]).filter(
    (check) => check.position === null || check.position === position,
  )
}
