import type { MachineEntry } from '@yardfrost/contract'
import { forAnotherMachine, type References } from '@yardfrost/core'
import type pg from 'pg'
import { areaNamed } from '../store/areas.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { insertMachine } from '../store/machines.ts'
import { getShaft } from '../store/shafts.ts'
import { addEntryPosition, tagTaken } from './positions-of-entry.ts'

/**
 * Adds a machine with its positions.
 *
 * @param copyOf - machine whose shaft, and whose positions' inputs by name, the new one takes over
 * @returns id of the new machine
 * @throws InputError on `entry.tag` when it is taken; NotFoundError for a machine to copy that is not there
 */
export async function addMachine(
  db: pg.PoolClient,
  references: References,
  who: Who,
  entry: MachineEntry,
  copyOf: string | null = null,
): Promise<string> {
  const copied = copyOf === null ? null : await getShaft(db, who.siteId, copyOf)
  const shaft = copied?.shaft ?? null
  const areaId = await areaNamed(db, who.siteId, entry.area)
  const machineId = await insertMachine(db, who.siteId, { ...entry, areaId }, shaft)
  if (!machineId) throw tagTaken(entry.tag)
  const inputsOf = new Map(copied?.positions.map(({ name, inputs }) => [name, forAnotherMachine(inputs)]))
  const machine = { kind: entry.kind, duty: entry.duty, shaft }
  for (const [walkOrder, position] of entry.positions.entries())
    await addEntryPosition(db, references, who, { machineId, machine, walkOrder }, position, inputsOf.get(position.name)) // prettier-ignore
  await recordEvent(db, who, { kind: 'machine.added', subjectId: machineId, detail: { entry, copyOf } })
  return machineId
}
