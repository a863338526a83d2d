import { z } from 'zod'
import { thickenerNames } from '../kinds/rolling/choices.ts'
import { quantity } from '../model/quantity-field.ts'

export const pointKinds = ['grease', 'oil-level', 'oil-change', 'look'] as const
export const PointKind = z.enum(pointKinds)
export type PointKind = z.infer<typeof PointKind>

export const pointHousings = ['solid', 'split', 'flanged', 'motor-end'] as const

/** What a position asks for at a point, as it is worked out; it is worked out anew whenever the position is judged. */
export const PointWork = z.strictObject({
  /** By running hours; null where only the calendar counts. */
  intervalH: z.number().min(1).max(200_000).nullable().default(null),
  /** At the latest after so many days. */
  maxDays: z.number().min(1).max(36_500).nullable().default(null),
  /** Where the interval comes from, in words. */
  why: z.string().max(200).default(''),
  quantityG: z.number().min(0).max(5000).nullable().default(null),
  /** From the shaft centre line down to the oil, mm. */
  levelMm: z.number().nullable().default(null),
  /** Bearing in its bath: what the level is drawn from, mm; null in rounds of before. */
  bath: z
    .strictObject({
      boreMm: z.number(),
      odMm: z.number(),
      pitchDiameterMm: z.number(),
      elementDiameterMm: z.number(),
      elements: z.number(),
    })
    .nullable()
    .default(null),
  gun: z
    .strictObject({ name: z.string().max(60), gramsPerStroke: z.number() })
    .nullable()
    .default(null),
  thickener: z.enum(thickenerNames).nullable().default(null),
  /** Name of the grease or oil of the site; empty where none was chosen. */
  lubricant: z.string().max(60).default(''),
  port: z.enum(['side', 'centre']).default('side'),
  housing: z.enum(pointHousings).default('solid'),
  designation: z.string().max(80).nullable().default(null),
  speedRpm: z.number().nullable().default(null),
})
export type PointWork = z.output<typeof PointWork>

/** Where an interval of a person's own comes from. */
export const intervalOrigins = ['site', 'manual', 'learned'] as const

/** What people have settled for a point, over what is worked out. */
export const PointOwn = z.strictObject({
  intervalH: quantity(z.number().min(1).max(200_000), 'Interval', 'duration', 'h'),
  from: z.enum(intervalOrigins).default('site').meta({ title: 'It comes from' }),
  /** The reason, or the page of the manual. */
  reason: z.string().trim().max(300).default('').meta({ title: 'Reason, or page of the manual' }),
  /** Day on which the interval was last looked into: what came out before has been judged. */
  settledOn: z.iso.date().nullable().default(null),
  maxDays: z.number().min(1).max(3650).nullable().default(null).meta({ title: 'At the latest after, days' }),
  quantityG: quantity(z.number().min(0.05).max(5000), 'Quantity', 'grams', 'g'),
  minutes: z.number().min(1).max(600).nullable().default(null).meta({ title: 'Takes, minutes' }),
  access: z.string().trim().max(120).default('').meta({ title: 'Where it is, how to reach it' }),
  nippleInside: z.boolean().default(false).meta({ title: 'The nipple is inside a guard' }),
  stopped: z.boolean().default(false).meta({ title: 'Greased with the machine stopped' }),
  oiler: z.boolean().default(false).meta({ title: 'It has a constant-level oiler' }),
  drain: z.boolean().default(true).meta({ title: 'It has a drain' }),
  /** Why nobody can reach it; empty where it is reached. */
  unreachable: z.string().trim().max(200).default('').meta({ title: 'Nobody can reach it, because' }),
})
export type PointOwn = z.output<typeof PointOwn>

/** The same as it is saved: an interval of one's own has its reason. */
export const SettledOwn = PointOwn.refine(({ intervalH, reason }) => intervalH === null || reason !== '', {
  path: ['reason'],
  message: 'why this interval, or the page of the manual',
})
