import { MakerValues } from '@yardfrost/core'
import { z } from 'zod'

const heading = z.string().trim().max(80)

/** A maker's file: what the list is called, which column is what, and the units of its ratings and masses. */
export const MakerFileQuery = z.strictObject({
  save: z.stringbool().default(false),
  list: z.string().trim().min(1).max(60).meta({ title: 'What the list is called' }),
  number: heading.min(1).meta({ title: 'Column of the number' }),
  dynamic: heading.default('').meta({ title: 'Column of C' }),
  static: heading.default('').meta({ title: 'Column of C0' }),
  speed: heading.default('').meta({ title: 'Column of the limiting speed, r/min' }),
  mass: heading.default('').meta({ title: 'Column of the mass' }),
  clearanceMin: heading.default('').meta({ title: 'Column of the least clearance' }),
  clearanceMax: heading.default('').meta({ title: 'Column of the greatest clearance' }),
  force: z.enum(['kN', 'N', 'lbf']).default('kN').meta({ title: 'Ratings are in' }),
  weight: z.enum(['kg', 'lb']).default('kg').meta({ title: 'Masses are in' }),
  gap: z.enum(['µm', 'mm', 'in']).default('µm').meta({ title: 'Clearances are in' }),
})
export type MakerFileQuery = z.output<typeof MakerFileQuery>
export const largestMakerFile = 20_000_000

export const MakerTaken = z.object({
  saved: z.boolean(),
  taken: z.int(),
  lines: z.array(
    z.object({
      line: z.int(),
      number: z.string(),
      outcome: z.enum(['new', 'refused']),
      message: z.string().nullable(),
    }),
  ),
})
export type MakerTaken = z.infer<typeof MakerTaken>

/** Lists that were taken in, and how many numbers each has. */
export const MakerLists = z.array(z.object({ list: z.string(), numbers: z.int() }))
export type MakerLists = z.infer<typeof MakerLists>

export const MakerQuery = z.strictObject({ designation: z.string().trim().min(1).max(60) })
/** What a list says of a designation; null where none does. */
export const MakerAnswer = MakerValues.nullable()
