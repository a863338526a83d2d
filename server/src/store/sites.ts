import { JudgingState, PositionState, SettingsDetail } from '@yardfrost/contract'
import { SitePractices, type SiteSettings } from '@yardfrost/core'
import { z } from 'zod'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, IdRow, maybeOne, one, run, time } from './rows.ts'

const sql = readQueries('./sites.sql', import.meta.url, [
  'getPractices',
  'savePractices',
  'getSettings',
  'saveSettings',
  'listPositionIds',
  'askJudging',
  'takeJudging',
  'tellJudging',
  'getJudging',
  'photoRoom',
  'listCollecting',
])

const PracticesRow = z.object({ practices: SitePractices }).transform(({ practices }) => practices)

/** Practices a site goes by; null where it goes by the default. */
export const getPractices = (db: Db, siteId: string): Promise<SitePractices> =>
  one(db, sql.getPractices(siteId), PracticesRow)

export const storePractices = (db: Db, siteId: string, practices: SitePractices): Promise<void> =>
  run(db, sql.savePractices(siteId, JSON.stringify(practices)))

const SettingsRow = z
  .object({ practices: z.unknown(), settings: z.record(z.string(), z.unknown()), version: z.int() })
  .transform(({ practices, settings, version }) =>
    SettingsDetail.parse({ settings: { ...settings, practices }, version }),
  )

export const getSettings = (db: Db, siteId: string): Promise<SettingsDetail> =>
  one(db, sql.getSettings(siteId), SettingsRow)

/** Stores the settings of a site; false when somebody saved them since `version`. */
export async function storeSettings(
  db: Db,
  siteId: string,
  version: number,
  { practices, ...rest }: SiteSettings,
): Promise<boolean> {
  const query = sql.saveSettings(siteId, version, JSON.stringify(practices), JSON.stringify(rest))
  return (await maybeOne(db, query, IdRow)) !== null
}

const ListedRow = z.object({
  id: z.uuid(),
  tag: z.string(),
  name: z.string(),
  state: PositionState,
})
export type ListedPosition = z.output<typeof ListedRow>

/** Every position of a site that is on its machine, machine by machine, with its state. */
export const listPositions = (db: Db, siteId: string): Promise<ListedPosition[]> =>
  any(db, sql.listPositionIds(siteId), ListedRow)

/** All positions of a site are to be judged anew. */
export const askJudging = (db: Db, siteId: string): Promise<void> => run(db, sql.askJudging(siteId))

const TakenRow = z
  .object({ site_id: z.uuid(), asked: z.string() })
  .transform(({ site_id: siteId, asked }) => ({ siteId, asked }))

/** A site that waits to be judged, taken by whoever asks; one on which nobody has worked for `silentS` is taken over. */
export const takeJudging = (db: Db, silentS: number) => maybeOne(db, sql.takeJudging(silentS), TakenRow)

const ToldRow = z.object({ site_id: z.uuid() })

/** Tells how far it is; false where it has been asked for anew, so that this judging is worth nothing. */
export const tellJudging = async (
  db: Db,
  { siteId, asked }: { siteId: string; asked: string },
  { total, done, changes, ended }: Pick<JudgingState, 'total' | 'done' | 'changes'> & { ended: boolean },
): Promise<boolean> =>
  (await maybeOne(db, sql.tellJudging(siteId, asked, total, done, JSON.stringify(changes), ended), ToldRow)) !== null

const JudgingRow = z
  .object({ total: z.int(), done: z.int(), asked_at: time, ended_at: time.nullable(), changes: z.unknown() })
  .transform(({ asked_at: askedAt, ended_at: endedAt, ...row }) => JudgingState.parse({ ...row, askedAt, endedAt }))

/** How far the judging of a site is; null where it never was. */
export const getJudging = (db: Db, siteId: string): Promise<JudgingState | null> =>
  maybeOne(db, sql.getJudging(siteId), JudgingRow)

const RoomRow = z.object({ count: z.int(), taken: z.coerce.number() })

/** How many photographs a site has, and what they take, bytes. */
export const getPhotoRoom = (db: Db, siteId: string) => one(db, sql.photoRoom(siteId), RoomRow)

const CollectingRow = z.object({ site_id: z.uuid(), positions: z.array(z.uuid()) })

/** Positions of every site that takes in what the collector reads, by its id. */
export const listCollecting = async (db: Db): Promise<Map<string, string[]>> =>
  new Map((await any(db, sql.listCollecting(), CollectingRow)).map((row) => [row.site_id, row.positions]))
