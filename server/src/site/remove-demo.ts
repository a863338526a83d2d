import type pg from 'pg'
import { dropUnusedAccounts } from '../store/accounts.ts'
import { deleteDemo, holdSites } from '../store/starts.ts'

/** Removes the made-up plant whole: its machines, jobs, history and people. Tells whether there was one. */
export async function removeDemo(db: pg.PoolClient): Promise<boolean> {
  await holdSites(db)
  const removed = await deleteDemo(db)
  if (removed) await dropUnusedAccounts(db)
  return removed
}
