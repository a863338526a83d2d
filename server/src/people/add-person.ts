import type { AddPerson, GivenLink } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import type pg from 'pg'
import { addAccount, findAccountByLogin } from '../store/accounts.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { insertMember } from '../store/people.ts'
import { giveLink } from './link-person.ts'

/**
 * Adds somebody to a site, with a link to come in by. Whoever has an account on another site joins with it, by their own
 * password: a planner of one site has no say over it.
 *
 * @throws InputError on `login` where somebody of this site has it
 */
export async function addPerson(db: pg.PoolClient, who: Who, { login, name, role }: AddPerson): Promise<GivenLink> {
  const fresh = await addAccount(db, login, null)
  const accountId = fresh ?? (await findAccountByLogin(db, login))?.id
  if (accountId === undefined) throw new Error(`${login} is taken and nobody has it`)
  const added = await insertMember(db, { siteId: who.siteId, accountId, name, role, joined: fresh !== null })
  if (!added)
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'login',
      value: login,
      allowed: 'a name that nobody of this site signs in with, those who have left it included',
      fix: 'Choose another, or bring back whoever has it.',
    })
  await recordEvent(db, who, { kind: 'person.added', subjectId: accountId, detail: { login, name, role } })
  return giveLink(db, who, accountId)
}
