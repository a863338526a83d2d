import { ShaftDetail } from '@yardfrost/contract'
import type { References, ShaftLine } from '@yardfrost/core'
import type pg from 'pg'
import { z } from 'zod'
import { ConflictError } from '../errors/conflict-error.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { inTransaction, type Db } from './database.ts'
import { judgeMachine } from './judge-machine.ts'
import { listPositionsOfMachine, recordEvent } from './positions.ts'
import { readQueries } from './read-queries.ts'

const sql = readQueries('./shafts.sql', import.meta.url, ['getShaft', 'saveShaft'])

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
  references: References,
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
    await recordEvent(db, {
      siteId,
      accountId,
      kind: 'shaft.saved',
      subjectId: machineId,
      detail: { version: save.version + 1, shaft },
    })
    const stands = new Set(shaft.supports.map(({ position }) => position))
    await judgeMachine(db, references, { siteId, accountId, machineId }, (inputs, name) => {
      if (inputs.kind !== 'rolling') return null
      const fed = stands.has(name) && (save.feed || inputs.load.from === 'shaft-line')
      return fed ? { ...inputs, load: { ...inputs.load, from: 'shaft-line' } } : null
    })
    return getShaft(db, siteId, machineId)
  })
}
