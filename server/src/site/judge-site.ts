import type { References } from '@yardfrost/core'
import type pg from 'pg'
import { judgement } from '../bench/judgement.ts'
import { inTransaction } from '../store/database.ts'
import { holdPosition, storeJudgement } from '../store/positions.ts'
import { listPositionIds } from '../store/sites.ts'

/**
 * Judges every position of a site anew, each in a transaction of its own, so that nobody waits for the whole. Inputs, versions
 * and history stay as they are.
 */
export async function judgeSite(pool: pg.Pool, references: References, siteId: string): Promise<void> {
  for (const positionId of await listPositionIds(pool, siteId))
    await inTransaction(pool, async (db) => {
      const { inputs, machine, version } = await holdPosition(db, siteId, positionId)
      await storeJudgement(db, { positionId, version }, judgement(inputs, machine, references))
    })
}
