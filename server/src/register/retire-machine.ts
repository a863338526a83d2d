import type { RetireMachine } from '@yardfrost/contract'
import type pg from 'pg'
import { ConflictError } from '../errors/conflict-error.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { getMachine, storeService } from '../store/machines.ts'

/** Takes a machine out of service or back. @throws ConflictError when somebody saved in between; NotFoundError */
export async function retireMachine(
  db: pg.PoolClient,
  who: Who,
  { machineId, version, retired }: RetireMachine & { machineId: string },
): Promise<void> {
  if (!(await storeService(db, { siteId: who.siteId, machineId, version, retired })))
    throw new ConflictError(await getMachine(db, who.siteId, machineId))
  const kind = retired ? 'machine.retired' : 'machine.restored'
  await recordEvent(db, who, { kind, subjectId: machineId, detail: {} })
}
