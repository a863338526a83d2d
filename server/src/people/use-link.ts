import type { LinkDetail } from '@yardfrost/contract'
import type pg from 'pg'
import { AccessError } from '../errors/access-error.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { setPassword } from '../store/accounts.ts'
import { recordEvent } from '../store/audit.ts'
import type { Db } from '../store/database.ts'
import { findLink, storeJoined, takeLink, type PersonLink } from '../store/people.ts'
import { hashNewPassword, passwordFits } from './passwords.ts'
import { hashOfWord } from './words.ts'

async function linkOf(db: Db, word: string): Promise<PersonLink> {
  const found = await findLink(db, hashOfWord(word))
  if (!found) throw new NotFoundError('link', null, 'It has been used or has run out. Ask a planner for a new one.')
  return found
}

/**
 * Whom a link is for.
 *
 * @throws NotFoundError for one that is used up, run out, or none
 */
export async function lookAtLink(db: Db, word: string): Promise<LinkDetail> {
  const { siteName: site, name, login, expiresAt, joined } = await linkOf(db, word)
  return { site, name, login, expiresAt, asks: joined ? 'new-password' : 'own-password' }
}

/**
 * Somebody comes in by a link: sets their password, or joins another site with the one they have.
 *
 * @returns account and site they are signed in on
 * @throws NotFoundError; InputError on `password`; AccessError where it is not theirs
 */
export async function useLink(
  db: pg.PoolClient,
  { word, password }: { word: string; password: string },
): Promise<{ accountId: string; siteId: string }> {
  const link = await linkOf(db, word)
  const { accountId, siteId } = link
  if (link.joined)
    await setPassword(db, accountId, await hashNewPassword(password, [link.login, link.name, link.siteName]))
  else if (!(await passwordFits(link.passwordHash, password)))
    throw new AccessError('SIGNED_OUT', 'This is not the password you sign in with', 'Type the one of your other site.')
  // Of two who use it at once, one is too late, and nothing of theirs is kept.
  if (!(await takeLink(db, hashOfWord(word)))) throw new NotFoundError('link', null, 'It has just been used.')
  await storeJoined(db, siteId, accountId)
  await recordEvent(db, { siteId, accountId }, { kind: 'person.came-in', subjectId: accountId, detail: {} })
  return { accountId, siteId }
}
