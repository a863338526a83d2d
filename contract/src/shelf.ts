import { StockEntry, StockMoveKind } from '@yardfrost/core'
import { z } from 'zod'
import { SavedVersion } from './version.ts'

export const StockLine = StockEntry.extend({ id: z.uuid(), version: z.int() })
export type StockLine = z.infer<typeof StockLine>

/** A bearing that an open job will fit. */
export const Wanted = z.object({
  jobId: z.uuid(),
  number: z.int(),
  title: z.string(),
  tag: z.string(),
  plannedFor: z.string().nullable(),
  designation: z.string(),
  taken: z.boolean(),
})
export type Wanted = z.infer<typeof Wanted>

/** What lies in stock, what open jobs want of it, and what is fitted. */
export const Shelf = z.object({
  lines: z.array(StockLine),
  wanted: z.array(Wanted),
  fitted: z.array(z.object({ designation: z.string(), positions: z.int() })),
})
export type Shelf = z.infer<typeof Shelf>

export const AddStock = StockEntry
/** A changed line; its count changes by what is done with it, and not here. */
export const SaveStock = z.strictObject({ version: SavedVersion, entry: StockEntry.omit({ count: true }) })
export type SaveStock = z.infer<typeof SaveStock>

/** What was done with a line: so many in, so many out, or counted, which says how many there are. */
export const MoveStock = z.strictObject({
  id: z.uuid().meta({ description: 'Given by the device: one that is sent twice counts once' }),
  kind: StockMoveKind,
  count: z.int().min(0).max(100_000).meta({ title: 'How many' }),
  jobId: z.uuid().nullable().default(null).meta({ description: 'Job it is taken for, or comes back from' }),
})
export type MoveStock = z.input<typeof MoveStock>

/** One line of a file that was taken in, or what it would do. */
export const StockTaken = z.object({
  saved: z.boolean(),
  taken: z.int(),
  lines: z.array(
    z.object({
      line: z.int(),
      designation: z.string(),
      outcome: z.enum(['new', 'counted', 'same', 'refused']),
      message: z.string().nullable(),
    }),
  ),
})
export type StockTaken = z.infer<typeof StockTaken>
export const largestStock = 20_000_000
