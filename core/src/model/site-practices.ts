import { z } from 'zod'

export const intervalPractices = ['formula', 'speed-factor'] as const
export type IntervalPractice = (typeof intervalPractices)[number]
export const growthPractices = ['physics', 'inches-per-foot', 'whole-temperature'] as const
export type GrowthPractice = (typeof growthPractices)[number]

/** How hot a ring is aimed at where its closure lets it: 95 °C is enough for ordinary fits, 120 °C is where harm begins. */
export const heatingPractices = ['up-to-110', 'near-95', 'up-to-120'] as const
export type HeatingPractice = (typeof heatingPractices)[number]
/** How warm the rolling elements are taken to be: between the rings, or as the inner ring. */
export const clearancePractices = ['between-rings', 'as-inner-ring'] as const
export type ClearancePractice = (typeof clearancePractices)[number]
/** Where light load ends and heavy begins for a fit, in hundredths of C. */
export const fitPractices = ['cuts-7-15', 'cuts-6-12', 'cuts-5-10'] as const
export type FitPractice = (typeof fitPractices)[number]
/** How often each cause of damage is the one: as the trade finds it, or as this plant does. */
export const causePractices = ['trade', 'plant'] as const
export type CausePractice = (typeof causePractices)[number]

/** What a ring is driven with: a tube of soft mild steel, or brass. */
export const driftPractices = ['mild-steel', 'brass'] as const
export type DriftPractice = (typeof driftPractices)[number]

/** Clearance of a plain bearing: by its material, or one of the rules of thumb. */
export const plainClearancePractices = ['by-material', 'per-thousand', 'per-thousand-plus', 'fast', 'greased'] as const
export type PlainClearancePractice = (typeof plainClearancePractices)[number]

/** The practice a site goes by, where it has chosen one; null leaves it to the default. */
export const SitePractices = z.strictObject({
  greaseInterval: z
    .enum(intervalPractices)
    .nullable()
    .default(null)
    .meta({ description: 'Relubrication interval; by the kind of machine where null' }),
  growth: z
    .enum(growthPractices)
    .nullable()
    .default(null)
    .meta({ description: 'Room to leave for the growth of a shaft; physics and a margin where null' }),
  heating: z
    .enum(heatingPractices)
    .nullable()
    .default(null)
    .meta({ description: 'Hottest aim for a ring; 110 °C where null' }),
  clearance: z
    .enum(clearancePractices)
    .nullable()
    .default(null)
    .meta({ description: 'Temperature of the rolling elements; between the rings where null' }),
  fits: z
    .enum(fitPractices)
    .nullable()
    .default(null)
    .meta({ description: 'Where light load ends and heavy begins; 0.07 and 0.15 of C where null' }),
  drift: z
    .enum(driftPractices)
    .nullable()
    .default(null)
    .meta({ description: 'What a ring is driven with; mild steel where null' }),
  plainClearance: z
    .enum(plainClearancePractices)
    .nullable()
    .default(null)
    .meta({ description: 'Clearance of a plain bearing; by its material where null' }),
  causes: z
    .enum(causePractices)
    .nullable()
    .default(null)
    .meta({ description: 'How often each cause of damage is the one; as the trade finds it where null' }),
})
export type SitePractices = z.output<typeof SitePractices>
