import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { run } from './rows.ts'

const sql = readQueries('./audit.sql', import.meta.url, ['recordEvent'])

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
