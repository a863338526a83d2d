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
export const trendRemarks = ['duplicate-times', 'no-baseline', 'gap', 'stale', 'single-reading'] as const
export type TrendRemark = (typeof trendRemarks)[number]

const number = z.number()
const maybe = number.nullable()

/** Sums of a day, from which means and spreads of weeks and months are added up. */
const ChartDay = z.object({
  date: z.string(),
  count: z.int(),
  min: number,
  max: number,
  sum: number,
  sumSq: number,
  median: number,
})
export type ChartDay = z.infer<typeof ChartDay>

/** A jump: `date` is the first day after it; `size` is in decades where the quantity is judged by its logarithm. */
const TrendStep = z.object({ date: z.string(), from: number, to: number, size: number, worse: z.boolean() })

/** Where a row of readings is going. */
export const Trend = z.object({
  days: z.int(),
  firstDate: z.string(),
  lastDate: z.string(),
  dropped: z.int(),
  chart: z.array(ChartDay).nullable(),
  baseline: z.object({ median: number, mad: number, scale: number, days: z.int() }).nullable(),
  limits: z.object({ baselineAlert: maybe, baselineAlarm: maybe, fixedAlert: maybe, fixedAlarm: maybe }),
  present: number,
  presentRaw: number,
  /** From the baseline, in scales of it, worse positive. */
  deviation: maybe,
  slopePerDay: maybe,
  slopeLowPerDay: maybe,
  slopeHighPerDay: maybe,
  worsening: z.boolean(),
  daysToAlarm: maybe,
  daysToAlarmEarliest: maybe,
  daysToAlarmLatest: maybe,
  step: TrendStep.nullable(),
  verdict: z.enum(['ok', 'watch', 'stop']),
  reasons: z.array(z.enum(trendReasons)),
  signs: z.array(z.string()),
  context: z.object({ runningC: number.optional(), vibrationMmPerS: number.optional() }),
  remarks: z.array(z.enum(trendRemarks)),
})
export type Trend = z.infer<typeof Trend>
