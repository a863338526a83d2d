import { z } from 'zod'
import type { Db } from './database.ts'
import type { Query } from './read-queries.ts'

// One way to ask the database: the name says how many rows come, the schema what each of them holds.

/** Every row of a query. */
export async function any<S extends z.ZodType>(db: Db, query: Query, row: S): Promise<z.output<S>[]> {
  const { rows } = await db.query(query)
  return z.array(row).parse(rows)
}

/** The row of a query; null where there is none. */
export async function maybeOne<S extends z.ZodType>(db: Db, query: Query, row: S): Promise<z.output<S> | null> {
  const { rows } = await db.query(query)
  if (rows.length > 1) throw new Error(`${query.name} gave ${rows.length} rows`)
  return rows[0] === undefined ? null : row.parse(rows[0])
}

/** The row of a query that always has one: anything else is a bug. */
export async function one<S extends z.ZodType>(db: Db, query: Query, row: S): Promise<z.output<S>> {
  const found = await maybeOne(db, query, row)
  if (found === null) throw new Error(`${query.name} gave no row`)
  return found
}

/** For a query that gives no rows, or whose rows nobody wants. */
export async function run(db: Db, query: Query): Promise<void> {
  await db.query(query)
}

/** A row of nothing but an id. */
export const IdRow = z.object({ id: z.uuid() }).transform(({ id }) => id)
/** An instant, as text in ISO 8601. */
export const time = z.union([z.date(), z.string()]).transform((at) => new Date(at).toISOString())
