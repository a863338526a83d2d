import type { MakeSite } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import type pg from 'pg'
import type { z } from 'zod'
import { AccessError } from '../errors/access-error.ts'
import { hashNewPassword } from '../people/passwords.ts'
import { hashOfWord, newWord } from '../people/words.ts'
import { addAccount } from '../store/accounts.ts'
import { recordEvent } from '../store/audit.ts'
import { insertMember } from '../store/people.ts'
import { findStart, getStartState, holdSites, insertSite, keepStart, takeStart } from '../store/starts.ts'
import type { Db } from '../store/database.ts'

/** So long a word of the start is good, h. */
const startHours = 72

/** A word with which somebody may make a site; it is shown once. */
export async function offerStart(db: Db, siteName: string): Promise<string> {
  const word = newWord()
  await keepStart(db, hashOfWord(word), siteName, startHours)
  return word
}

/**
 * Makes a site and its first planner: with a word that was printed at the start, or, where none is asked for, while there is
 * no site at all.
 *
 * @param asksWord - whether the first site wants a word too
 * @returns account and site they are signed in on
 * @throws AccessError; InputError on `site`, `login` or `password`
 */
export async function makeSite(
  db: pg.PoolClient,
  asksWord: boolean,
  { word, site, customs, login, name, password }: z.output<typeof MakeSite>,
): Promise<{ accountId: string; siteId: string }> {
  await holdSites(db)
  const free = !asksWord && (await getStartState(db)).empty
  if (!free && !(word !== '' && (await findStart(db, hashOfWord(word)))))
    throw new AccessError(
      'NOT_ALLOWED',
      'A site can be made only with the address that was printed when Yardfrost was started',
      'Whoever runs the server starts it with --site "Name" and passes the address on.',
    )
  if (word !== '') await takeStart(db, hashOfWord(word))
  const siteId = await insertSite(db, site, { customs })
  if (siteId === null) throw taken('site', site, 'a name that no other site has')
  const accountId = await addAccount(db, login, await hashNewPassword(password, [login, name, site]))
  if (accountId === null) throw taken('login', login, 'a name that nobody signs in with yet')
  await insertMember(db, { siteId, accountId, name, role: 'planner', joined: true })
  await recordEvent(db, { siteId, accountId }, { kind: 'site.made', subjectId: siteId, detail: { site, login } })
  return { accountId, siteId }
}

const taken = (field: string, value: string, allowed: string): InputError =>
  new InputError({ code: 'FIELDS_DISAGREE', field, value, allowed, fix: 'Choose another.' })
