import {
  MachineDetail,
  MachineSummary,
  type MachineEntry,
  type RegisterPage,
  type RegisterQuery,
  type Yard,
} from '@yardfrost/contract'
import {
  assess,
  emptyPosition,
  forAnotherMachine,
  holdsRolling,
  InputError,
  type Machine,
  type Position,
  type References,
  type ShaftLine,
} from '@yardfrost/core'
import type pg from 'pg'
import { z } from 'zod'
import { ConflictError } from '../errors/conflict-error.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { areaNamed } from './areas.ts'
import type { Db } from './database.ts'
import { judgeMachine } from './judge-machine.ts'
import { addPosition, recordEvent, renamePositions, retirePositions } from './positions.ts'
import { readQueries } from './read-queries.ts'
import type { Registrar } from './registrar.ts'
import { getShaft } from './shafts.ts'

const sql = readQueries('./machines.sql', import.meta.url, [
  'listYard',
  'getMachine',
  'searchRegister',
  'addMachine',
  'saveMachine',
  'findByTag',
  'retireMachine',
])

const time = z
  .union([z.date(), z.string()])
  .nullable()
  .transform((at) => at && new Date(at).toISOString())

const MachineRow = z
  .object({ hours_source: z.string(), hours_per_week: z.number().nullable(), retired_at: time })
  .loose()
  .transform(({ hours_source, hours_per_week, retired_at, ...rest }) =>
    MachineDetail.parse({ ...rest, hoursSource: hours_source, hoursPerWeek: hours_per_week, retiredAt: retired_at }),
  )

/** Areas of a site in walking order, each with its machines in service and their positions; an area may be empty. */
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

/** One machine of a site, in service or not. @throws NotFoundError */
export async function getMachine(db: Db, siteId: string, machineId: string): Promise<MachineDetail> {
  const { rows } = await db.query({ name: 'machines.getMachine', text: sql.getMachine, values: [siteId, machineId] })
  if (!rows[0]) throw new NotFoundError('machine', machineId)
  return MachineRow.parse(rows[0])
}

/** A machine by its tag, in service or not; null where there is none. */
export async function findByTag(db: Db, siteId: string, tag: string): Promise<MachineDetail | null> {
  const { rows } = await db.query({ name: 'machines.findByTag', text: sql.findByTag, values: [siteId, tag] })
  return rows[0] ? MachineRow.parse(rows[0]) : null
}

/** A page of the register in walking order; empty when nothing fits. */
export async function searchRegister(
  db: Db,
  siteId: string,
  query: z.output<typeof RegisterQuery>,
): Promise<RegisterPage> {
  const { q, kind, criticality, retired, offset, limit } = query
  const words = q.toLowerCase().split(/\s+/).filter(Boolean)
  const patterns = words.map((word) => `%${word.replace(/[\\%_]/g, '\\$&')}%`)
  const { rows } = await db.query({
    name: 'machines.searchRegister',
    text: sql.searchRegister,
    values: [siteId, patterns, kind, criticality, retired, offset, limit],
  })
  return z.object({ total: z.int(), positions: z.int(), machines: z.array(MachineRow) }).parse(rows[0])
}

const tagTaken = (tag: string): InputError =>
  new InputError({
    code: 'FIELDS_DISAGREE',
    field: 'entry.tag',
    value: tag,
    allowed: 'a tag that no other machine of this site has, in service or retired',
    fix: 'Take another tag, or look the machine up in the register.',
  })

/**
 * Adds a machine with its positions, inside a transaction that is under way.
 *
 * @param copyOf - machine whose shaft, and whose positions' inputs by name, the new one takes over
 * @returns id of the new machine
 * @throws InputError on `entry.tag` when it is taken; NotFoundError for a machine to copy that is not there
 */
export async function addMachine(
  db: pg.PoolClient,
  { catalogue, damage }: References,
  { siteId, accountId }: Registrar,
  entry: MachineEntry,
  copyOf: string | null = null,
): Promise<string> {
  const copied = copyOf === null ? null : await getShaft(db, siteId, copyOf)
  const shaft = copied?.shaft ?? null
  const areaId = await areaNamed(db, siteId, entry.area)
  const { tag, name, kind, duty, criticality, hoursSource, hoursPerWeek } = entry
  const { rows } = await db.query({
    name: 'machines.addMachine',
    text: sql.addMachine,
    values: [
      ...[siteId, areaId, tag, name, kind, duty, criticality, hoursSource, hoursPerWeek],
      shaft && JSON.stringify(shaft),
    ],
  })
  if (!rows[0]) throw tagTaken(tag)
  const machineId = z.uuid().parse(rows[0].id)
  const inputsOf = new Map(
    copied?.positions.filter(holdsRolling).map((position) => [position.name, forAnotherMachine(position.inputs)]),
  )
  for (const [walkOrder, position] of entry.positions.entries()) {
    const inputs = withBearing(inputsOf.get(position.name) ?? emptyPosition(), position.designation)
    const machine: Machine = { kind, duty, shaft, position: position.name }
    const assessment = assess(inputs, machine, catalogue, damage)
    await addPosition(db, { siteId, machineId, name: position.name, walkOrder, inputs, assessment, accountId })
  }
  await recordEvent(db, { siteId, accountId, kind: 'machine.added', subjectId: machineId, detail: { entry, copyOf } })
  return machineId
}

