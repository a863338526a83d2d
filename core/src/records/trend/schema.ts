import { z } from 'zod'
import { Day } from '../days.ts'

export const trendQuantities = ['temperature', 'velocity', 'envelope', 'ultrasound', 'insulation', 'other'] as const
export const TrendQuantity = z.enum(trendQuantities)
export type TrendQuantity = z.infer<typeof TrendQuantity>

const value = z.number().min(-1e6).max(1e9)
/** A day, then 00:00, or a moment in UTC. */
export const Moment = z.union([Day, z.iso.datetime({ precision: -1 }), z.iso.datetime({ precision: 0 })])

export const TrendInput = z.strictObject({
  quantity: TrendQuantity.meta({ description: 'What is read' }),
  readings: z
    .array(
      z.strictObject({
        at: Moment,
        value,
        ambient: z.number().min(-100).max(200).nullish(),
        load: z.number().min(-1e9).max(1e9).nullish(),
      }),
    )
    .min(1)
    .max(100_000)
    .optional()
    .meta({ description: 'Readings as they were taken' }),
  daily: z
    .array(
      z.strictObject({
        date: Day,
        median: value,
        rawMedian: value.nullish(),
        count: z.int().min(1).max(1e9).default(1),
      }),
    )
    .min(1)
    .max(4000)
    .optional()
    .meta({ description: 'Medians of days, in the place of readings' }),
  since: Moment.optional().meta({ description: 'Last mounting or change' }),
  settleDays: z.int().min(0).max(60).default(2).meta({ unit: 'd', description: 'Days after it that do not count' }),
  ambient: z.boolean().default(false).meta({ description: 'Take the room off' }),
  load: z
    .strictObject({
      reference: z.number().min(-1e9).max(1e9).nullish(),
      tolerancePercent: z.number().min(1).max(50).default(10),
    })
    .optional()
    .meta({ description: 'Judge only readings near this load' }),
  fixed: z
    .strictObject({ alert: value.nullish(), alarm: value.nullish() })
    .optional()
    .meta({ description: 'Fixed limits' }),
  limits: z.enum(['both', 'fixed', 'baseline']).default('both').meta({ description: 'Limits that count' }),
  baseline: z
    .strictObject({ median: value, mad: z.number().min(0).max(1e9) })
    .optional()
    .meta({ description: 'What it read when all was well' }),
  slopeCount: z.int().min(6).max(60).default(30).meta({ description: 'Days the slope is taken over, at most' }),
  horizonDays: z.number().min(1).max(3650).default(30).meta({ unit: 'd', description: 'How far ahead is warned' }),
  direction: z.enum(['up', 'down']).optional().meta({ description: 'Which way is worse' }),
  asOf: Day.optional().meta({ description: 'Today' }),
})
export type TrendInput = z.output<typeof TrendInput>

export const trendReasons = ['over-alarm', 'alarm-in-two-days', 'over-alert', 'toward-alarm', 'step', 'no-limit', 'within-limits'] as const // prettier-ignore
export type TrendReason = (typeof trendReasons)[number]
export type TrendRemark = 'duplicate-times' | 'no-baseline' | 'gap' | 'stale' | 'single-reading'

/** Sums of a day, from which means and spreads of weeks and months are added up. */
export interface ChartDay {
  date: string
  count: number
  min: number
  max: number
  sum: number
  sumSq: number
  median: number
}

export interface TrendStep {
  /** First day after it. */
  date: string
  from: number
  to: number
  /** In decades where the quantity is judged by its logarithm. */
  size: number
  worse: boolean
}

export interface Trend {
  days: number
  firstDate: string
  lastDate: string
  dropped: number
  chart: ChartDay[] | null
  baseline: { median: number; mad: number; scale: number; days: number } | null
  limits: {
    baselineAlert: number | null
    baselineAlarm: number | null
    fixedAlert: number | null
    fixedAlarm: number | null
  }
  present: number
  presentRaw: number
  /** From the baseline, in scales of it, worse positive. */
  deviation: number | null
  slopePerDay: number | null
  slopeLowPerDay: number | null
  slopeHighPerDay: number | null
  worsening: boolean
  daysToAlarm: number | null
  daysToAlarmEarliest: number | null
  daysToAlarmLatest: number | null
  step: TrendStep | null
  verdict: 'ok' | 'watch' | 'stop'
  reasons: TrendReason[]
  signs: string[]
  context: { runningC?: number; vibrationMmPerS?: number }
  remarks: TrendRemark[]
}
