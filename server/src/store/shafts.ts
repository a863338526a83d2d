import { ShaftDetail } from '@yardfrost/contract'
import { assess, type Machine, type Position, type References, type ShaftLine } from '@yardfrost/core'
import type pg from 'pg'
import { z } from 'zod'
import { ConflictError } from '../errors/conflict-error.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { inTransaction, type Db } from './database.ts'
import { getPosition, listPositionsOfMachine, savePositionIn } from './positions.ts'
import { readQueries } from './read-queries.ts'

const sql = readQueries('./shafts.sql', import.meta.url, ['getShaft', 'saveShaft', 'recordShaftSaved'])

const ShaftRow = z.object({
  id: z.uuid(),
  tag: z.string(),
  name: z.string(),
  kind: z.string(),
  duty: z.string(),
  area: z.string(),
  shaft_line: z.unknown(),
  shaft_version: z.int(),
})

/** The shaft of a machine with its positions. @throws NotFoundError */
export async function getShaft(db: Db, siteId: string, machineId: string): Promise<ShaftDetail> {
  const { rows } = await db.query({ name: 'shafts.getShaft', text: sql.getShaft, values: [siteId, machineId] })
  if (!rows[0]) throw new NotFoundError('machine', machineId)
  const { shaft_line: shaft, shaft_version: version, ...machine } = ShaftRow.parse(rows[0])
  const positions = await listPositionsOfMachine(db, siteId, machineId)
  return ShaftDetail.parse({ machine, shaft, version, positions })
}

/**
 * Saves the shaft of a machine, and judges every position under it anew, all in one transaction.
 *
 * @param save.feed - positions that stand on the shaft take their loads from it from now on
 * @throws ConflictError with the shaft as it is now, when somebody saved in between
 * @throws NotFoundError
 */
export async function saveShaft(
  pool: pg.Pool,
  { catalogue, damage }: References,
  save: { siteId: string; accountId: string; machineId: string; version: number; shaft: ShaftLine; feed: boolean },
): Promise<ShaftDetail> {
  const { siteId, accountId, machineId, shaft } = save
  return inTransaction(pool, async (db) => {
    const { rows } = await db.query({
      name: 'shafts.saveShaft',
      text: sql.saveShaft,
      values: [siteId, machineId, save.version, JSON.stringify(shaft)],
    })
    if (!rows[0]) throw new ConflictError(await getShaft(db, siteId, machineId))
    await db.query({
      name: 'shafts.recordShaftSaved',
      text: sql.recordShaftSaved,
      values: [siteId, accountId, machineId, JSON.stringify({ version: save.version + 1, shaft })],
    })
    for (const { id, name, inputs, version } of await listPositionsOfMachine(db, siteId, machineId)) {
      const onShaft = shaft.supports.some(({ position }) => position === name)
      const fed = onShaft && (save.feed || inputs.load.from === 'shaft-line')
      if (!fed) continue
      const next: Position = { ...inputs, load: { ...inputs.load, from: 'shaft-line' } }
      const { machine } = await getPosition(db, siteId, id)
      const judged: Machine = { ...machine, shaft, position: name }
      await savePositionIn(db, {
        siteId,
        accountId,
        positionId: id,
        version,
        inputs: next,
        assessment: assess(next, judged, catalogue, damage),
      })
    }
    return getShaft(db, siteId, machineId)
  })
}
