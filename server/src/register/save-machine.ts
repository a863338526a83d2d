import type { MachineEntry } from '@yardfrost/contract'
import type { References, ShaftLine } from '@yardfrost/core'
import type pg from 'pg'
import { judgeMachine } from '../bench/judge-machine.ts'
import { ConflictError } from '../errors/conflict-error.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { reckonDue } from '../round/reckon-due.ts'
import { areaNamed } from '../store/areas.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { findByTag, getMachine, storeMachine } from '../store/machines.ts'
import { renamePositions, retirePositions } from '../store/positions.ts'
import { getShaft } from '../store/shafts.ts'
import { addEntryPosition, tagTaken, withBearing } from './positions-of-entry.ts'

/**
 * Changes the entry of a machine and its positions: positions are renamed on the shaft too, those left out are retired, and
 * what is judged otherwise now is judged anew.
 *
 * @throws ConflictError with the machine as it is now, when somebody saved in between; InputError on `entry.tag` when taken
 * @throws NotFoundError for the machine, or a position that is not one of its own
 */
export async function saveMachine(
  db: pg.PoolClient,
  references: References,
  who: Who,
  { machineId, version, entry }: { machineId: string; version: number; entry: MachineEntry },
): Promise<void> {
  const { siteId } = who
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
  const { shaft: line } = await getShaft(db, siteId, machineId)
  const shaft = line && withPositionsRenamed(line, new Map(kept.map(({ was, name }) => [was.name, name])))
  const areaId = await areaNamed(db, siteId, entry.area)
  if (!(await storeMachine(db, { siteId, machineId, version }, { ...entry, areaId }, shaft)))
    throw new ConflictError(await getMachine(db, siteId, machineId))

  const keptIds = new Set(kept.map(({ was }) => was.id))
  const gone = before.positions.filter(({ id }) => !keptIds.has(id)).map(({ id }) => id)
  if (gone.length > 0) await retirePositions(db, gone)
  await renamePositions(
    db,
    entry.positions.flatMap(({ id, name }, walkOrder) => (id ? [{ id, name, walkOrder }] : [])),
  )
  const { kind, duty } = entry
  for (const [walkOrder, position] of entry.positions.entries())
    if (!position.id)
      await addEntryPosition(db, references, who, { machineId, machine: { kind, duty, shaft }, walkOrder }, position)
  const otherwise = kind !== before.kind || duty !== before.duty
  const bearings = new Map(
    kept.flatMap(({ was, name, designation }) =>
      designation === (was.designation ?? '') ? [] : [[name, designation] as const],
    ),
  )
  if (otherwise || bearings.size > 0) {
    await judgeMachine(db, references, who, machineId, (inputs, name) => {
      const designation = bearings.get(name)
      if (designation !== undefined) return withBearing(inputs, designation)
      return otherwise ? inputs : null
    })
  }
  // Its hours may come from elsewhere now.
  await reckonDue(db, siteId, { machineId })
  const detail = { version: version + 1, entry }
  await recordEvent(db, who, { kind: 'machine.saved', subjectId: machineId, detail })
}

const withPositionsRenamed = (shaft: ShaftLine, names: ReadonlyMap<string, string>): ShaftLine => ({
  ...shaft,
  supports: shaft.supports.map((support) => ({
    ...support,
    position: names.get(support.position) ?? support.position,
  })),
})
