import { z } from 'zod'
import { calculation } from '../working/calculation.ts'
import { above, atLeast, atMost, ceilSlack, floorSlack } from './compare.ts'
import { Day, dayNumber, dayOf } from './days.ts'
import { hoursAt, momentOf, refused, runningHours, RunningHoursInput, type RunningHours } from './running-hours.ts'

export const RoundDueInput = z.strictObject({
  asOf: Day.meta({ description: 'Today' }),
  intervalH: z.number().min(1).max(200_000).meta({ unit: 'h', description: 'Interval in running hours' }),
  ...RunningHoursInput.shape,
  lastDone: z
    .strictObject({ date: Day, hours: z.number().min(0).max(1e8).optional() })
    .optional()
    .meta({ description: 'When it was last done, and at how many hours of the meter' }),
  earlyPercent: z.number().min(0).max(50).default(10).meta({ unit: '%', description: 'So much sooner is no harm' }),
  latePercent: z.number().min(0).max(50).default(10).meta({ unit: '%', description: 'So much later is no harm' }),
  maxDays: z
    .number()
    .min(1)
    .max(36_500)
    .optional()
    .meta({ unit: 'd', description: 'At the latest after so many days, however little it ran' }),
})

export type DueState = 'not-due' | 'due' | 'overdue'
export type DueRemark = 'stale-meter' | 'few-readings' | 'standing' | 'meter-disagrees' | 'never-done'
export interface Due {
  ratePerDayH: number
  /** Null where it was never done. */
  hoursSinceH: number | null
  hoursLeftH: number | null
  usedPercent: number | null
  overduePercent: number
  /** Null where it never comes due. */
  dueDate: string | null
  notBeforeDate: string | null
  notAfterDate: string | null
  daysLeft: number | null
  state: DueState
  limitedBy: 'hours' | 'calendar' | null
  remarks: DueRemark[]
}

/** Nobody plans further ahead, days. */
const horizonDays = 36_500
/** A meter that stands this much over what it can be at was misread, h. */
const misreadH = 24

/**
 * When a point of a round is due, by running hours and by the calendar, whichever comes first.
 *
 *     used = max(hours since / interval, days since / most days)
 *
 * @returns hours; days as `YYYY-MM-DD`; `due` from 1 − early to 1 + late of what is used up, edges included
 * @throws InputError on `readings`, `lastDone`, `hoursPerWeek`
 * @example 900 h at 112 h a week, done 2026-10-01: due 2026-11-27, from 2026-11-21, to 2026-12-01
 * @see general practice
 */
export function roundDue(input: z.output<typeof RoundDueInput>): Due {
  const { asOf, lastDone, intervalH, maxDays, earlyPercent, latePercent } = input
  const line = runningHours(input, asOf)
  const { ratePerDayH, remarks } = line
  if (!lastDone)
    return {
      ratePerDayH,
      hoursSinceH: null,
      hoursLeftH: null,
      usedPercent: null,
      overduePercent: 0,
      dueDate: asOf,
      notBeforeDate: asOf,
      notAfterDate: asOf,
      daysLeft: 0,
      state: 'due',
      limitedBy: null,
      remarks: [...remarks, 'never-done'],
    }
  const [today, done] = [dayNumber(asOf), dayNumber(lastDone.date)]
  if (done > today) throw refused('lastDone', lastDone.date, `not after ${asOf}`, 'FIELDS_DISAGREE')
  const typedH = input.hoursSource === 'meter' ? lastDone.hours : undefined
  const nowH = hoursAt(line, today)
  if (typedH !== undefined && above(typedH, nowH + misreadH))
    throw refused('lastDone', typedH, `no more than the meter stands at, ${Math.round(nowH)} h`, 'FIELDS_DISAGREE')
  const doneH = typedH ?? hoursAt(line, done)
  const disagrees = typedH !== undefined && above(Math.abs(typedH - hoursAt(line, done)), intervalH / 10)
  const hoursSinceH = Math.max(0, nowH - doneH)
  const used = Math.max(hoursSinceH / intervalH, maxDays === undefined ? 0 : (today - done) / maxDays)
  const moments = momentsOf(line, { done, doneH, intervalH, maxDays }, today)
  const [early, due, late] = [1 - earlyPercent / 100, 1, 1 + latePercent / 100].map(moments)
  const dueDay = due ? ceilSlack(due.day) : null
  return {
    ratePerDayH,
    hoursSinceH,
    hoursLeftH: intervalH - hoursSinceH,
    usedPercent: 100 * used,
    overduePercent: Math.max(0, 100 * used - 100),
    dueDate: dueDay === null ? null : dayOf(dueDay),
    notBeforeDate: early ? dayOf(ceilSlack(early.day)) : null,
    notAfterDate: late ? dayOf(Math.max(floorSlack(late.day), dueDay ?? -Infinity)) : null,
    daysLeft: dueDay === null ? null : dueDay - today,
    state: !atLeast(used, 1 - earlyPercent / 100) ? 'not-due' : atMost(used, 1 + latePercent / 100) ? 'due' : 'overdue',
    limitedBy: due?.by ?? null,
    remarks: [...remarks, ...(disagrees ? (['meter-disagrees'] as const) : [])],
  }
}

/** The moment at which a share of the interval is used up, and what used it up; null where none comes. */
const momentsOf =
  (
    line: RunningHours,
    {
      done,
      doneH,
      intervalH,
      maxDays,
    }: { done: number; doneH: number; intervalH: number; maxDays: number | undefined },
    today: number,
  ) =>
  (share: number): { day: number; by: 'hours' | 'calendar' } | null => {
    const byHours = momentOf(line, doneH + share * intervalH, done) ?? Infinity
    const byCalendar = maxDays === undefined ? Infinity : done + share * maxDays
    const day = Math.min(byHours, byCalendar)
    return above(day, today + horizonDays) ? null : { day, by: byCalendar < byHours ? 'calendar' : 'hours' }
  }

export const roundDueCalculation = calculation(
  'round.due',
  'When a point of a round is due',
  'General practice',
  RoundDueInput,
  roundDue,
)
