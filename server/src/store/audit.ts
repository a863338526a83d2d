import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, run, time } from './rows.ts'
import { z } from 'zod'

const sql = readQueries('./audit.sql', import.meta.url, ['recordEvent', 'listEvents'])

/** Who does something on which site; no account for what the program does by itself. */
export interface Who {
  siteId: string
  accountId: string | null
}

/** Writes one line in the audit trail: who did what to which subject. */
export const recordEvent = (
  db: Db,
  { siteId, accountId }: Who,
  event: { kind: string; subjectId: string; detail: object },
): Promise<void> =>
  run(db, sql.recordEvent(siteId, accountId, event.kind, event.subjectId, JSON.stringify(event.detail)))

const EventRow = z.object({ at: time, by: z.string().nullable(), detail: z.unknown() })

/** What was done to a subject, by its kind, newest first. */
export const listEvents = (db: Db, siteId: string, subjectId: string, kind: string, most: number) =>
  any(db, sql.listEvents(siteId, subjectId, kind, most), EventRow)
