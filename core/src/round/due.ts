import { roundDue, type Due } from '../records/round-due.ts'
import type { RunningHoursInput } from '../records/running-hours.ts'
import { attempt } from '../errors/input-error.ts'
import type { PointPlan } from './plan.ts'

export interface PointDue extends Due {
  /** Days between two visits at the pace the machine runs now. */
  intervalDays: number
}

/** An interval nobody counts in hours. */
const endlessH = 200_000
const longestDays = 36_500
/** A visit this much sooner or later is no harm, %. */
const tolerancePercent = 10

/**
 * When a point is due. A meter that cannot be read is taken to run always: it is greased too soon rather than too late.
 *
 * @param lastDone - day it was last done; null while it never was
 */
export function dueOf(plan: PointPlan, hours: RunningHoursInput, lastDone: string | null, asOf: string): PointDue {
  const input = {
    asOf,
    intervalH: plan.intervalH ?? endlessH,
    ...(lastDone ? { lastDone: { date: lastDone } } : {}),
    ...(plan.maxDays === null ? {} : { maxDays: plan.maxDays }),
    earlyPercent: tolerancePercent,
    latePercent: tolerancePercent,
  }
  const due =
    attempt(() => roundDue({ ...input, ...hours })).value ?? roundDue({ ...input, hoursSource: 'clock' as const })
  const byHours = due.ratePerDayH > 0 && plan.intervalH !== null ? plan.intervalH / due.ratePerDayH : longestDays
  return { ...due, intervalDays: Math.max(1, Math.min(longestDays, byHours, plan.maxDays ?? longestDays)) }
}
