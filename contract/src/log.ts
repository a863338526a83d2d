import { FindingEntry, FittedEntry, OutReason, paretoGroups } from '@yardfrost/core'
import { z } from 'zod'

/** A bearing that was fitted, as lists have it. */
export const Fitted = z.object({
  id: z.uuid(),
  designation: z.string(),
  bearingType: z.string().nullable(),
  batch: z.string(),
  fittedOn: z.string(),
  outOn: z.string().nullable(),
  /** Hours it ran, or has run so far. */
  hoursH: z.number(),
  /** Null while it runs. */
  ended: OutReason.nullable(),
  cause: z.string().nullable(),
  note: z.string(),
  findingId: z.uuid().nullable(),
  source: z.enum(['job', 'typed', 'file']),
})
export type Fitted = z.infer<typeof Fitted>

/** A position with the bearings it had, oldest first. */
export const LogLine = z.object({
  position: z.object({ id: z.uuid(), name: z.string() }),
  machine: z.object({ id: z.uuid(), tag: z.string(), name: z.string(), area: z.string() }),
  bearings: z.array(Fitted),
})
export type LogLine = z.infer<typeof LogLine>

/** Which bearings are meant; what is left out does not matter. */
export const LogFilter = z.strictObject({
  area: z.string().max(60).nullable().default(null),
  machine: z.uuid().nullable().default(null),
  position: z.uuid().nullable().default(null),
  type: z.string().max(40).nullable().default(null),
  cause: z.string().max(60).nullable().default(null),
  person: z.uuid().nullable().default(null),
})
export const LogQuery = LogFilter.extend({
  offset: z.coerce.number().int().min(0).max(1_000_000).default(0),
  limit: z.coerce.number().int().min(1).max(100).default(40),
})
export type LogQuery = z.input<typeof LogQuery>

export const LogPage = z.object({
  /** Positions that have lines, and bearings of all of them. */
  positions: z.int(),
  fitted: z.int(),
  cameOut: z.int(),
  since: z.string().nullable(),
  lines: z.array(LogLine),
  /** What there is to choose from. */
  areas: z.array(z.string()),
  /** Of the area that is meant; the first five hundred. */
  machines: z.array(z.object({ id: z.uuid(), tag: z.string() })),
  types: z.array(z.string()),
  causes: z.array(z.string()),
  people: z.array(z.object({ id: z.uuid(), name: z.string() })),
})
export type LogPage = z.infer<typeof LogPage>

export const LogStatisticsQuery = LogFilter.extend({ groupBy: z.enum(paretoGroups).default('position') })
export type LogStatisticsQuery = z.input<typeof LogStatisticsQuery>

const maybe = z.number().nullable()
/** How long they lasted, as core says it: see `log.life`. */
export const LifeStatistics = z.object({
  method: z.enum(['maximum-likelihood', 'weibayes']),
  failures: z.int(),
  suspensions: z.int(),
  totalH: z.number(),
  ...{ shape: z.number(), shapeLow: maybe, shapeHigh: maybe, shapeCorrected: maybe },
  ...{ scaleH: z.number(), scaleLowH: maybe, scaleHighH: maybe },
  ...{ b10H: z.number(), b10LowH: maybe, b10HighH: maybe, b10CorrectedH: maybe },
  ...{ b50H: z.number(), b50LowH: maybe, b50HighH: maybe, meanH: z.number() },
  points: z.array(z.object({ hoursH: z.number(), adjustedRank: z.number(), medianRank: z.number() })),
  quantiles: z.array(z.object({ percent: z.number(), hoursH: z.number(), lowH: maybe, highH: maybe })),
  verdict: z.enum(['early', 'random', 'wear-out', 'no-verdict']),
  certainty: z.enum(['clear', 'leaning']).nullable(),
  comparison: z.object({ ratio: z.number(), verdict: z.enum(['shorter', 'longer', 'not-proven']) }).nullable(),
  remarks: z.array(z.enum(['shape-assumed', 'no-failure-yet', 'same-hours', 'few-failures', 'mostly-unfailed'])),
})
export type LifeStatistics = z.infer<typeof LifeStatistics>

/** Which eat bearings: see `log.pareto`. */
export const ParetoStatistics = z.object({
  rows: z.array(
    z.object({
      group: z.string(),
      count: z.int(),
      downtimeH: z.number(),
      cost: z.number(),
      share: z.number(),
      cumulativeShare: z.number(),
      vital: z.boolean(),
      hoursH: maybe,
      ratePer1000H: maybe,
      chance: maybe,
      standsOut: z.boolean(),
    }),
  ),
  total: z.number(),
  vital: z.array(z.string()),
  standsOut: z.array(z.string()),
})
export type ParetoStatistics = z.infer<typeof ParetoStatistics>

/** Better or worse: see `log.recurrent`. */
export const TrendOfFailures = z.object({
  trend: z.enum(['too-few', 'steady', 'worsening', 'improving']),
  certainty: z.enum(['clear', 'likely']).nullable(),
  laplace: maybe,
  firstHalf: z.int(),
  secondHalf: z.int(),
  meanBetweenH: maybe,
  totalH: z.number(),
  events: z.int(),
})
export type TrendOfFailures = z.infer<typeof TrendOfFailures>

/** What the bearings that are meant say together; null where there is nothing to say it of. */
export const LogStatistics = z.object({
  fitted: z.int(),
  failed: z.int(),
  sound: z.int(),
  running: z.int(),
  life: LifeStatistics.nullable(),
  ratedLifeH: z.number().nullable(),
  pareto: ParetoStatistics.nullable(),
  recurrent: TrendOfFailures.nullable(),
  /** Why they came out; null for a cause nobody named. */
  causes: z.array(z.object({ cause: z.string().nullable(), ended: OutReason, count: z.int() })),
})
export type LogStatistics = z.infer<typeof LogStatistics>

export const AddFitted = z.strictObject({ positionId: z.uuid(), entry: FittedEntry })
export type AddFitted = z.input<typeof AddFitted>

/** What became of a file of fitted bearings, line by line. */
export const FittedTaken = z.object({
  saved: z.boolean(),
  taken: z.int(),
  lines: z.array(
    z.object({
      line: z.int(),
      place: z.string(),
      outcome: z.enum(['new', 'same', 'refused']),
      message: z.string().nullable(),
    }),
  ),
})
export type FittedTaken = z.infer<typeof FittedTaken>
export const largestLog = 20_000_000

/** A finding as it is kept. */
export const FindingDetail = FindingEntry.extend({
  by: z.string().nullable(),
  position: z.object({ id: z.uuid(), name: z.string() }),
  machine: z.object({ id: z.uuid(), tag: z.string(), name: z.string(), area: z.string() }),
  /** The bearing that came out with it, or the one that still runs. */
  fittedId: z.uuid().nullable(),
})
export type FindingDetail = z.infer<typeof FindingDetail>
export const FindingList = z.array(FindingDetail)

/** A bearing's whole story. */
export const FittedStory = z.object({
  bearing: Fitted,
  position: LogLine.shape.position,
  machine: LogLine.shape.machine,
  fittedJob: z.object({ id: z.uuid(), number: z.int() }).nullable(),
  outJob: z.object({ id: z.uuid(), number: z.int() }).nullable(),
  asLeft: z.unknown(),
  enteredBy: z.string().nullable(),
  findings: FindingList,
})
export type FittedStory = z.infer<typeof FittedStory>
