import { calculation } from '../../working/calculation.ts'
import type { z } from 'zod'
import { above, atLeast, atMost, below, median } from '../compare.ts'
import { dayNumber } from '../days.ts'
import { refused } from '../running-hours.ts'
import { baselineOf, leastScale, limitsOf, limitValues, scaleOf, type Limits, type Scale } from './baseline.ts'
import { dailyRow, type TrendDay } from './daily.ts'
import { TrendInput, trendReasons, type Trend, type TrendReason, type TrendRemark } from './schema.ts'
import { levelAt, medianSlope, type Point, type Slope } from './slope.ts'
import { findJump, type Jump } from './step.ts'

type Input = z.output<typeof TrendInput>

const [fewestForSlope, leastSpanDays] = [6, 5]
/** A pause of so many days, or of so many usual pauses, parts a row. */
const [leastGapDays, usualPauses] = [14, 5]
const farthestDays = 3650
const soonDays = 2

/**
 * Where a row of readings is going: over a limit, towards one, or jumped.
 *
 * Days are judged by their medians against the first days since the last mounting, and against fixed limits; the slope is the
 * median of all pairs, with its 90 % band.
 *
 * @returns values in the unit of the readings; slopes a day, in decades for insulation; days to the alarm with the band
 * @throws InputError on `readings` (both or neither), `daily`, `fixed`, `since`, `load`, `ambient`
 * @see Sen (1968) for the slope; limits are general practice
 */
export function judgeTrend(input: Input): Trend {
  refuseUnfit(input)
  const how = scaleOf(input)
  const { days: all, chart, dropped, duplicates } = dailyRow(input)
  const days = sinceMounting(all, input)
  const last = days.at(-1)
  const first = days[0]
  if (!last || !first) throw refused('since', input.since, 'before the last reading, with the days it takes to settle', 'FIELDS_DISAGREE') // prettier-ignore
  const row: Point[] = days.map(({ day, value }) => ({ t: day, z: how.turn(value) }))
  const zs = row.map(({ z: one }) => one)
  const baseline = baselineOf(input, zs, how)
  const least = leastScale(how, baseline?.z ?? median(zs))
  const limits = limitsOf(input, baseline, how)
  const { from, gapDays } = afterGap(days)
  const recent = row.slice(from)
  const jump = findJump(recent, least)
  const sloped = recent.slice(jump?.index ?? 0).slice(-input.slopeCount)
  const slope = spanOf(sloped) >= leastSpanDays && sloped.length >= fewestForSlope ? medianSlope(sloped) : null
  const outlook = outlookOf(sloped, slope, limits, input.ambient)
  const over = overLimits(last, how, limits)
  const reasons = reasonsOf({ over, outlook, limits, horizonDays: input.horizonDays, jumped: isWorse(jump) })
  const raised = reasons.some((one) => one === 'over-alarm' || one === 'over-alert' || one === 'step')
  const heard = input.quantity === 'envelope' || input.quantity === 'ultrasound'
  return {
    days: days.length,
    firstDate: first.date,
    lastDate: last.date,
    dropped,
    chart,
    baseline: baseline && {
      median: how.back(baseline.z),
      mad: baseline.mad,
      scale: baseline.scale,
      days: baseline.days,
    },
    limits: limitValues(limits, how),
    present: last.value,
    presentRaw: last.raw,
    deviation: baseline && (how.turn(last.value) - baseline.z) / baseline.scale,
    ...unturned(slope, how),
    worsening: worsening(slope),
    ...outlook,
    step: jump && stepOf(jump, days.slice(from), how),
    verdict: verdictOf(reasons),
    reasons,
    signs: heard && raised ? ['hf-level-raised'] : [],
    context:
      input.quantity === 'temperature'
        ? { runningC: last.raw }
        : input.quantity === 'velocity'
          ? { vibrationMmPerS: last.raw }
          : {},
    remarks: remarksOf(input, { days, duplicates, noBaseline: baseline === null, parted: from > 0, gapDays, over, how, limits }), // prettier-ignore
  }
}

function refuseUnfit({ quantity, readings, daily, fixed, baseline, direction }: Input): void {
  if ((readings === undefined) === (daily === undefined))
    throw refused('readings', undefined, 'given, or the medians of days in their place', 'FIELDS_DISAGREE')
  const { sign } = scaleOf({ quantity, direction })
  if (fixed?.alert != null && fixed.alarm != null && sign * (fixed.alarm - fixed.alert) < 0)
    throw refused('fixed', fixed.alarm, `no better than the alert, ${fixed.alert}`, 'FIELDS_DISAGREE')
  if (quantity !== 'insulation') return
  const lists = {
    readings: readings?.map(({ value }) => value) ?? [],
    daily: daily?.flatMap(({ median: value, rawMedian }) => [value, rawMedian ?? value]) ?? [],
    baseline: baseline ? [baseline.median] : [],
    fixed: [fixed?.alert, fixed?.alarm].filter((one) => one != null),
  }
  for (const [field, values] of Object.entries(lists))
    for (const value of values) if (value <= 0) throw refused(field, value, 'above 0', 'OUT_OF_RANGE')
}

function sinceMounting(days: readonly TrendDay[], { since, settleDays }: Input): TrendDay[] {
  if (since === undefined) return [...days]
  const from = dayNumber(since.slice(0, 10)) + settleDays
  return days.filter(({ day }) => day >= from)
}

