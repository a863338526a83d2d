import { z } from 'zod'

export const Health = z.object({
  status: z.enum(['ok', 'down']),
  database: z.enum(['ok', 'down']),
  version: z.string(),
})
export type Health = z.infer<typeof Health>
