import { z } from 'zod'

export const Health = z.object({
  /** `full`: it reads and does not write, for the disk of the database has no room. */
  status: z.enum(['ok', 'down', 'full']),
  database: z.enum(['ok', 'down', 'full']),
  version: z.string(),
})
export type Health = z.infer<typeof Health>
