import { z } from 'zod'
import { BearingType } from '../bearing-types/index.ts'
import { fitPractices } from '../model/site-practices.ts'
import { BearingSystem, ToleranceClass } from '../catalogue/ring-limits.ts'
import { Seat } from './fit-result.ts'

export const RingLoad = z.enum(['rotating', 'stationary', 'indeterminate']).meta({
  description: 'How the load stands to this ring: it meets every point once a turn, always the same point, or both',
})
export type RingLoad = z.infer<typeof RingLoad>
export const HousingKind = z.enum(['solid', 'split', 'thin-wall', 'light-alloy']).meta({ description: 'Housing' })
export type HousingKind = z.infer<typeof HousingKind>
export const applications = ['general', 'machine-tool', 'electric-motor'] as const
export const Application = z.enum(applications).meta({ description: 'Kind of machine, as the fit tables see it' })
export type Application = z.infer<typeof Application>

export const FitRecommendInput = z.strictObject({
  seat: Seat,
  bearingType: BearingType,
  diameterMm: z
    .number()
    .gt(0)
    .meta({ unit: 'mm', description: 'Bore for a shaft seat, outside diameter for a housing' }),
  ringLoad: RingLoad,
  loadRatio: z
    .number()
    .min(0)
    .max(1)
    .optional()
    .meta({ description: 'P/C; not needed for a stationary load or a thrust bearing' }),
  cuts: z
    .enum(fitPractices)
    .optional()
    .meta({ description: 'Where light load ends and heavy begins; 0.07 and 0.15 of C where left out' }),
  housing: HousingKind.default('solid'),
  mustSlide: z.boolean().default(false).meta({ description: 'The ring has to move along its seat' }),
  drawnCup: z
    .boolean()
    .optional()
    .meta({ description: 'The outer ring is a thin drawn cup, round only in its housing' }),
  application: Application.default('general'),
  system: BearingSystem.default('metric'),
  toleranceClass: ToleranceClass.optional(),
  shaftBoreMm: z.number().min(0).optional().meta({ unit: 'mm', description: 'Bore of a hollow shaft' }),
  duty: z.enum(['industrial', 'automotive']).default('industrial').meta({ description: 'Inch tapered: duty' }),
  adjust: z
    .enum(['adjustable', 'non-adjustable', 'floating'])
    .optional()
    .meta({ description: 'Inch tapered: whether this ring is moved to set the end play, stays put, or floats' }),
})
export type FitRecommendInput = z.output<typeof FitRecommendInput>
