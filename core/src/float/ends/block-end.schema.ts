import { z } from 'zod'

export const BlockEndInput = z.strictObject({
  seatMm: z.number().gt(0).max(2000).meta({ unit: 'mm', description: 'Width of the seat between its shoulders' }),
  bearingMm: z.number().gt(0).max(2000).meta({ unit: 'mm', description: 'Width of the outer ring' }),
  rings: z.int().min(0).max(2).meta({ description: 'Locating rings that lie in the block' }),
  ringMm: z.number().min(0).max(500).default(0).meta({ unit: 'mm', description: 'Width of one locating ring' }),
})
export type BlockEndInput = z.input<typeof BlockEndInput>
