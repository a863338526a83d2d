import type { Account } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import type pg from 'pg'
import { findPassword, setPassword } from '../store/accounts.ts'
import { recordEvent } from '../store/audit.ts'
import { hashNewPassword, passwordFits } from './passwords.ts'

/**
 * Another password for whoever is signed in; their sessions of before are over.
 *
 * @returns epoch of the sessions to come
 * @throws InputError on `current` or `password`
 */
export async function changePassword(
  db: pg.PoolClient,
  { id, login, name, siteId, siteName }: Account,
  { current, password }: { current: string; password: string },
): Promise<number> {
  if (!(await passwordFits(await findPassword(db, id), current)))
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'current',
      value: 'another one',
      allowed: 'the password you sign in with now',
      fix: 'Type it again; capitals count.',
    })
  const epoch = await setPassword(db, id, await hashNewPassword(password, [login, name, siteName]))
  await recordEvent(db, { siteId, accountId: id }, { kind: 'person.password', subjectId: id, detail: {} })
  return epoch
}
