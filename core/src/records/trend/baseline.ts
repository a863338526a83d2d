import { median, medianDeviation } from '../compare.ts'
import { alarmScales, alertScales, judged, type Judged } from './quantities.ts'
import type { Trend, TrendInput } from './schema.ts'

/** Turns a value into what is judged, worse upward, and back. */
export interface Scale extends Judged {
  sign: 1 | -1
  turn: (value: number) => number
  back: (z: number) => number
}

export function scaleOf({ quantity, direction }: Pick<TrendInput, 'quantity' | 'direction'>): Scale {
  const how = judged[quantity]
  const sign = (direction ?? how.worse) === 'up' ? 1 : -1
  return {
    ...how,
    sign,
    turn: (value) => sign * (how.logarithmic ? Math.log10(value) : value),
    back: (z) => (how.logarithmic ? 10 ** (sign * z) : sign * z),
  }
}

/** What a row read when all was well, turned; null where it is too short to say. */
export interface Baseline {
  z: number
  mad: number
  /** Spread that counts as ordinary. */
  scale: number
  days: number
}

const [fewestDays, mostDays] = [5, 14]
const normalMad = 1.4826
const smallestScale = 1e-6

export function baselineOf({ baseline }: TrendInput, row: readonly number[], how: Scale): Baseline | null {
  const first = row.slice(0, Math.min(mostDays, Math.max(fewestDays, Math.floor(row.length / 2))))
  if (!baseline && row.length < fewestDays) return null
  const z = baseline ? how.turn(baseline.median) : median(first)
  const mad = baseline ? baseline.mad : medianDeviation(first)
  return {
    z,
    mad,
    scale: Math.max(normalMad * mad, leastScale(how, z)),
    days: baseline ? 0 : first.length,
  }
}

export const leastScale = (how: Scale, z: number): number => Math.max(smallestScale, how.leastScale(Math.abs(z)))

/** Limits that count, turned; null where there is none. */
export interface Limits {
  baselineAlert: number | null
  baselineAlarm: number | null
  fixedAlert: number | null
  fixedAlarm: number | null
}

export function limitsOf({ limits, fixed }: TrendInput, baseline: Baseline | null, how: Scale): Limits {
  const over = (least: (base: number) => number, scales: number) =>
    baseline && limits !== 'fixed' ? baseline.z + Math.max(least(Math.abs(baseline.z)), scales * baseline.scale) : null
  const given = fixed ? { alert: fixed.alert ?? null, alarm: fixed.alarm ?? null } : how.fixed
  const turned = (value: number | null) => (value === null || limits === 'baseline' ? null : how.turn(value))
  return {
    baselineAlert: over(how.alert, alertScales),
    baselineAlarm: over(how.alarm, alarmScales),
    fixedAlert: turned(given.alert),
    fixedAlarm: turned(given.alarm),
  }
}

/** The limits as values. */
export const limitValues = (limits: Limits, how: Scale): Trend['limits'] => {
  const back = (z: number | null) => (z === null ? null : how.back(z))
  return {
    baselineAlert: back(limits.baselineAlert),
    baselineAlarm: back(limits.baselineAlarm),
    fixedAlert: back(limits.fixedAlert),
    fixedAlarm: back(limits.fixedAlarm),
  }
}
