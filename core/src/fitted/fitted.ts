import { z } from 'zod'
import { Day } from '../records/days.ts'
import type { Ending } from '../records/log/life.ts'

/** Why a bearing came out. */
export const outReasons = ['failed', 'warned', 'sound'] as const
export const OutReason = z.enum(outReasons)
export type OutReason = z.infer<typeof OutReason>

/** Why it came out, in the words of the shop. */
export const outWords: Record<OutReason, string> = {
  failed: 'it failed',
  warned: 'taken out on a warning or its marks',
  sound: 'changed by plan, found sound',
}

/** How a bearing ended, for the statistics: one taken out on a warning would have failed. */
export const endingOf = (reason: OutReason | null): Ending =>
  reason === null ? 'still-running' : reason === 'sound' ? 'taken-out-sound' : 'failed'

const words = (most: number, title: string) => z.string().trim().max(most).meta({ title })

/** A fitted bearing as somebody types it, from an old book or a memory. */
export const FittedEntry = z
  .strictObject({
    designation: words(60, 'Bearing designation').min(1),
    batch: words(60, 'Maker’s batch').default(''),
    fittedOn: Day.meta({ title: 'Fitted on' }),
    outOn: Day.nullable().default(null).meta({ title: 'Came out on' }),
    /** Hours it ran; null: as the machine runs. */
    hoursH: z
      .number()
      .min(0.1)
      .max(1e6)
      .nullable()
      .default(null)
      .meta({ title: 'Hours it ran; empty: as the machine runs', quantity: 'duration' }),
    ended: OutReason.nullable().default(null).meta({ title: 'Why it came out' }),
    cause: z.string().trim().max(60).nullable().default(null).meta({ title: 'Cause, where it is known' }),
    note: words(300, 'Note').default(''),
  })
  .refine(({ fittedOn, outOn }) => outOn === null || outOn >= fittedOn, {
    path: ['outOn'],
    message: 'no sooner than it was fitted',
  })
  .refine(({ outOn, ended }) => (outOn === null) === (ended === null), {
    path: ['ended'],
    message: 'why it came out, where it came out: failed, warned or sound',
  })
  .refine(({ outOn, hoursH }) => outOn !== null || hoursH === null, {
    path: ['hoursH'],
    message: 'none while it runs: they are counted',
  })
export type FittedEntry = z.output<typeof FittedEntry>
