import type { StartState } from '@yardfrost/contract'
import { reachAt, type Reach } from '../http/reach.ts'
import { passwordFits } from '../people/passwords.ts'
import { findAccountByLogin } from '../store/accounts.ts'
import type { Db } from '../store/database.ts'
import { getStartState } from '../store/starts.ts'

/** How a server that listens there stands before anybody signs in. */
export async function startState(
  db: Db,
  at: { host: string; names: readonly string[]; trustProxy: Reach['trustProxy'] },
): Promise<StartState> {
  return { ...(await getStartState(db)), asksWord: reachAt(at).asksWord }
}

/** Those of some sign-ins that work: their passwords stand in every copy of this program. */
export async function demoSignIns<A extends { login: string; password: string }>(
  db: Db,
  accounts: readonly A[],
): Promise<A[]> {
  const works: A[] = []
  for (const one of accounts) {
    const found = await findAccountByLogin(db, one.login)
    if (found && (await passwordFits(found.passwordHash, one.password))) works.push(one)
  }
  return works
}
