import {
  MachineDetail,
  MachineSummary,
  type MachineEntry,
  type RegisterPage,
  type RegisterQuery,
  type Yard,
} from '@yardfrost/contract'
import type { ShaftLine } from '@yardfrost/core'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, IdRow, maybeOne, one, time } from './rows.ts'

const sql = readQueries('./machines.sql', import.meta.url, [
  'listYard',
  'getMachine',
  'searchRegister',
  'addMachine',
  'saveMachine',
  'findByTag',
  'retireMachine',
])

const MachineRow = z
  .object({ hours_source: z.string(), hours_per_week: z.number().nullable(), retired_at: time.nullable() })
  .loose()
  .transform(({ hours_source, hours_per_week, retired_at, ...rest }) =>
    MachineDetail.parse({ ...rest, hoursSource: hours_source, hoursPerWeek: hours_per_week, retiredAt: retired_at }),
  )
const YardRow = z.object({ area_id: z.uuid(), area: z.string() }).loose()

/** Areas of a site in walking order, each with its machines in service and their positions; an area may be empty. */
export async function listYard(db: Db, siteId: string): Promise<Yard['areas']> {
  const areas = new Map<string, Yard['areas'][number]>()
  for (const row of await any(db, sql.listYard(siteId), YardRow)) {
    const area = areas.get(row.area_id) ?? { id: row.area_id, name: row.area, machines: [] }
    areas.set(row.area_id, area)
    // An area without machines comes as one row of nulls.
    if (row['id'] !== null) area.machines.push(MachineSummary.parse(row))
  }
  return [...areas.values()]
}

/** One machine of a site, in service or not. @throws NotFoundError */
export async function getMachine(db: Db, siteId: string, machineId: string): Promise<MachineDetail> {
  const found = await maybeOne(db, sql.getMachine(siteId, machineId), MachineRow)
  if (!found) throw new NotFoundError('machine', machineId)
  return found
}

/** A machine by its tag, in service or not; null where there is none. */
export const findByTag = (db: Db, siteId: string, tag: string): Promise<MachineDetail | null> =>
  maybeOne(db, sql.findByTag(siteId, tag), MachineRow)

/** A page of the register in walking order; empty when nothing fits. */
export function searchRegister(db: Db, siteId: string, query: z.output<typeof RegisterQuery>): Promise<RegisterPage> {
  const { q, kind, criticality, retired, offset, limit } = query
  const words = q.toLowerCase().split(/\s+/).filter(Boolean)
  const patterns = words.map((word) => `%${word.replace(/[\\%_]/g, '\\$&')}%`)
  const Page = z.object({ total: z.int(), positions: z.int(), machines: z.array(MachineRow) })
  return one(db, sql.searchRegister(siteId, patterns, kind, criticality, retired, offset, limit), Page)
}

type Entry = Omit<MachineEntry, 'area' | 'positions'> & { areaId: string }
const columnsOf = ({ areaId, tag, name, kind, duty, criticality, hoursSource, hoursPerWeek }: Entry) => [
  ...[areaId, tag, name, kind, duty, criticality, hoursSource, hoursPerWeek],
]

/** Stores a new machine and returns its id; null where its tag is taken. */
export const insertMachine = (db: Db, siteId: string, entry: Entry, shaft: ShaftLine | null): Promise<string | null> =>
  maybeOne(db, sql.addMachine(siteId, ...columnsOf(entry), shaft && JSON.stringify(shaft)), IdRow)

/** Stores a changed entry; false when somebody saved since `version`. */
export async function storeMachine(
  db: Db,
  { siteId, machineId, version }: { siteId: string; machineId: string; version: number },
  entry: Entry,
  shaft: ShaftLine | null,
): Promise<boolean> {
  const values = [siteId, machineId, version, ...columnsOf(entry), shaft && JSON.stringify(shaft)]
  return (await maybeOne(db, sql.saveMachine(...values), IdRow)) !== null
}

/** Takes a machine out of service or back; false when somebody saved since `version`. */
export async function storeService(
  db: Db,
  { siteId, machineId, version, retired }: { siteId: string; machineId: string; version: number; retired: boolean },
): Promise<boolean> {
  return (await maybeOne(db, sql.retireMachine(siteId, machineId, version, retired), IdRow)) !== null
}