const withBearing = <P extends Position>(inputs: P, designation: string): P =>
  inputs.kind === 'rolling' ? { ...inputs, bearing: { ...inputs.bearing, designation } } : inputs

/**
 * Changes the entry of a machine and its positions, inside a transaction that is under way: positions are renamed on the
 * shaft too, those left out are retired, and what is judged otherwise now is judged anew.
 *
 * @throws ConflictError with the machine as it is now, when somebody saved in between; InputError on `entry.tag` when taken
 * @throws NotFoundError for the machine, or a position that is not one of its own
 */
export async function saveMachine(
  db: pg.PoolClient,
  references: References,
  registrar: Registrar,
  save: { machineId: string; version: number; entry: MachineEntry },
): Promise<void> {
  const { siteId, accountId } = registrar
  const { machineId, version, entry } = save
  const before = await getMachine(db, siteId, machineId)
  const known = new Map(before.positions.map((position) => [position.id, position]))
  const stranger = entry.positions.find(({ id }) => id !== undefined && !known.has(id))
  if (stranger?.id) throw new NotFoundError('position', stranger.id)
  const taken = await findByTag(db, siteId, entry.tag)
  if (taken && taken.id !== machineId) throw tagTaken(entry.tag)

  const kept = entry.positions.flatMap(({ id, name, designation }) => {
    const was = id === undefined ? undefined : known.get(id)
    return was ? [{ was, name, designation }] : []
  })
  const renamed = new Map(kept.map(({ was, name }) => [was.name, name]))
  const { shaft } = await getShaft(db, siteId, machineId)
  const nextShaft = shaft && withPositionsRenamed(shaft, renamed)
  const areaId = await areaNamed(db, siteId, entry.area)
  const { tag, name, kind, duty, criticality, hoursSource, hoursPerWeek } = entry
  const { rows } = await db.query({
    name: 'machines.saveMachine',
    text: sql.saveMachine,
    values: [
      ...[siteId, machineId, version, areaId, tag, name, kind, duty, criticality, hoursSource, hoursPerWeek],
      nextShaft && JSON.stringify(nextShaft),
    ],
  })
  if (!rows[0]) throw new ConflictError(await getMachine(db, siteId, machineId))

  const keptIds = new Set(kept.map(({ was }) => was.id))
  await retirePositions(
    db,
    before.positions.flatMap(({ id }) => (keptIds.has(id) ? [] : [id])),
  )
  await renamePositions(
    db,
    entry.positions.flatMap(({ id, name: next }, walkOrder) => (id ? [{ id, name: next, walkOrder }] : [])),
  )
  const machine: Machine = { kind, duty, shaft: nextShaft }
  for (const [walkOrder, position] of entry.positions.entries()) {
    if (position.id) continue
    const inputs = withBearing(emptyPosition(), position.designation)
    const assessment = assess(inputs, { ...machine, position: position.name }, references.catalogue, references.damage)
    await addPosition(db, { siteId, machineId, name: position.name, walkOrder, inputs, assessment, accountId })
  }
  const otherwise = kind !== before.kind || duty !== before.duty
  const bearings = new Map(
    kept.flatMap(({ was, name: now, designation }) =>
      designation === (was.designation ?? '') ? [] : [[now, designation] as const],
    ),
  )
  if (otherwise || bearings.size > 0) {
    await judgeMachine(db, references, { siteId, accountId, machineId }, (inputs, position) => {
      const designation = bearings.get(position)
      if (designation !== undefined) return withBearing(inputs, designation)
      return otherwise ? inputs : null
    })
  }
  await recordEvent(db, {
    siteId,
    accountId,
    kind: 'machine.saved',
    subjectId: machineId,
    detail: { version: version + 1, entry },
  })
}

const withPositionsRenamed = (shaft: ShaftLine, names: ReadonlyMap<string, string>): ShaftLine => ({
  ...shaft,
  supports: shaft.supports.map((support) => ({
    ...support,
    position: names.get(support.position) ?? support.position,
  })),
})

/** Takes a machine out of service or back. @throws ConflictError, NotFoundError */
export async function retireMachine(
  db: pg.PoolClient,
  { siteId, accountId }: Registrar,
  { machineId, version, retired }: { machineId: string; version: number; retired: boolean },
): Promise<void> {
  const { rows } = await db.query({
    name: 'machines.retireMachine',
    text: sql.retireMachine,
    values: [siteId, machineId, version, retired],
  })
  if (!rows[0]) throw new ConflictError(await getMachine(db, siteId, machineId))
  const kind = retired ? 'machine.retired' : 'machine.restored'
  await recordEvent(db, { siteId, accountId, kind, subjectId: machineId, detail: {} })
}
