import type { RoundDetail } from '@yardfrost/contract'
import type pg from 'pg'
import { recordEvent, type Who } from '../store/audit.ts'
import { getRound, storeClosed } from '../store/rounds.ts'
import { openRound } from './add-round-entries.ts'

/** Closes a round, whatever is left of it: a point that was not done stays due. @throws JobError, NotFoundError */
export async function closeRound(db: pg.PoolClient, who: Who, roundId: string): Promise<RoundDetail> {
  const { number } = await openRound(db, who.siteId, roundId)
  await storeClosed(db, roundId)
  await recordEvent(db, who, { kind: 'round.closed', subjectId: roundId, detail: { number } })
  return getRound(db, who.siteId, roundId)
}
