import { z } from 'zod'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, IdRow, maybeOne, one, run } from './rows.ts'

const sql = readQueries('./areas.sql', import.meta.url, ['findArea', 'addArea', 'listAreas', 'renameArea', 'walkAreas'])

const NameRow = z.object({ name: z.string() }).transform(({ name }) => name)

/** Names of the areas of a site in walking order. */
export const listAreas = (db: Db, siteId: string): Promise<string[]> => any(db, sql.listAreas(siteId), NameRow)

/** Gives an area another name and returns its id; null where there is no such area. */
export const renameAreaRow = (db: Db, siteId: string, from: string, to: string): Promise<string | null> =>
  maybeOne(db, sql.renameArea(siteId, from, to), IdRow)

/** Puts the areas of a site into another walking order. */
export const orderAreas = (db: Db, siteId: string, areas: readonly string[]): Promise<void> =>
  run(db, sql.walkAreas(siteId, areas))

/** Id of the area of that name; one that is not there yet is added at the end of the walk. */
export const areaNamed = async (db: Db, siteId: string, name: string): Promise<string> =>
  (await maybeOne(db, sql.findArea(siteId, name), IdRow)) ?? one(db, sql.addArea(siteId, name), IdRow)
