import type { FindingDetail } from '@yardfrost/contract'
import { InputError, type FindingEntry, type References } from '@yardfrost/core'
import type pg from 'pg'
import { recordEvent, type Who } from '../store/audit.ts'
import { getFinding, getPlace, insertFinding } from '../store/log.ts'

/**
 * Keeps a finding, linked to the bearing that is in the position; one that was sent before is kept once.
 *
 * @throws InputError on `cause` for one that the knowledge base does not have; NotFoundError
 */
export async function keepFinding(
  db: pg.PoolClient,
  { damage }: References,
  who: Who,
  { positionId, entry }: { positionId: string; entry: FindingEntry },
): Promise<FindingDetail> {
  await getPlace(db, who.siteId, positionId)
  if (entry.cause !== null && !damage.causes.some(({ cause }) => cause === entry.cause))
    throw new InputError({
      code: 'NOT_ONE_OF',
      field: 'cause',
      value: entry.cause,
      allowed: 'a cause of the knowledge base, or none',
      fix: 'Choose one of the causes that are shown.',
    })
  const added = await insertFinding(db, who, positionId, entry)
  if (added) {
    const detail = { positionId, cause: entry.cause, why: entry.why }
    await recordEvent(db, who, { kind: 'finding.kept', subjectId: entry.id, detail })
  }
  return getFinding(db, who.siteId, entry.id)
}