/** The place after the last long pause of a row; 0 where there is none. */
function afterGap(days: readonly TrendDay[]): { from: number; gapDays: number } {
  const pauses = days.slice(1).map(({ day }, index) => day - (days[index]?.day ?? day))
  if (days.length < 3) return { from: 0, gapDays: leastGapDays }
  const gapDays = Math.max(leastGapDays, usualPauses * median(pauses))
  return { from: pauses.findLastIndex((pause) => above(pause, gapDays)) + 1, gapDays }
}

const spanOf = (points: readonly Point[]): number => (points.at(-1)?.t ?? 0) - (points[0]?.t ?? 0)
const worsening = (slope: Slope | null): boolean => slope !== null && slope.low > 0
const isWorse = (jump: Jump | null): boolean => jump !== null && jump.after > jump.before

/** The slope as the quantity goes, low before high. */
function unturned(slope: Slope | null, { sign }: Scale) {
  if (!slope) return { slopePerDay: null, slopeLowPerDay: null, slopeHighPerDay: null }
  const [low, high] = sign > 0 ? [slope.low, slope.high] : [-slope.high, -slope.low]
  return { slopePerDay: sign * slope.slope, slopeLowPerDay: low, slopeHighPerDay: high }
}

type Outlook = Pick<Trend, 'daysToAlarm' | 'daysToAlarmEarliest' | 'daysToAlarmLatest'>

/** Days until the nearer alarm; the room is not known ahead, so that a fixed alarm counts only where it was left in. */
function outlookOf(points: readonly Point[], slope: Slope | null, limits: Limits, ambient: boolean): Outlook {
  const alarms = [limits.baselineAlarm, ambient ? null : limits.fixedAlarm].filter((one) => one !== null)
  const last = points.at(-1)
  if (!slope || !worsening(slope) || alarms.length === 0 || !last)
    return { daysToAlarm: null, daysToAlarmEarliest: null, daysToAlarmLatest: null }
  const left = Math.max(0, Math.min(...alarms) - levelAt(points, slope.slope, last.t))
  const days = (perDay: number) => (above(left / perDay, farthestDays) ? null : left / perDay)
  return {
    daysToAlarm: days(slope.slope),
    daysToAlarmEarliest: days(slope.high),
    daysToAlarmLatest: days(slope.low),
  }
}

interface Over {
  alert: boolean
  alarm: boolean
}

/** Fixed limits are held against what was read, so that a hot bearing in a hot room still stops. */
function overLimits({ value, raw }: TrendDay, how: Scale, limits: Limits): Over {
  const reached = (z: number, limit: number | null) => limit !== null && atLeast(z, limit)
  const [z, rawZ] = [how.turn(value), how.turn(raw)]
  return {
    alert: reached(z, limits.baselineAlert) || reached(rawZ, limits.fixedAlert),
    alarm: reached(z, limits.baselineAlarm) || reached(rawZ, limits.fixedAlarm),
  }
}

interface Found {
  over: Over
  outlook: Outlook
  limits: Limits
  horizonDays: number
  jumped: boolean
}

function reasonsOf({ over, outlook: { daysToAlarm }, limits, horizonDays, jumped }: Found): TrendReason[] {
  const coming = !over.alarm && daysToAlarm !== null
  const soon = coming && below(daysToAlarm, soonDays)
  const holds: Record<TrendReason, boolean> = {
    'over-alarm': over.alarm,
    'alarm-in-two-days': soon,
    'over-alert': over.alert && !over.alarm,
    'toward-alarm': coming && !soon && atMost(daysToAlarm, horizonDays),
    step: jumped,
    'no-limit': Object.values(limits).every((limit) => limit === null),
    'within-limits': false,
  }
  const reasons = trendReasons.filter((reason) => holds[reason])
  return reasons.length > 0 ? reasons : ['within-limits']
}

const verdictOf = ([worst]: readonly TrendReason[]): Trend['verdict'] =>
  worst === 'over-alarm' || worst === 'alarm-in-two-days' ? 'stop' : worst === 'within-limits' ? 'ok' : 'watch'

function stepOf({ index, before, after }: Jump, days: readonly TrendDay[], how: Scale): Trend['step'] {
  return {
    date: days[index]?.date ?? '',
    from: how.back(before),
    to: how.back(after),
    size: how.sign * (after - before),
    worse: after > before,
  }
}

interface Told {
  days: readonly TrendDay[]
  duplicates: boolean
  noBaseline: boolean
  parted: boolean
  gapDays: number
  over: Over
  how: Scale
  limits: Limits
}

function remarksOf(
  { asOf }: Input,
  { days, duplicates, noBaseline, parted, gapDays, over, how, limits }: Told,
): TrendRemark[] {
  // prettier-ignore
  const [before, last] = [days.at(-2), days.at(-1)]
  const holds: [TrendRemark, boolean][] = [
    ['duplicate-times', duplicates],
    ['no-baseline', noBaseline],
    ['gap', parted],
    ['stale', asOf !== undefined && last !== undefined && above(dayNumber(asOf) - last.day, gapDays)],
    [
      'single-reading',
      over.alarm && last?.count === 1 && before !== undefined && !overLimits(before, how, limits).alert,
    ],
  ]
  return holds.filter(([, held]) => held).map(([remark]) => remark)
}

export const judgeTrendCalculation = calculation(
  'trend.judge',
  'Where a row of readings is going',
  'Sen (1968); general practice for the limits',
  TrendInput,
  judgeTrend,
)
