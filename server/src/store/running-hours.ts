import type { RunningHoursInput } from '@yardfrost/core'

/** How the running hours of a machine are known, as its row has it. */
export interface HoursColumns {
  hours_source: string
  hours_per_week: number | null
}

/** The same as core takes it: shifts are hours a week, and a machine without a meter runs always. */
export const hoursInputOf = (
  { hours_source, hours_per_week }: HoursColumns,
  readings: { date: string; hours: number }[],
): RunningHoursInput =>
  hours_source === 'meter'
    ? { hoursSource: 'meter', readings }
    : hours_source === 'shifts' && hours_per_week !== null
      ? { hoursSource: 'weekly', hoursPerWeek: hours_per_week }
      : { hoursSource: 'clock' }
