import type { SaveSettings, SettingsDetail } from '@yardfrost/contract'
import type { SitePractices } from '@yardfrost/core'
import type pg from 'pg'
import { ConflictError } from '../errors/conflict-error.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { askJudging, getPractices, getSettings, storePractices, storeSettings } from '../store/sites.ts'

/** What of the settings no position is judged by. */
const forShow = new Set(['customs', 'reasons'])

/**
 * Saves the settings of a site. Where positions are judged by what has changed, all are to be judged anew, see judge-site.
 *
 * @throws ConflictError with the settings as they are, when somebody saved in between
 */
export async function saveSettings(
  db: pg.PoolClient,
  who: Who,
  { version, settings }: SaveSettings,
): Promise<SettingsDetail> {
  const { settings: before } = await getSettings(db, who.siteId)
  if (!(await storeSettings(db, who.siteId, version, settings)))
    throw new ConflictError(await getSettings(db, who.siteId))
  const changed = (Object.keys(settings) as (keyof typeof settings)[]).filter(
    (key) => JSON.stringify(before[key]) !== JSON.stringify(settings[key]),
  )
  await recordEvent(db, who, { kind: 'settings.saved', subjectId: who.siteId, detail: { changed } })
  if (changed.some((key) => !forShow.has(key))) await askJudging(db, who.siteId)
  return getSettings(db, who.siteId)
}

/** The site goes by these practices from now on, and its positions are to be judged anew. */
export async function savePractices(db: pg.PoolClient, who: Who, practices: SitePractices): Promise<SitePractices> {
  await storePractices(db, who.siteId, practices)
  await askJudging(db, who.siteId)
  await recordEvent(db, who, { kind: 'practices.saved', subjectId: who.siteId, detail: practices })
  return getPractices(db, who.siteId)
}
