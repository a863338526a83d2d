import type { PositionDetail, SavePosition } from '@yardfrost/contract'
import { InputError, type References } from '@yardfrost/core'
import type pg from 'pg'
import { ConflictError } from '../errors/conflict-error.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { keepAsked } from '../round/keep-asked.ts'
import { holdPosition, storePosition } from '../store/positions.ts'
import { judgement } from './judgement.ts'
import { openPosition } from './open-position.ts'
import { withMaker } from './with-maker.ts'

/**
 * Saves a position: its inputs, what they come to on its machine as it stands in this transaction, the revision, the event.
 *
 * @param save.version - the version the person started from
 * @throws ConflictError with the position as it is now, when somebody saved in between; NotFoundError
 * @throws InputError on `inputs.kind`: a position keeps its kind
 */
export async function savePosition(
  db: pg.PoolClient,
  references: References,
  who: Who,
  { positionId, version, inputs }: SavePosition & { positionId: string },
): Promise<PositionDetail> {
  const { machine, inputs: before } = await holdPosition(db, who.siteId, positionId)
  if (inputs.kind !== before.kind)
    throw new InputError({
      code: 'NOT_ONE_OF',
      field: 'inputs.kind',
      value: inputs.kind,
      allowed: `${before.kind}, as this position is`,
      fix: 'Take the position off the machine and add one of the other kind.',
    })
  const judged = judgement(inputs, await withMaker(db, references, who.siteId, machine, inputs), references)
  if (!(await storePosition(db, { ...who, positionId, version, inputs }, judged)))
    throw new ConflictError(await openPosition(db, references, who.siteId, positionId))
  await keepAsked(db, who.siteId, positionId, judged.points)
  const { state, lifeH } = judged
  const detail = { version: version + 1, state, lifeH }
  await recordEvent(db, who, { kind: 'position.saved', subjectId: positionId, detail })
  return openPosition(db, references, who.siteId, positionId)
}
