import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { above } from './compare.ts'
import { Day, dayNumber, daysBetween } from './days.ts'

export const hoursSources = ['clock', 'weekly', 'meter'] as const

/** How the running hours of a machine are known. */
export const RunningHoursInput = z.strictObject({
  hoursSource: z.enum(hoursSources).meta({ description: 'Always runs, hours a week, or an hour meter' }),
  hoursPerWeek: z.number().min(0).max(168).optional().meta({ unit: 'h', description: 'Hours a week, for weekly' }),
  readings: z
    .array(z.strictObject({ date: Day, hours: z.number().min(0).max(1e8) }))
    .max(5000)
    .optional()
    .meta({ description: 'Readings of the hour meter, for meter' }),
})
export type RunningHoursInput = z.output<typeof RunningHoursInput>

/** Running hours against days, straight between its corners and straight on beyond them. */
export interface RunningHours {
  ratePerDayH: number
  /** Day number and hours, in order of days; one corner is enough where the rate never changes. */
  corners: { day: number; hours: number }[]
  remarks: ('stale-meter' | 'few-readings' | 'standing')[]
}

/** A reading this old or older makes the rate. */
const rateDays = 28
const staleDays = 60
const fewDays = 14

/**
 * Running hours of a machine as a line of days.
 *
 * @throws InputError on `hoursPerWeek`, `readings` (too few, after today, falling, or more than 24 h a day)
 */
export function runningHours({ hoursSource, hoursPerWeek, readings }: RunningHoursInput, asOf: string): RunningHours {
  const steady = (ratePerDayH: number): RunningHours => ({
    ratePerDayH,
    corners: [{ day: dayNumber(asOf), hours: 0 }],
    remarks: ratePerDayH === 0 ? ['standing'] : [],
  })
  if (hoursSource === 'clock') return steady(24)
  if (hoursSource === 'weekly') {
    if (hoursPerWeek === undefined) throw refused('hoursPerWeek', hoursPerWeek, 'given where hours go by the week', 'MISSING') // prettier-ignore
    return steady(hoursPerWeek / 7)
  }
  return byMeter(readings ?? [], asOf)
}

function byMeter(readings: NonNullable<RunningHoursInput['readings']>, asOf: string): RunningHours {
  if (readings.some(({ date }) => daysBetween(date, asOf) < 0))
    throw refused('readings', undefined, `not after ${asOf}`, 'FIELDS_DISAGREE')
  const byDay = new Map<number, number>()
  for (const { date, hours } of readings) {
    const day = dayNumber(date)
    byDay.set(day, Math.max(hours, byDay.get(day) ?? -Infinity))
  }
  const corners = [...byDay].map(([day, hours]) => ({ day, hours })).sort((a, b) => a.day - b.day)
  const [first, last] = [corners[0], corners.at(-1)]
  if (!first || !last || first === last) throw refused('readings', readings.length, 'of two days at the least', 'MISSING') // prettier-ignore
  corners.slice(1).forEach(({ day, hours }, index) => {
    const before = corners[index] ?? first
    if (hours < before.hours) throw refused('readings', hours, 'no less than the reading before; where a meter was replaced, go on from its last reading', 'FIELDS_DISAGREE') // prettier-ignore
    if (above(hours - before.hours, 24 * (day - before.day) + 24)) throw refused('readings', hours, 'no more than 24 h a day over the reading before', 'FIELDS_DISAGREE') // prettier-ignore
  })
  const from = corners.findLast(({ day }) => last.day - day >= rateDays) ?? first
  const ratePerDayH = (last.hours - from.hours) / (last.day - from.day)
  return {
    ratePerDayH,
    corners,
    remarks: [
      ...(dayNumber(asOf) - last.day > staleDays ? (['stale-meter'] as const) : []),
      ...(last.day - first.day < fewDays ? (['few-readings'] as const) : []),
      ...(ratePerDayH === 0 ? (['standing'] as const) : []),
    ],
  }
}

/** Hours on a day, which may have a fraction. */
export function hoursAt({ ratePerDayH, corners }: RunningHours, day: number): number {
  const next = corners.findIndex((corner) => corner.day >= day)
  const [before, after] = [corners[next < 0 ? corners.length - 1 : next - 1], next < 0 ? undefined : corners[next]]
  if (before && after)
    return before.hours + ((after.hours - before.hours) * (day - before.day)) / (after.day - before.day)
  const edge = before ?? after
  return edge ? edge.hours + ratePerDayH * (day - edge.day) : 0
}

/** The earliest moment, in days with a fraction and not before `from`, at which the hours are reached; null where never. */
export function momentOf(line: RunningHours, hours: number, from: number): number | null {
  let [day, reached] = [from, hoursAt(line, from)]
  for (const corner of line.corners.filter((one) => one.day > from)) {
    if (reached >= hours) return day
    if (corner.hours >= hours) return day + ((corner.day - day) * (hours - reached)) / (corner.hours - reached)
    ;[day, reached] = [corner.day, corner.hours]
  }
  if (reached >= hours) return day
  return line.ratePerDayH > 0 ? day + (hours - reached) / line.ratePerDayH : null
}

export const refused = (field: string, value: unknown, allowed: string, code: InputError['code']): InputError =>
  new InputError({ code, field, value, allowed, fix: `Correct ${field}.` })
