import { MachineDetail, MachineSummary, type Yard } from '@yardfrost/contract'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'

const sql = readQueries('./machines.sql', import.meta.url, ['listYard', 'getMachine'])

/** Areas of a site in walking order, each with its machines and their positions; an area may be empty. */
export async function listYard(db: Db, siteId: string): Promise<Yard['areas']> {
  const { rows } = await db.query({ name: 'machines.listYard', text: sql.listYard, values: [siteId] })
  const areas = new Map<string, Yard['areas'][number]>()
  for (const row of z.array(z.object({ area_id: z.uuid(), area: z.string() }).loose()).parse(rows)) {
    const area = areas.get(row.area_id) ?? { id: row.area_id, name: row.area, machines: [] }
    areas.set(row.area_id, area)
    // An area without machines comes as one row of nulls.
    if (row['id'] !== null) area.machines.push(MachineSummary.parse(row))
  }
  return [...areas.values()]
}

/** One machine of a site. @throws NotFoundError */
export async function getMachine(db: Db, siteId: string, machineId: string): Promise<MachineDetail> {
  const { rows } = await db.query({ name: 'machines.getMachine', text: sql.getMachine, values: [siteId, machineId] })
  if (!rows[0]) throw new NotFoundError('machine', machineId)
  return MachineDetail.parse(rows[0])
}
