import type { SitePractices } from '@yardfrost/core'
import type pg from 'pg'
import { recordEvent, type Who } from '../store/audit.ts'
import { getPractices, storePractices } from '../store/sites.ts'

/** The site goes by these practices from now on. Its positions are judged anew apart from this, see judge-site. */
export async function savePractices(db: pg.PoolClient, who: Who, practices: SitePractices): Promise<SitePractices> {
  await storePractices(db, who.siteId, practices)
  await recordEvent(db, who, { kind: 'practices.saved', subjectId: who.siteId, detail: practices })
  return getPractices(db, who.siteId)
}
