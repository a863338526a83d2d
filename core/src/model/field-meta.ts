import type { Quantity } from './units.ts'

/** Description a field carries: its label, its quantity, its unit for messages. The form, the errors and the API read it here. */
export interface FieldMeta {
  title: string
  quantity?: Quantity
  unit?: string
}
