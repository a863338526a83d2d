import { ShaftDetail } from '@yardfrost/contract'
import type { ShaftLine } from '@yardfrost/core'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Db } from './database.ts'
import { listPositionsOfMachine } from './positions.ts'
import { readQueries } from './read-queries.ts'
import { maybeOne } from './rows.ts'

const sql = readQueries('./shafts.sql', import.meta.url, ['getShaft', 'saveShaft'])

const ShaftRow = z.object({
  id: z.uuid(),
  tag: z.string(),
  name: z.string(),
  kind: z.string(),
  duty: z.string(),
  area: z.string(),
  practices: z.unknown(),
  shaft_line: z.unknown(),
  shaft_version: z.int(),
})

/** The shaft of a machine with its positions. @throws NotFoundError */
export async function getShaft(db: Db, siteId: string, machineId: string): Promise<ShaftDetail> {
  const row = await maybeOne(db, sql.getShaft(siteId, machineId), ShaftRow)
  if (!row) throw new NotFoundError('machine', machineId)
  const { shaft_line: shaft, shaft_version: version, ...machine } = row
  const positions = await listPositionsOfMachine(db, siteId, machineId)
  return ShaftDetail.parse({ machine, shaft, version, positions })
}

/** Stores the shaft of a machine; false when somebody saved it since `version`. */
export async function storeShaft(
  db: Db,
  { siteId, machineId, version, shaft }: { siteId: string; machineId: string; version: number; shaft: ShaftLine },
): Promise<boolean> {
  const query = sql.saveShaft(siteId, machineId, version, JSON.stringify(shaft))
  return (await maybeOne(db, query, z.object({ shaft_version: z.int() }))) !== null
}
