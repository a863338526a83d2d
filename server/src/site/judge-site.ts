import type { JudgedOtherwise } from '@yardfrost/contract'
import type { References } from '@yardfrost/core'
import type pg from 'pg'
import { judgeAnew } from '../bench/judge-anew.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { inTransaction } from '../store/database.ts'
import { listPositions, takeJudging, tellJudging, type ListedPosition } from '../store/sites.ts'

/** How far it is is told no more often than this, ms. */
const tellMs = 500
/** A process that has said nothing for so long is taken to be gone, s. */
const silentS = 30
/** So many changes are told one by one. */
const mostChanges = 500

/** Judges one position anew; what it was and is, null where it is gone or nothing of its state has changed. */
async function judgeOne(
  pool: pg.Pool,
  references: References,
  siteId: string,
  { id: positionId, tag, name, state: from }: ListedPosition,
): Promise<JudgedOtherwise | null> {
  try {
    return await inTransaction(pool, async (db) => {
      const to = (await judgeAnew(db, references, siteId, positionId)) as JudgedOtherwise['to'] | null
      return to === from || to === null ? null : { id: positionId, tag, position: name, from, to }
    })
  } catch (error) {
    // Taken off its machine meanwhile.
    if (error instanceof NotFoundError) return null
    throw error
  }
}

/**
 * Judges every position of a site that waits for it, each in a transaction of its own, so that nobody waits for the whole.
 * Inputs, versions and history stay as they are. Of several processes one does it; one that ends in the middle is followed by
 * another, from the start.
 *
 * @returns whether there was one
 */
export async function judgeNext(pool: pg.Pool, references: References): Promise<boolean> {
  const taken = await takeJudging(pool, silentS)
  if (!taken) return false
  const positions = await listPositions(pool, taken.siteId)
  const changes: JudgedOtherwise[] = []
  const tell = (done: number) =>
    tellJudging(pool, taken, {
      total: positions.length,
      done,
      changes: changes.slice(0, mostChanges),
      ended: done === positions.length,
    })
  let toldAt = 0
  for (const [done, position] of positions.entries()) {
    if (Date.now() - toldAt > tellMs) {
      // Asked for anew: what was judged so far was judged by settings of before.
      if (!(await tell(done))) return true
      toldAt = Date.now()
    }
    const change = await judgeOne(pool, references, taken.siteId, position)
    if (change) changes.push(change)
  }
  await tell(positions.length)
  return true
}
