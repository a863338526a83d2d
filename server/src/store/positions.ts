import { MachinePosition, PositionDetail, PositionRevision } from '@yardfrost/contract'
import { numberOf, type Assessment, type Position } from '@yardfrost/core'
import type pg from 'pg'
import { z } from 'zod'
import { ConflictError } from '../errors/conflict-error.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { inTransaction, type Db } from './database.ts'
import { readQueries } from './read-queries.ts'

const sql = readQueries('./positions.sql', import.meta.url, [
  'getPosition',
  'savePosition',
  'keepRevision',
  'recordEvent',
  'listRevisions',
  'addPosition',
  'listPositionsOfMachine',
  'retirePositions',
  'freePositionNames',
  'renamePositions',
])

const isoTime = z.date().transform((at) => at.toISOString())

const PositionRow = z
  .object({
    id: z.uuid(),
    name: z.string(),
    area: z.string(),
    inputs: z.unknown(),
    version: z.int(),
    saved_at: isoTime,
    saved_by: z.string().nullable(),
    machine_id: z.uuid(),
    tag: z.string(),
    machine_name: z.string(),
    kind: z.string(),
    duty: z.string(),
    others: z.unknown(),
    shaft_line: z.unknown(),
  })
  .transform((row) =>
    PositionDetail.parse({
      id: row.id,
      name: row.name,
      area: row.area,
      machine: {
        id: row.machine_id,
        tag: row.tag,
        name: row.machine_name,
        kind: row.kind,
        duty: row.duty,
        others: row.others,
        shaft: row.shaft_line,
        position: row.name,
      },
      inputs: row.inputs,
      version: row.version,
      savedAt: row.saved_at,
      savedBy: row.saved_by,
    }),
  )

const RevisionRow = z
  .object({
    version: z.int(),
    saved_at: isoTime,
    saved_by: z.string().nullable(),
    state: z.string(),
    designation: z.string().nullable(),
    inputs: z.unknown(),
  })
  .transform(({ saved_at, saved_by, ...rest }) =>
    PositionRevision.parse({ ...rest, savedAt: saved_at, savedBy: saved_by }),
  )

/** One position of a site. @throws NotFoundError */
export async function getPosition(db: Db, siteId: string, positionId: string): Promise<PositionDetail> {
  const { rows } = await db.query({
    name: 'positions.getPosition',
    text: sql.getPosition,
    values: [siteId, positionId],
  })
  if (!rows[0]) throw new NotFoundError('position', positionId)
  return PositionRow.parse(rows[0])
}

/** What is stored of an assessment: what was found, and what lists are searched and sorted by. */
function stored(assessment: Assessment) {
  const { state, findings } = assessment
  const states = Object.fromEntries(Object.entries(assessment.lenses).map(([lens, { state: one }]) => [lens, one]))
  const rolling = assessment.kind === 'rolling' ? assessment.lenses : null
  const { value } = rolling?.identify.figures['designation'] ?? { value: null }
  return {
    kept: JSON.stringify({ state, findings, lenses: states }),
    state,
    designation: value?.kind === 'text' ? value.text : null,
    lifeH: numberOf(rolling?.carry.figures['life']),
    bearingType: assessment.bearingType,
    // What matters only when it is next mounted is no alarm on a list of running machines.
    finding: findings.find(({ when }) => when === 'now')?.reason ?? null,
  }
}

/**
 * Saves inputs and their assessment, the revision and the audit event, in one transaction.
 *
 * @param save.version - the version the person started from
 * @throws ConflictError with the position as it is now, when somebody saved in between
 * @throws NotFoundError
 */
export async function savePosition(pool: pg.Pool, save: PositionSave): Promise<PositionDetail> {
  return inTransaction(pool, (db) => savePositionIn(db, save))
}

export interface PositionSave {
  siteId: string
  accountId: string | null
  positionId: string
  version: number
  inputs: Position
  assessment: Assessment
}

