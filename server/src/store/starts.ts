import { z } from 'zod'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, IdRow, maybeOne, one, run, time } from './rows.ts'

const sql = readQueries('./starts.sql', import.meta.url, [
  'startState',
  'holdSites',
  'addSite',
  'keepStart',
  'findStart',
  'dropStart',
  'removeDemo',
])

const StateRow = z
  .object({ any_site: z.boolean(), demo: z.boolean() })
  .transform(({ any_site, demo }) => ({ empty: !any_site, demo }))

/** Whether no site is there yet, and whether the made-up one is. */
export const getStartState = (db: Db): Promise<{ empty: boolean; demo: boolean }> => one(db, sql.startState(), StateRow)

export const holdSites = (db: Db): Promise<void> => run(db, sql.holdSites())

/** Adds a site and returns its id; null where its name is taken. */
export const insertSite = (db: Db, name: string, settings: object): Promise<string | null> =>
  maybeOne(db, sql.addSite(name, JSON.stringify(settings)), IdRow)

/** A site that whoever has the word may make; an earlier word for it is worth nothing. */
export const keepStart = (db: Db, wordHash: string, siteName: string, hours: number): Promise<void> =>
  run(db, sql.keepStart(wordHash, siteName, hours))

const StartRow = z
  .object({ site_name: z.string(), expires_at: time })
  .transform(({ site_name: siteName, expires_at: expiresAt }) => ({ siteName, expiresAt }))

/** What a word is good for; null for any other. */
export const findStart = (db: Db, wordHash: string): Promise<{ siteName: string; expiresAt: string } | null> =>
  maybeOne(db, sql.findStart(wordHash), StartRow)

const DroppedRow = z.object({ site_name: z.string() })
/** Takes a word away; false for one that is gone already. */
export const takeStart = async (db: Db, wordHash: string): Promise<boolean> =>
  (await maybeOne(db, sql.dropStart(wordHash), DroppedRow)) !== null

/** Removes the made-up plant and all that hangs on it; tells whether there was one. */
export const deleteDemo = async (db: Db): Promise<boolean> => (await any(db, sql.removeDemo(), IdRow)).length > 0
