import { z } from 'zod'
import { Day } from '../records/days.ts'

export const conditions = ['boxed', 'opened'] as const
/** Whether its box was opened: then it is looked at before it is fitted. */
export const Condition = z.enum(conditions)
export type Condition = z.infer<typeof Condition>

const words = (most: number, title: string) => z.string().trim().max(most).meta({ title })
const many = (title: string) => z.int().min(0).max(100_000).meta({ title })

/** One kind of bearing in one place. */
export const StockEntry = z.strictObject({
  designation: words(60, 'Bearing designation').min(1),
  place: words(40, 'Where it lies').min(1),
  condition: Condition.default('boxed').meta({ title: 'Box' }),
  greasedOn: Day.nullable().default(null).meta({ title: 'Greased on, by the box' }),
  count: many('How many'),
  least: many('No fewer than').default(0),
  note: words(200, 'Note').default(''),
})
export type StockEntry = z.output<typeof StockEntry>

export const stockMoveKinds = ['in', 'out', 'counted'] as const
/** What was done with stock: put in, taken out, or counted, which says how many there are. */
export const StockMoveKind = z.enum(stockMoveKinds)
export type StockMoveKind = z.infer<typeof StockMoveKind>
