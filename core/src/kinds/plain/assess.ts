import type { Machine } from '../../model/machine.ts'
import { assessCarry } from '../../plain/carry/assess.ts'
import { workOutCarry, type CarryOutcome } from '../../plain/carry/work-out.ts'
import { assessDiagnose } from '../../plain/diagnose/assess.ts'
import { workOutDiagnose, type DiagnoseOutcome } from '../../plain/diagnose/work-out.ts'
import { assessFloat } from '../../plain/float/assess.ts'
import { workOutFloat, type FloatOutcome } from '../../plain/float/work-out.ts'
import { assessIdentify } from '../../plain/identify/assess.ts'
import { workOutIdentify, type IdentifyOutcome } from '../../plain/identify/work-out.ts'
import { assessMount } from '../../plain/mount/assess.ts'
import { workOutMount, type MountOutcome } from '../../plain/mount/work-out.ts'
import { assessOil } from '../../plain/oil/assess.ts'
import { workOutOil, type OilOutcome } from '../../plain/oil/work-out.ts'
import { assessSeat } from '../../plain/seat/assess.ts'
import { onShaftLine } from '../../plain/on-shaft.ts'
import { workOutSeat, type SeatOutcome } from '../../plain/seat/work-out.ts'
import { assessment, type Assessment } from '../../working/assessment.ts'
import { plainLenses, type PlainLens } from './lenses.ts'
import type { PlainPosition } from './position.ts'

/** What every lens on a plain bearing worked out, typed. */
export interface PlainOutcomes {
  identify: IdentifyOutcome
  carry: CarryOutcome
  seat: SeatOutcome
  float: FloatOutcome
  mount: MountOutcome
  oil: OilOutcome
  diagnose: DiagnoseOutcome
}
export type PlainAssessment = Assessment<'plain', PlainLens, PlainOutcomes>

/**
 * Works a plain bearing through every lens without wording anything: each looks only back along the working order.
 *
 * @param given - as it is stored; loads of the shaft line take the place of typed ones where it says so
 */
export function workOutPlain(given: PlainPosition, machine: Machine): PlainOutcomes {
  const position = onShaftLine(given, machine)
  const identify = workOutIdentify(position)
  const carry = workOutCarry(position, machine, identify)
  const seat = workOutSeat(position, identify, carry)
  const float = workOutFloat(position, identify, carry)
  const mount = workOutMount(position, identify, carry, seat)
  const oil = workOutOil(position, identify, carry)
  const diagnose = workOutDiagnose(position, machine, { identify, carry, seat, float, oil })
  return { identify, carry, seat, float, mount, oil, diagnose }
}

/**
 * Every figure and check of a plain bearing, all lenses, in working order.
 *
 * Pure. It does not throw for any position its schema accepts: what a calculation refuses becomes a check with its way out.
 */
export function assessPlain(given: PlainPosition, machine: Machine): PlainAssessment {
  const position = onShaftLine(given, machine)
  const outcomes = workOutPlain(position, machine)
  const { identify, carry, seat, float, mount, oil, diagnose } = outcomes
  const all = {
    identify: assessIdentify(position, identify),
    carry: assessCarry(position, identify, carry),
    seat: assessSeat(position, identify, carry, seat),
    float: assessFloat(position, carry, float),
    mount: assessMount(position, identify, { carry, seat, mount }),
    oil: assessOil(position, carry, oil),
    diagnose: assessDiagnose(diagnose),
  }
  return assessment('plain', plainLenses, all, null, outcomes)
}
