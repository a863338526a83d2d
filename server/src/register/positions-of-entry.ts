import type { MachineEntry } from '@yardfrost/contract'
import { emptyPlain, emptyPosition, InputError, type Machine, type Position, type References } from '@yardfrost/core'
import type pg from 'pg'
import { judgement } from '../bench/judgement.ts'
import type { Who } from '../store/audit.ts'
import { addPosition } from '../bench/add-position.ts'
import { withMaker } from '../bench/with-maker.ts'

/** The refusal of a tag that is taken. */
export const tagTaken = (tag: string): InputError =>
  new InputError({
    code: 'FIELDS_DISAGREE',
    field: 'entry.tag',
    value: tag,
    allowed: 'a tag that no other machine of this site has, in service or retired',
    fix: 'Take another tag, or look the machine up in the register.',
  })

/** Inputs with another bearing, where they have one by number. */
export const withBearing = <P extends Position>(inputs: P, designation: string): P =>
  inputs.kind === 'rolling' ? { ...inputs, bearing: { ...inputs.bearing, designation } } : inputs

/**
 * Adds a position of an entry to its machine.
 *
 * @param from - inputs it takes over; those of an empty position where there are none
 */
export async function addEntryPosition(
  db: pg.PoolClient,
  references: References,
  who: Who,
  at: { machineId: string; machine: Machine; walkOrder: number },
  { name, designation, kind }: MachineEntry['positions'][number],
  from: Position = kind === 'plain' ? emptyPlain() : emptyPosition(),
): Promise<string> {
  const inputs = withBearing(from, designation)
  const machine = await withMaker(db, references, who.siteId, { ...at.machine, position: name }, inputs)
  const judged = judgement(inputs, machine, references)
  const { machineId, walkOrder } = at
  return addPosition(db, { ...who, machineId, name, walkOrder, inputs }, judged)
}
