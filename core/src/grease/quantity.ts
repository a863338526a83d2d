import { calculation } from '../working/calculation.ts'
import { z } from 'zod'

export const QuantityInput = z.strictObject({
  odMm: z.number().min(10).max(2500).meta({ unit: 'mm', description: 'Outside diameter' }),
  widthMm: z.number().min(1).max(1000).meta({ unit: 'mm', description: 'Width' }),
  port: z
    .enum(['side', 'centre'])
    .meta({ description: 'Where the grease goes in: at the side, or through the middle of the outer ring' }),
  gramsPerStroke: z
    .number()
    .min(0.05)
    .max(20)
    .optional()
    .meta({ unit: 'g', description: 'Weight of one stroke of this gun' }),
  schedule: z
    .enum(['weekly', 'monthly', 'yearly'])
    .optional()
    .meta({ description: 'Small frequent doses; replaces the port’s factor' }),
})
export type QuantityInput = z.infer<typeof QuantityInput>

const byPort = { side: 0.005, centre: 0.002 } as const
const bySchedule = { weekly: 0.002, monthly: 0.003, yearly: 0.004 } as const

/**
 * Grease for one regreasing, and strokes of a gun that was weighed.
 *
 *     q = k D B   grams, mm;  k = 0.005 at the side, 0.002 through the middle
 *
 * @example greaseQuantity({ odMm: 110, widthMm: 27, port: 'side', gramsPerStroke: 1.4 }) // { quantityG: 14.85, strokes: 11 }
 * @see general published practice
 */
export function greaseQuantity({ odMm, widthMm, port, gramsPerStroke, schedule }: QuantityInput): {
  quantityG: number
  strokes: number | null
} {
  const quantityG = (schedule ? bySchedule[schedule] : byPort[port]) * odMm * widthMm
  const strokes = gramsPerStroke === undefined ? null : Math.max(1, Math.floor(quantityG / gramsPerStroke + 0.5))
  return { quantityG, strokes }
}

export const greaseQuantityCalculation = calculation(
  'grease.quantity',
  'Grease and strokes for one regreasing',
  'General published practice',
  QuantityInput,
  greaseQuantity,
)
