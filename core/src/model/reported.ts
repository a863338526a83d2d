import { z } from 'zod'

/** A sign of damage that came from a round or from readings, with its day. */
export const Reported = z.strictObject({
  sign: z.string(),
  day: z.iso.date(),
  from: z.enum(['round', 'readings']),
})
export type Reported = z.infer<typeof Reported>

/** Name that a reported sign is struck out by: the same sign of another day comes in again. */
export const reportedKey = ({ sign, day }: Reported): string => `${sign} ${day}`
