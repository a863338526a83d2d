import { atMost, median } from '../compare.ts'
import { dayNumber } from '../days.ts'
import { eachOnce } from '../round-plan.ts'
import { refused } from '../running-hours.ts'
import type { ChartDay, TrendInput } from './schema.ts'

/** One day of a row of readings. */
export interface TrendDay {
  day: number
  date: string
  /** Median of what is judged, the room taken off where that is asked. */
  value: number
  /** The same with the room in it. */
  raw: number
  count: number
}

export interface DailyRow {
  days: TrendDay[]
  chart: ChartDay[] | null
  dropped: number
  duplicates: boolean
}

type Reading = NonNullable<TrendInput['readings']>[number]

/**
 * The days of a row: like is held against like, the room is taken off, and each day counts once, by its median.
 *
 * @throws InputError on `load` or `ambient` where nothing is left, on `daily` where a day stands twice
 */
export function dailyRow({ readings, daily, ambient, load }: TrendInput): DailyRow {
  if (!readings) return { days: daysGiven(daily ?? []), chart: null, dropped: 0, duplicates: false }
  const atLoad = load ? nearLoad(readings, load) : readings
  const kept = ambient ? atLoad.filter((one) => one.ambient != null) : [...atLoad]
  if (kept.length === 0) throw refused('ambient', undefined, 'read with every reading where the room is taken off', 'FIELDS_DISAGREE') // prettier-ignore
  const moments = new Map<string, { values: number[]; raws: number[] }>()
  for (const { at, value, ambient: room } of kept) {
    const second = secondOf(at)
    const moment = moments.get(second) ?? { values: [], raws: [] }
    moments.set(second, moment)
    moment.values.push(ambient ? value - (room ?? 0) : value)
    moment.raws.push(value)
  }
  const dates = new Map<string, { values: number[]; raws: number[] }>()
  for (const [second, { values, raws }] of moments) {
    const date = second.slice(0, 10)
    const day = dates.get(date) ?? { values: [], raws: [] }
    dates.set(date, day)
    day.values.push(mean(values))
    day.raws.push(mean(raws))
  }
  const sorted = [...dates].sort(([a], [b]) => dayNumber(a) - dayNumber(b))
  return {
    days: sorted.map(([date, { values, raws }]) => ({
      day: dayNumber(date),
      date,
      value: median(values),
      raw: median(raws),
      count: values.length,
    })),
    chart: sorted.map(([date, { values }]) => chartDay(date, values)),
    dropped: readings.length - kept.length,
    duplicates: moments.size < kept.length,
  }
}

function daysGiven(daily: NonNullable<TrendInput['daily']>): TrendDay[] {
  eachOnce('daily', daily.map(({ date }) => date)) // prettier-ignore
  return daily
    .map(({ date, median: value, rawMedian, count }) => ({
      day: dayNumber(date),
      date,
      value,
      raw: rawMedian ?? value,
      count,
    }))
    .sort((a, b) => a.day - b.day)
}

function nearLoad(readings: readonly Reading[], load: NonNullable<TrendInput['load']>): Reading[] {
  const loads = readings.flatMap((one) => (one.load == null ? [] : [one.load]))
  if (loads.length === 0)
    throw refused('load', undefined, 'read with the readings where it is judged by', 'FIELDS_DISAGREE')
  const reference = load.reference ?? median(loads)
  const allowed = (load.tolerancePercent / 100) * Math.abs(reference)
  const near = readings.filter((one) => one.load != null && atMost(Math.abs(one.load - reference), allowed))
  if (near.length === 0) throw refused('load', reference, 'near the load of some reading', 'FIELDS_DISAGREE')
  return near
}

/** `2026-11-28T06:00Z` and `2026-11-28T06:00:00Z` are one moment, and a day is its midnight. */
const secondOf = (at: string): string => new Date(at.length === 10 ? `${at}T00:00:00Z` : at).toISOString().slice(0, 19)

const mean = (values: readonly number[]): number => values.reduce((sum, one) => sum + one, 0) / values.length

/** Sums of the readings of one day. */
export const chartDay = (date: string, values: readonly number[]): ChartDay => ({
  date,
  count: values.length,
  min: values.reduce((least, one) => Math.min(least, one), Infinity),
  max: values.reduce((most, one) => Math.max(most, one), -Infinity),
  sum: values.reduce((sum, one) => sum + one, 0),
  sumSq: values.reduce((sum, one) => sum + one ** 2, 0),
  median: median(values),
})
