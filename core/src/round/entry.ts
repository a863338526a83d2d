import { z } from 'zod'
import { quantity } from '../model/quantity-field.ts'
import { purged } from '../records/adapt-interval.ts'
import { noticeable } from './noticed.ts'

export const skipReasons = ['no-access', 'running', 'standing', 'no-grease', 'blocked', 'other'] as const
export type SkipReason = (typeof skipReasons)[number]

/** What is read at a point of a round; null where nobody has. */
export const RoundReadings = z.strictObject({
  before: quantity(z.number().min(-40).max(200), 'Housing before', 'temperature', '°C'),
  after: quantity(z.number().min(-40).max(200), 'Half an hour after', 'temperature', '°C'),
  vibration: quantity(z.number().min(0).max(200), 'Vibration, r.m.s.', 'ratio', 'mm/s'),
  sound: quantity(z.number().min(-50).max(150), 'Ultrasound', 'ratio', 'dB'),
  soundAfter: quantity(z.number().min(-50).max(150), 'Five minutes after', 'ratio', 'dB'),
  level: quantity(z.number().min(-500).max(500), 'Oil over its mark, minus below', 'length', 'mm'),
  hours: quantity(z.number().min(0).max(1e7), 'Hour meter', 'duration', 'h'),
})
export type RoundReadings = z.output<typeof RoundReadings>
export type RoundReading = keyof RoundReadings
export const roundReadings = Object.keys(RoundReadings.shape) as [RoundReading, ...RoundReading[]]

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
    noticed: z.array(z.enum(noticeable)).max(noticeable.length).default([]),
    note: z.string().trim().max(300).default(''),
  }),
  z.strictObject({
    kind: z.literal('skipped'),
    ...shared,
    reason: z.enum(skipReasons),
    noticed: z.array(z.enum(noticeable)).max(noticeable.length).default([]),
    note: z.string().trim().max(300).default(''),
  }),
  z.strictObject({
    kind: z.literal('read'),
    ...shared,
    what: z.enum(roundReadings),
    value: z.number().min(-100).max(1e7),
  }),
  /** A photograph that was sent before it. */
  z.strictObject({ kind: z.literal('photo'), ...shared, photo: z.uuid(), name: z.string().max(120) }),
  /** Takes back the last thing that was said of the point. */
  z.strictObject({ kind: z.literal('undone'), ...shared }),
])
export type RoundEntry = z.output<typeof RoundEntry>
export type SignedRoundEntry = RoundEntry & { by: string }
