import { Trend, TrendQuantity } from '@yardfrost/core'
import { z } from 'zod'

/** One day of readings at a position; of those longer ago one week, by its Monday. */
export const ReadingDay = z.object({
  day: z.string(),
  count: z.int(),
  low: z.number(),
  high: z.number(),
  median: z.number(),
  /** What of it is judged: at the usual load, the room taken off; null where nothing is like the other days. */
  judged: z.number().nullable(),
})

export type ReadingDay = z.infer<typeof ReadingDay>

/** A quantity read at a position: its days, and where they are going; null while nothing was read since a change. */
export const PositionTrend = z.object({
  quantity: TrendQuantity,
  since: z.string().nullable(),
  /** The warmth of the room is taken off. */
  room: z.boolean(),
  /** Load at which readings are judged; null where none is read. */
  load: z.number().nullable(),
  days: z.array(ReadingDay),
  trend: Trend.nullable(),
})
export type PositionTrend = z.infer<typeof PositionTrend>
export const PositionTrends = z.array(PositionTrend)

/** Positions of the site whose readings go towards a limit, or are over one. */
export const Warming = z.array(
  z.object({
    quantity: TrendQuantity,
    verdict: z.enum(['watch', 'stop']),
    result: Trend,
    position: z.object({ id: z.uuid(), name: z.string() }),
    machine: z.object({ id: z.uuid(), tag: z.string(), name: z.string(), area: z.string() }),
  }),
)
export type Warming = z.infer<typeof Warming>

/** What became of a file of readings: lines that cannot be taken are named. */
export const ReadingsTaken = z.object({
  taken: z.int(),
  refused: z.array(z.object({ line: z.int(), message: z.string() })),
})
export type ReadingsTaken = z.infer<typeof ReadingsTaken>
/** Largest file of readings, bytes. */
export const largestReadings = 20_000_000
