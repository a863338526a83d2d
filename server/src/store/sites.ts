import { SitePractices } from '@yardfrost/core'
import { z } from 'zod'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, IdRow, one, run } from './rows.ts'

const sql = readQueries('./sites.sql', import.meta.url, ['getPractices', 'savePractices', 'listPositionIds'])

const PracticesRow = z.object({ practices: SitePractices }).transform(({ practices }) => practices)

/** Practices a site goes by; null where it goes by the default. */
export const getPractices = (db: Db, siteId: string): Promise<SitePractices> =>
  one(db, sql.getPractices(siteId), PracticesRow)

export const storePractices = (db: Db, siteId: string, practices: SitePractices): Promise<void> =>
  run(db, sql.savePractices(siteId, JSON.stringify(practices)))

/** Every position of a site that is on its machine, machine by machine. */
export const listPositionIds = (db: Db, siteId: string): Promise<string[]> =>
  any(db, sql.listPositionIds(siteId), IdRow)
