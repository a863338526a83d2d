import type { PlaceLoose, PositionDetail } from '@yardfrost/contract'
import { InputError, type References } from '@yardfrost/core'
import type pg from 'pg'
import { recordEvent, type Who } from '../store/audit.ts'
import { holdLoose, movePlaced } from '../store/loose.ts'
import { getMachine } from '../store/machines.ts'
import { getPosition } from '../store/positions.ts'
import { savePosition } from './save-position.ts'

/**
 * Takes a loose bearing to a machine, as a position of its own, with all that is kept of it; there it is judged anew.
 *
 * @throws InputError on `machineId` for a machine out of service, on `name` where the machine has such a position
 * @throws NotFoundError where either is not there, or the bearing is on a machine by now
 */
export async function placeLoose(
  db: pg.PoolClient,
  references: References,
  who: Who,
  { positionId, machineId, name }: PlaceLoose & { positionId: string },
): Promise<PositionDetail> {
  const benchId = await holdLoose(db, who.siteId, positionId)
  const machine = await getMachine(db, who.siteId, machineId)
  if (machine.retiredAt !== null)
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'machineId',
      value: machine.tag,
      allowed: 'a machine in service',
      fix: 'Take the machine back into service in the register first.',
    })
  if (machine.positions.some((one) => one.name === name))
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'name',
      value: name,
      allowed: `a name that no position of ${machine.tag} has`,
      fix: 'Take another name, or open that position and type the number there.',
    })
  await movePlaced(db, { positionId, benchId }, { machineId, name })
  const { version, inputs } = await getPosition(db, who.siteId, positionId)
  const placed = await savePosition(db, references, who, { positionId, version, inputs })
  await recordEvent(db, who, { kind: 'loose.placed', subjectId: positionId, detail: { machineId, name } })
  return placed
}
