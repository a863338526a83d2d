import { z } from 'zod'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, maybeOne, run, time } from './rows.ts'

const sql = readQueries('./calendars.sql', import.meta.url, [
  'putFeed',
  'dropFeed',
  'getFeed',
  'findFeed',
  'listForPerson',
])

export const putFeed = (db: Db, wordHash: string, siteId: string, accountId: string): Promise<void> =>
  run(db, sql.putFeed(wordHash, siteId, accountId))

export const dropFeed = (db: Db, siteId: string, accountId: string): Promise<void> =>
  run(db, sql.dropFeed(siteId, accountId))

const MadeRow = z.object({ made_at: time }).transform(({ made_at }) => made_at)

/** When the address of somebody's calendar was made; null while there is none. */
export const feedMadeAt = (db: Db, siteId: string, accountId: string): Promise<string | null> =>
  maybeOne(db, sql.getFeed(siteId, accountId), MadeRow)

const FeedRow = z
  .object({ site_id: z.uuid(), account_id: z.uuid(), site: z.string() })
  .transform(({ site_id: siteId, account_id: accountId, site }) => ({ siteId, accountId, site }))

/** Whose calendar an address is; null where it is good no more. */
export const findFeed = (db: Db, wordHash: string) => maybeOne(db, sql.findFeed(wordHash), FeedRow)

const RoundRow = z.object({
  id: z.uuid(),
  number: z.int(),
  title: z.string(),
  day: z.string(),
  points: z.int(),
  area: z.string().nullable(),
})
export type CalendarRound = z.output<typeof RoundRow>

/** Open rounds of somebody, and those that are nobody's. */
export const listForPerson = (db: Db, siteId: string, accountId: string): Promise<CalendarRound[]> =>
  any(db, sql.listForPerson(siteId, accountId), RoundRow)
