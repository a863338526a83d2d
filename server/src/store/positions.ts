import { FittedWhere, MachinePosition, PositionDetail, PositionRevision } from '@yardfrost/contract'
import { otherEndOf, type PointWorks, type Position, type Reported } from '@yardfrost/core'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, IdRow, maybeOne, one, run, time } from './rows.ts'

const sql = readQueries('./positions.sql', import.meta.url, [
  'getPosition',
  'lockMachine',
  'savePosition',
  'storeJudgement',
  'storeReported',
  'keepRevision',
  'listRevisions',
  'addPosition',
  'listPositionsOfMachine',
  'retirePositions',
  'freePositionNames',
  'renamePositions',
  'whereFitted',
])

/** Of the settings of a site what its positions are judged by. */
const SiteGivensRow = z.looseObject({}).transform(({ customs: _customs, reasons: _reasons, ...givens }) => givens)

const PositionRow = z
  .object({
    id: z.uuid(),
    name: z.string(),
    area: z.string(),
    loose: z.boolean(),
    inputs: z.unknown(),
    version: z.int(),
    saved_at: time,
    saved_by: z.string().nullable(),
    machine_id: z.uuid(),
    tag: z.string(),
    machine_name: z.string(),
    kind: z.string(),
    duty: z.string(),
    others: z.unknown(),
    shaft_line: z.unknown(),
    reported: z.unknown(),
    ends: z.array(z.record(z.string(), z.unknown())),
    young_deaths: z.int(),
    causes_found: z.unknown(),
    practices: z.unknown(),
    settings: SiteGivensRow,
  })
  .transform(
    ({
      saved_at,
      saved_by,
      machine_id,
      machine_name,
      tag,
      kind,
      duty,
      others,
      shaft_line,
      reported,
      ends,
      young_deaths: youngDeaths,
      causes_found: causesFound,
      practices,
      settings,
      ...row
    }) =>
      PositionDetail.parse({
        ...row,
        machine: {
          id: machine_id,
          tag,
          name: machine_name,
          kind,
          duty,
          others,
          shaft: shaft_line,
          practices,
          reported,
          ends: ends.map(otherEndOf),
          youngDeaths,
          causesFound,
          site: settings,
          position: row.name,
        },
        savedAt: saved_at,
        savedBy: saved_by,
      }),
  )

const RevisionRow = z
  .object({
    version: z.int(),
    saved_at: time,
    saved_by: z.string().nullable(),
    state: z.string(),
    designation: z.string().nullable(),
    inputs: z.unknown(),
  })
  .transform(({ saved_at, saved_by, ...rest }) =>
    PositionRevision.parse({ ...rest, savedAt: saved_at, savedBy: saved_by }),
  )

/** What is stored of a judgement: the whole of it that anybody reads, and what lists are searched and sorted by. */
export interface StoredJudgement {
  /** State, findings, headline figures, and the version of core they come from. */
  result: object
  state: string
  designation: string | null
  lifeH: number | null
  bearingType: string | null
  /** Worst finding of the machine as it runs. */
  finding: string | null
  /** What it asks for on a round. */
  points: PointWorks
}

/** One position of a site. @throws NotFoundError */
export async function getPosition(db: Db, siteId: string, positionId: string): Promise<PositionDetail> {
  const found = await maybeOne(db, sql.getPosition(siteId, positionId), PositionRow)
  if (!found) throw new NotFoundError('position', positionId)
  return found
}

/**
 * One position, whose machine stays as it is until the transaction is over: to judge it by.
 *
 * @throws NotFoundError
 */
export async function holdPosition(db: Db, siteId: string, positionId: string): Promise<PositionDetail> {
  await run(db, sql.lockMachine(siteId, positionId))
  return getPosition(db, siteId, positionId)
}

/** Stores new inputs with their judgement, and the revision; false when somebody saved since `version`. */
export async function storePosition(
  db: Db,
  save: { siteId: string; accountId: string | null; positionId: string; version: number; inputs: Position },
  { result, state, designation, lifeH, bearingType, finding }: StoredJudgement,
): Promise<boolean> {
  const { siteId, accountId, positionId, version } = save
  const inputs = JSON.stringify(save.inputs)
  const query = sql.savePosition(
    ...[siteId, positionId, version, inputs, JSON.stringify(result), state, designation, accountId],
    ...[lifeH, bearingType, finding],
  )
  if (!(await maybeOne(db, query, z.object({ version: z.int() })))) return false
  await run(db, sql.keepRevision(positionId))
  return true
}

/** Stores another judgement of the same inputs; nothing where somebody saved since `version`. */
export const storeJudgement = (
  db: Db,
  { positionId, version }: { positionId: string; version: number },
  { result, state, designation, lifeH, bearingType, finding }: StoredJudgement,
): Promise<void> =>
  run(
    db,
    sql.storeJudgement(positionId, version, JSON.stringify(result), state, designation, lifeH, bearingType, finding),
  )

/** Stores signs that rounds and readings told of a position; false where it has them already. */
export const storeReported = async (
  db: Db,
  siteId: string,
  positionId: string,
  signs: readonly Reported[],
): Promise<boolean> =>
  (await maybeOne(db, sql.storeReported(siteId, positionId, JSON.stringify(signs)), IdRow)) !== null

/** Stores a new position with its first revision and returns its id. */
export async function insertPosition(
  db: Db,
  position: {
    siteId: string
    accountId: string | null
    machineId: string
    name: string
    walkOrder: number
    inputs: Position
  },
  { result, state, designation, lifeH, bearingType, finding }: StoredJudgement,
): Promise<string> {
  const { siteId, accountId, machineId, name, walkOrder } = position
  const query = sql.addPosition(
    ...[siteId, machineId, name, walkOrder, JSON.stringify(position.inputs), JSON.stringify(result)],
    ...[state, designation, accountId, lifeH, bearingType, finding],
  )
  const id = await one(db, query, IdRow)
  await run(db, sql.keepRevision(id))
  return id
}

/** Saves of a position, newest first, at most `limit`. */
export const listRevisions = (db: Db, siteId: string, positionId: string, limit: number): Promise<PositionRevision[]> =>
  any(db, sql.listRevisions(siteId, positionId, limit), RevisionRow)

/** Positions of a machine with their inputs, in walking order; empty when it has none. */
export const listPositionsOfMachine = (db: Db, siteId: string, machineId: string): Promise<MachinePosition[]> =>
  any(db, sql.listPositionsOfMachine(siteId, machineId), MachinePosition)

/** Takes positions off their machine; their history stays. */
export const retirePositions = (db: Db, positionIds: readonly string[]): Promise<void> =>
  run(db, sql.retirePositions(positionIds))

/** Gives positions of one machine their names and places; two of them may change names. */
export async function renamePositions(
  db: Db,
  positions: readonly { id: string; name: string; walkOrder: number }[],
): Promise<void> {
  const ids = positions.map(({ id }) => id)
  await run(db, sql.freePositionNames(ids))
  const names = positions.map(({ name }) => name)
  const places = positions.map(({ walkOrder }) => walkOrder)
  await run(db, sql.renamePositions(ids, names, places))
}

/** Positions in service with a bearing of a base number, at most `limit`. */
export const whereFitted = (db: Db, siteId: string, number: string, limit: number): Promise<FittedWhere> =>
  any(db, sql.whereFitted(siteId, number, limit), FittedWhere.element)
