import { KeptRoundEntry, RoundChange, RoundDetail, type RoundGun, type RoundPoint } from '@yardfrost/contract'
import { grouped, RoundEntry } from '@yardfrost/core'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, IdRow, maybeOne, one, run, time } from './rows.ts'

const sql = readQueries('./rounds.sql', import.meta.url, [
  'listRounds',
  'getRound',
  'getRoundChange',
  'lockRound',
  'lockNumbers',
  'addRound',
  'addRoundEntry',
  'saveRound',
  'closeRound',
  'listVisits',
  'listSeen',
  'listTold',
  'listHistory',
])

const shared = {
  id: z.uuid(),
  number: z.int(),
  title: z.string(),
  day: z.string(),
  state: z.string(),
  walked_by: z.string().nullable(),
  points: z.unknown(),
  entries: z.array(KeptRoundEntry),
}

const ListedRow = z.object(shared).transform(({ walked_by, ...row }) =>
  RoundDetail.omit({ createdAt: true, closedAt: true, guns: true, version: true }).parse({
    ...row,
    walkedBy: walked_by,
  }),
)

const DetailRow = z
  .object({ ...shared, version: z.int(), guns: z.unknown(), created_at: time, closed_at: time.nullable() })
  .transform(({ walked_by, created_at, closed_at, ...row }) =>
    RoundDetail.parse({ ...row, walkedBy: walked_by, createdAt: created_at, closedAt: closed_at }),
  )

/** Rounds of a site: every open one, and the last `closedShown` that are closed. */
export const listRoundRows = (db: Db, siteId: string, closedShown: number) =>
  any(db, sql.listRounds(siteId, closedShown), ListedRow)

/** @throws NotFoundError */
export async function getRound(db: Db, siteId: string, roundId: string): Promise<RoundDetail> {
  const found = await maybeOne(db, sql.getRound(siteId, roundId), DetailRow)
  if (!found) throw new NotFoundError('round', roundId)
  return found
}

const ChangeRow = z
  .object({ state: z.string(), version: z.int(), closed_at: time.nullable(), entries: z.array(KeptRoundEntry) })
  .transform(({ closed_at, ...row }) => RoundChange.parse({ ...row, closedAt: closed_at }))

/** How a round stands, and its entries after one of them. @throws NotFoundError */
export async function getRoundChange(db: Db, siteId: string, roundId: string, after: number): Promise<RoundChange> {
  const found = await maybeOne(db, sql.getRoundChange(siteId, roundId, after), ChangeRow)
  if (!found) throw new NotFoundError('round', roundId)
  return found
}

/** A round that others wait for until this transaction is over. @throws NotFoundError */
export async function holdRound(db: Db, siteId: string, roundId: string): Promise<RoundDetail> {
  await run(db, sql.lockRound(siteId, roundId))
  return getRound(db, siteId, roundId)
}

/** Stores a new round with the next number of its site and returns its id. */
export async function insertRound(
  db: Db,
  { siteId, accountId }: { siteId: string; accountId: string | null },
  round: {
    title: string
    day: string
    walkedBy: string | null
    points: readonly RoundPoint[]
    guns: readonly RoundGun[]
  },
): Promise<string> {
  await run(db, sql.lockNumbers(siteId))
  const { title, day, walkedBy, points, guns } = round
  return one(
    db,
    sql.addRound(siteId, title, day, walkedBy, JSON.stringify(points), JSON.stringify(guns), accountId),
    IdRow,
  )
}

/** Stores an entry and returns its place in the order; null for an id that is there already. */
export async function insertRoundEntry(
  db: Db,
  {
    siteId,
    accountId,
    roundId,
    entry,
  }: { siteId: string; accountId: string | null; roundId: string; entry: RoundEntry },
): Promise<number | null> {
  const query = sql.addRoundEntry(entry.id, siteId, roundId, entry.point, JSON.stringify(entry), accountId)
  const row = await maybeOne(db, query, z.object({ seq: z.coerce.number() }))
  return row?.seq ?? null
}

/** Stores another name, day, walker and points of a round; false when somebody saved since `version`. */
export const storeRound = async (
  db: Db,
  roundId: string,
  round: {
    version: number
    title: string
    day: string
    walkedBy: string | null | undefined
    points: readonly RoundPoint[]
  },
): Promise<boolean> => {
  const { version, title, day, walkedBy, points } = round
  return (
    (await maybeOne(
      db,
      sql.saveRound(roundId, version, title, day, JSON.stringify(points), walkedBy !== undefined, walkedBy ?? null),
      IdRow,
    )) !== null
  )
}

export const storeClosed = (db: Db, roundId: string): Promise<void> => run(db, sql.closeRound(roundId))

const HistoryRow = z.object({ round: z.int(), by: z.string(), entry: RoundEntry })

/** The last entries of a point, newest first. */
export const listHistory = (db: Db, siteId: string, pointId: string, most: number) =>
  any(db, sql.listHistory(siteId, pointId, most), HistoryRow)

const VisitRow = z.object({ point_id: z.uuid(), entry: RoundEntry })

const byPoint = (rows: readonly z.output<typeof VisitRow>[]): Map<string, RoundEntry[]> => {
  const visits = [...grouped(rows, ({ point_id: id }) => id)]
  return new Map(visits.map(([id, some]) => [id, some.map(({ entry }) => entry)]))
}

/** What was said and read at every point that tells how its grease fares. */
export const listSeen = async (db: Db, siteId: string): Promise<Map<string, RoundEntry[]>> =>
  byPoint(await any(db, sql.listSeen(siteId), VisitRow))

/** What was said and read at the points of a position after a moment, by point. */
export const listTold = async (
  db: Db,
  siteId: string,
  positionId: string,
  after: string | null,
): Promise<Map<string, RoundEntry[]>> => byPoint(await any(db, sql.listTold(siteId, positionId, after), VisitRow))

/** What was said of points on every round, in order, by their ids. */
export const listVisits = async (
  db: Db,
  siteId: string,
  pointIds: readonly string[],
): Promise<Map<string, RoundEntry[]>> => byPoint(await any(db, sql.listVisits(siteId, pointIds), VisitRow))
