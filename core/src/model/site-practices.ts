import { z } from 'zod'

export const intervalPractices = ['formula', 'speed-factor'] as const
export type IntervalPractice = (typeof intervalPractices)[number]
export const growthPractices = ['physics', 'inches-per-foot', 'whole-temperature'] as const
export type GrowthPractice = (typeof growthPractices)[number]

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
})
export type SitePractices = z.output<typeof SitePractices>
