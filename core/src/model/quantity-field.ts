import type { z } from 'zod'
import type { Quantity } from './units.ts'

/** A field that holds a quantity, or null while nobody has said: its label, its quantity and the unit it is kept in. */
export const quantity = (schema: z.ZodNumber, title: string, kind: Quantity, unit: string) =>
  schema.nullable().default(null).meta({ title, quantity: kind, unit })
