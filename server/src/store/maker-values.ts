import { MakerValues } from '@yardfrost/core'
import { z } from 'zod'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, maybeOne, run } from './rows.ts'

const sql = readQueries('./maker-values.sql', import.meta.url, [
  'findMakerValues',
  'storeMakerValues',
  'listMakerValues',
  'countMakerLists',
  'dropMakerList',
])

const number = z.number().nullable()
const Row = z
  .object({ number: z.string(), list: z.string(), dynamic_n: number, static_n: number, limiting_rpm: number, mass_kg: number, clearance_min_um: number, clearance_max_um: number })
  .transform((row) =>
    MakerValues.parse({
      ...{ number: row.number, list: row.list, dynamicN: row.dynamic_n, staticN: row.static_n },
      ...{ limitingRpm: row.limiting_rpm, massKg: row.mass_kg },
      ...{ clearanceMinUm: row.clearance_min_um, clearanceMaxUm: row.clearance_max_um },
    }),
  ) // prettier-ignore

/** What a list says of one of some numbers, the longest first; null where none says anything. */
export const findMakerValues = (db: Db, siteId: string, numbers: readonly string[]): Promise<MakerValues | null> =>
  maybeOne(db, sql.findMakerValues(siteId, numbers), Row)

/** Stores values of many numbers, in place of those that were there. */
export const storeMakerValues = (
  db: Db,
  siteId: string,
  list: string,
  values: readonly Omit<MakerValues, 'list'>[],
): Promise<void> =>
  run(
    db,
    sql.storeMakerValues(
      ...[siteId, list, values.map((one) => one.number), values.map(({ dynamicN }) => dynamicN)],
      ...[values.map(({ staticN }) => staticN), values.map(({ limitingRpm }) => limitingRpm)],
      ...[values.map(({ massKg }) => massKg), values.map(({ clearanceMinUm }) => clearanceMinUm)],
      values.map(({ clearanceMaxUm }) => clearanceMaxUm),
    ),
  )

/** Everything that makers' lists say, by number. */
export const listMakerValues = (db: Db, siteId: string): Promise<MakerValues[]> =>
  any(db, sql.listMakerValues(siteId), Row)

const ListRow = z.object({ list: z.string(), numbers: z.int() })
/** Lists that were taken in, and how many numbers each has. */
export const countMakerLists = (db: Db, siteId: string): Promise<z.output<typeof ListRow>[]> =>
  any(db, sql.countMakerLists(siteId), ListRow)

/** Takes a list off with all its numbers. */
export const dropMakerList = (db: Db, siteId: string, list: string): Promise<void> =>
  run(db, sql.dropMakerList(siteId, list))
