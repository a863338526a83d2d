import { z } from 'zod'

/** What a maker's list says of a number; null where it says nothing. */
export const MakerValues = z.object({
  /** Number as the list has it, as far as it goes. */
  number: z.string(),
  /** What the list is called. */
  list: z.string(),
  dynamicN: z.number().positive().nullable(),
  staticN: z.number().positive().nullable(),
  limitingRpm: z.number().positive().nullable(),
  massKg: z.number().positive().nullable(),
  /** Radial clearance of this very number, unmounted, µm; both or neither. */
  clearanceMinUm: z.number().min(0).nullable(),
  clearanceMaxUm: z.number().min(0).nullable(),
})
export type MakerValues = z.infer<typeof MakerValues>

/** What is known of the bearing that lies in a position, and of no other. */
export const MakerOf = z.object({
  /** Designation it was looked up for, as it is entered. */
  designation: z.string(),
  values: MakerValues,
})
