import { z } from 'zod'
import { positionSchema } from '../../model/upgrade/position.ts'

/** A seat of a plain bearing: a kind of its own, of which nothing is asked and nothing judged so far. */
export const PlainPosition = z.strictObject({
  schema: z.literal(positionSchema).default(positionSchema),
  kind: z.literal('plain').default('plain'),
})
export type PlainPosition = z.output<typeof PlainPosition>
