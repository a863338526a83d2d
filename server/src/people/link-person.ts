import type { GivenLink, Person } from '@yardfrost/contract'
import type pg from 'pg'
import { RefusedError } from '../errors/refused-error.ts'
import { findAccountByLogin, findSignedIn } from '../store/accounts.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { holdMember, insertLink, listPeople, type Member } from '../store/people.ts'
import { hashOfWord, newWord } from './words.ts'

/** So long a link is good, h. */
const linkHours = 72

/** One of the people of a site as the list has them. */
export async function personOf(db: pg.PoolClient, siteId: string, accountId: string): Promise<Person> {
  const found = (await listPeople(db, siteId)).find(({ id }) => id === accountId)
  if (!found) throw new Error(`${accountId} is not on ${siteId}`)
  return found
}

/** Makes a link for somebody of a site; an earlier one is worth nothing any more. */
export async function giveLink(db: pg.PoolClient, who: Who, accountId: string): Promise<GivenLink> {
  const word = newWord()
  const { siteId, accountId: madeBy } = who
  const expiresAt = await insertLink(db, { wordHash: hashOfWord(word), siteId, accountId, madeBy, hours: linkHours })
  await recordEvent(db, who, { kind: 'person.linked', subjectId: accountId, detail: { expiresAt } })
  return { person: await personOf(db, siteId, accountId), word, expiresAt }
}

/** @throws RefusedError for somebody whose password is not this site's to set, or who has left */
function refuseLink({ name, retired, joined, sites }: Member): void {
  if (retired) throw new RefusedError(`${name} has left the site`, 'Bring them back first.')
  if (joined && sites > 1)
    throw new RefusedError(
      `${name} belongs to other sites too, so a planner of one cannot set their password`,
      'They change it themselves; whoever runs the server can make a link: npm run password-link.',
    )
}

/**
 * A new link for somebody of a site who has forgotten their password, or has not come in yet.
 *
 * @throws NotFoundError; RefusedError
 */
export async function linkPerson(db: pg.PoolClient, who: Who, accountId: string): Promise<GivenLink> {
  refuseLink(await holdMember(db, who.siteId, accountId))
  return giveLink(db, who, accountId)
}

/**
 * A link for somebody no planner can help, made by whoever runs the server: its word; null where nobody has this sign-in name.
 */
export async function linkForLogin(db: pg.PoolClient, login: string): Promise<string | null> {
  const accountId = (await findAccountByLogin(db, login))?.id
  const found = accountId === undefined ? null : await findSignedIn(db, accountId, null)
  if (!found) return null
  const { id, siteId } = found.account
  return (await giveLink(db, { siteId, accountId: null }, id)).word
}