/** `savePosition` inside a transaction that is under way. */
export async function savePositionIn(db: pg.PoolClient, save: PositionSave): Promise<PositionDetail> {
  const { kept, state, designation, lifeH, bearingType, finding } = stored(save.assessment)
  const { rows } = await db.query({
    name: 'positions.savePosition',
    text: sql.savePosition,
    values: [
      save.siteId,
      save.positionId,
      save.version,
      JSON.stringify(save.inputs),
      kept,
      state,
      designation,
      save.accountId,
      lifeH,
      bearingType,
      finding,
    ],
  })
  if (!rows[0]) throw new ConflictError(await getPosition(db, save.siteId, save.positionId))
  await keepRevision(db, save.positionId)
  await recordEvent(db, {
    siteId: save.siteId,
    accountId: save.accountId,
    kind: 'position.saved',
    subjectId: save.positionId,
    detail: { version: save.version + 1, state, lifeH },
  })
  return getPosition(db, save.siteId, save.positionId)
}

/** One line in the audit trail. */
export async function recordEvent(
  db: Db,
  event: { siteId: string; accountId: string | null; kind: string; subjectId: string; detail: object },
): Promise<void> {
  await db.query({
    name: 'positions.recordEvent',
    text: sql.recordEvent,
    values: [event.siteId, event.accountId, event.kind, event.subjectId, JSON.stringify(event.detail)],
  })
}

async function keepRevision(db: Db, positionId: string): Promise<void> {
  await db.query({ name: 'positions.keepRevision', text: sql.keepRevision, values: [positionId] })
}

/** Saves of a position, newest first, at most `limit`. */
export async function listRevisions(
  db: Db,
  siteId: string,
  positionId: string,
  limit: number,
): Promise<PositionRevision[]> {
  const { rows } = await db.query({
    name: 'positions.listRevisions',
    text: sql.listRevisions,
    values: [siteId, positionId, limit],
  })
  return z.array(RevisionRow).parse(rows)
}

/** Adds a position with its first revision and returns its id. */
export async function addPosition(
  db: Db,
  position: {
    siteId: string
    machineId: string
    name: string
    walkOrder: number
    inputs: Position
    assessment: Assessment
    accountId: string | null
  },
): Promise<string> {
  const { kept, state, designation, lifeH, bearingType, finding } = stored(position.assessment)
  const { rows } = await db.query({
    name: 'positions.addPosition',
    text: sql.addPosition,
    values: [
      position.siteId,
      position.machineId,
      position.name,
      position.walkOrder,
      JSON.stringify(position.inputs),
      kept,
      state,
      designation,
      position.accountId,
      lifeH,
      bearingType,
      finding,
    ],
  })
  const id = z.uuid().parse(rows[0]?.id)
  await keepRevision(db, id)
  return id
}

/** Positions of a machine with their inputs, in walking order; empty when it has none. */
export async function listPositionsOfMachine(db: Db, siteId: string, machineId: string): Promise<MachinePosition[]> {
  const { rows } = await db.query({
    name: 'positions.listPositionsOfMachine',
    text: sql.listPositionsOfMachine,
    values: [siteId, machineId],
  })
  return z.array(MachinePosition).parse(rows)
}

/** Takes positions off their machine; their history stays. */
export async function retirePositions(db: Db, positionIds: readonly string[]): Promise<void> {
  if (positionIds.length === 0) return
  await db.query({ name: 'positions.retirePositions', text: sql.retirePositions, values: [positionIds] })
}

/** Gives positions of one machine their names and places; two of them may change names. */
export async function renamePositions(
  db: Db,
  positions: readonly { id: string; name: string; walkOrder: number }[],
): Promise<void> {
  const ids = positions.map(({ id }) => id)
  await db.query({ name: 'positions.freePositionNames', text: sql.freePositionNames, values: [ids] })
  await db.query({
    name: 'positions.renamePositions',
    text: sql.renamePositions,
    values: [ids, positions.map(({ name }) => name), positions.map(({ walkOrder }) => walkOrder)],
  })
}
