import type { SaveShaft, ShaftDetail } from '@yardfrost/contract'
import type { References } from '@yardfrost/core'
import type pg from 'pg'
import { ConflictError } from '../errors/conflict-error.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { getShaft, storeShaft } from '../store/shafts.ts'
import { judgeMachine } from './judge-machine.ts'

/**
 * Saves the shaft of a machine, and judges every position under it anew.
 *
 * @param save.feed - positions that stand on the shaft take their loads from it from now on
 * @throws ConflictError with the shaft as it is now, when somebody saved in between; NotFoundError
 */
export async function saveShaft(
  db: pg.PoolClient,
  references: References,
  who: Who,
  { machineId, version, shaft, feed }: SaveShaft & { machineId: string },
): Promise<ShaftDetail> {
  if (!(await storeShaft(db, { siteId: who.siteId, machineId, version, shaft })))
    throw new ConflictError(await getShaft(db, who.siteId, machineId))
  const detail = { version: version + 1, shaft }
  await recordEvent(db, who, { kind: 'shaft.saved', subjectId: machineId, detail })
  const stands = new Set(shaft.supports.map(({ position }) => position))
  await judgeMachine(db, references, who, machineId, (inputs, name) => {
    const fed = stands.has(name) && (feed || inputs.load.from === 'shaft-line')
    if (!fed) return null
    return inputs.kind === 'plain'
      ? { ...inputs, load: { ...inputs.load, from: 'shaft-line' } }
      : { ...inputs, load: { ...inputs.load, from: 'shaft-line' } }
  })
  return getShaft(db, who.siteId, machineId)
}
