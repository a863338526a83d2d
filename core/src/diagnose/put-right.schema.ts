import { z } from 'zod'

/** When something is put right: now, when the next bearing goes in, or on the machine. */
export const remedyTimes = ['immediate', 'refit', 'machine'] as const
/** What became of a remedy: a step of the next job, or a question of the arrival list. */
export const remedyWays = ['step', 'question'] as const

/** A remedy of a cause that somebody took on, in the words of that day. */
export const PutRight = z.strictObject({
  cause: z.string().max(60),
  when: z.enum(remedyTimes),
  as: z.enum(remedyWays),
  does: z.string().max(400),
})
export type PutRight = z.infer<typeof PutRight>
