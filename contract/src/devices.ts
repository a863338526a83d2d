import { z } from 'zod'

/** What a gauge is set on. Rings are measured with the calliper, seats with micrometer or bore gauge. */
export const measurables = ['bore', 'outside', 'width', 'shaft', 'housing'] as const
export const Measurable = z.enum(measurables)
export type Measurable = z.infer<typeof Measurable>

/** One press of the data button: what is measured on which position, and where on it. */
export const TakeReading = z.strictObject({
  positionId: z.uuid(),
  measurable: Measurable,
  /** Nominal size where it is known; a bearing without a number has none. */
  nominalMm: z.number().gt(0).max(2000).nullable(),
  plane: z.int().min(0).max(11),
  direction: z.int().min(0).max(11),
})
export type TakeReading = z.infer<typeof TakeReading>

/** Strokes of a gun on the scale of the shop. `ratedG`: what a stroke was last known to weigh. */
export const TakeWeight = z.strictObject({
  gunId: z.uuid(),
  strokes: z.int().min(1).max(200),
  ratedG: z.number().min(0.05).max(20),
})
export type TakeWeight = z.infer<typeof TakeWeight>
export const Weight = z.object({ grams: z.number().gt(0).max(5000), instrument: z.string() })
export type Weight = z.infer<typeof Weight>

/** What the vibration pen, the ultrasound probe and the contact thermometer read at a housing. */
export const SenseHousing = z.strictObject({
  positionId: z.uuid(),
  what: z.enum(['vibration', 'sound', 'temperature']),
})
export type SenseHousing = z.infer<typeof SenseHousing>
/** mm/s r.m.s., dB or °C. */
export const Sensed = z.object({ value: z.number().min(-50).max(200), instrument: z.string() })
export type Sensed = z.infer<typeof Sensed>

export const Reading = z.object({
  valueMm: z.number().gt(0).max(2000),
  /** The instrument as it calls itself. */
  instrument: z.string(),
})
export type Reading = z.infer<typeof Reading>

/** A record of vibration taken with the collector of the shop. */
export const RecordVibration = z.strictObject({
  positionId: z.uuid(),
  direction: z.enum(['radial', 'axial']).default('radial'),
})
export type RecordVibration = z.infer<typeof RecordVibration>
export const VibrationRecord = z.object({
  sampleRateHz: z.number(),
  /** m/s². */
  samples: z.array(z.number()),
  speedRpm: z.number(),
  instrument: z.string(),
})
export type VibrationRecord = z.infer<typeof VibrationRecord>
