import { z } from 'zod'
import { purged } from '../records/adapt-interval.ts'

export const skipReasons = ['no-access', 'running', 'standing', 'no-grease', 'blocked', 'other'] as const
export type SkipReason = (typeof skipReasons)[number]
export const roundReadings = ['before', 'after', 'vibration', 'sound', 'hours'] as const
export type RoundReading = (typeof roundReadings)[number]

const shared = { id: z.uuid(), point: z.uuid(), at: z.iso.datetime() }

/** What a person enters at a point of a round. Entries are added and never changed. */
export const RoundEntry = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('done'),
    ...shared,
    strokes: z.int().min(0).max(2000).nullable().default(null),
    /** The gun in hand, by its name, and what it gives at a stroke. */
    gun: z.string().trim().max(60).default(''),
    gramsPerStroke: z.number().min(0.05).max(20).nullable().default(null),
    came: z.enum(purged).nullable().default(null),
    note: z.string().trim().max(300).default(''),
  }),
  z.strictObject({
    kind: z.literal('skipped'),
    ...shared,
    reason: z.enum(skipReasons),
    note: z.string().trim().max(300).default(''),
  }),
  z.strictObject({
    kind: z.literal('read'),
    ...shared,
    what: z.enum(roundReadings),
    value: z.number().min(-100).max(1e7),
  }),
  /** Takes back the last thing that was said of the point. */
  z.strictObject({ kind: z.literal('undone'), ...shared }),
])
export type RoundEntry = z.output<typeof RoundEntry>
export type SignedRoundEntry = RoundEntry & { by: string }
