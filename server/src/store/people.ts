import type { Person } from '@yardfrost/contract'
import { Role } from '@yardfrost/contract'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, IdRow, maybeOne, one, run, time } from './rows.ts'

const sql = readQueries('./people.sql', import.meta.url, [
  'listPeople',
  'getPerson',
  'addMember',
  'saveMember',
  'retireMember',
  'joinMember',
  'countPlanners',
  'keepLink',
  'findLink',
  'useLink',
  'dropLinks',
])

const ListedRow = z
  .object({
    id: z.uuid(),
    login: z.string(),
    name: z.string(),
    role: Role,
    retired_at: time.nullable(),
    created_at: time,
    ready: z.boolean(),
    link_until: time.nullable(),
    seen_at: time.nullable(),
  })
  .transform(
    ({ retired_at: retiredAt, created_at: createdAt, link_until: linkUntil, seen_at: seenAt, ...row }): Person => ({
      ...row,
      retiredAt,
      createdAt,
      linkUntil,
      seenAt,
    }),
  )

/** Everybody of a site, those who have left it last. */
export const listPeople = (db: Db, siteId: string): Promise<Person[]> => any(db, sql.listPeople(siteId), ListedRow)

const MemberRow = z
  .object({
    id: z.uuid(),
    login: z.string(),
    name: z.string(),
    role: Role,
    retired_at: time.nullable(),
    joined_at: time.nullable(),
    has_password: z.boolean(),
    sites: z.int(),
  })
  .transform(({ retired_at, joined_at, has_password: hasPassword, ...row }) => ({
    ...row,
    retired: retired_at !== null,
    joined: joined_at !== null,
    hasPassword,
  }))
export type Member = z.output<typeof MemberRow>

/**
 * One of the people of a site, held until the transaction is over. `sites`: how many they belong to.
 *
 * @throws NotFoundError
 */
export async function holdMember(db: Db, siteId: string, accountId: string): Promise<Member> {
  const found = await maybeOne(db, sql.getPerson(siteId, accountId), MemberRow)
  if (!found) throw new NotFoundError('person', accountId)
  return found
}

/** Somebody belongs to a site from now on; false for one who does already. */
export const insertMember = async (
  db: Db,
  one: { siteId: string; accountId: string; name: string; role: Role; joined: boolean },
): Promise<boolean> =>
  (await maybeOne(db, sql.addMember(one.siteId, one.accountId, one.name, one.role, one.joined), IdRow)) !== null

export const storeMember = (db: Db, siteId: string, accountId: string, name: string, role: Role): Promise<void> =>
  run(db, sql.saveMember(siteId, accountId, name, role))

export const storeRetired = (db: Db, siteId: string, accountId: string, retired: boolean): Promise<void> =>
  run(db, sql.retireMember(siteId, accountId, retired))

export const storeJoined = (db: Db, siteId: string, accountId: string): Promise<void> =>
  run(db, sql.joinMember(siteId, accountId))

const PlannersRow = z.object({ planners: z.int() }).transform(({ planners }) => planners)

/** How many planners of a site can sign in; all of them held until the transaction is over. */
export const holdPlanners = (db: Db, siteId: string): Promise<number> => one(db, sql.countPlanners(siteId), PlannersRow)

const ExpiryRow = z.object({ expires_at: time }).transform(({ expires_at }) => expires_at)

/** Keeps a link by the hash of its word, in place of an earlier one; returns until when it is good. */
export const insertLink = (
  db: Db,
  link: { wordHash: string; siteId: string; accountId: string; madeBy: string | null; hours: number },
): Promise<string> =>
  one(db, sql.keepLink(link.wordHash, link.siteId, link.accountId, link.madeBy, link.hours), ExpiryRow)

const LinkRow = z
  .object({
    site_id: z.uuid(),
    account_id: z.uuid(),
    expires_at: time,
    site_name: z.string(),
    name: z.string(),
    login: z.string(),
    password_hash: z.string().nullable(),
    joined_at: time.nullable(),
  })
  .transform((row) => ({
    siteId: row.site_id,
    siteName: row.site_name,
    accountId: row.account_id,
    name: row.name,
    login: row.login,
    expiresAt: row.expires_at,
    passwordHash: row.password_hash,
    joined: row.joined_at !== null,
  }))
export type PersonLink = z.output<typeof LinkRow>

/** A link that is still good, by the hash of its word; null for any other. */
export const findLink = (db: Db, wordHash: string): Promise<PersonLink | null> =>
  maybeOne(db, sql.findLink(wordHash), LinkRow)

/** Takes a link away; false for one that is gone already. */
export const takeLink = async (db: Db, wordHash: string): Promise<boolean> =>
  (await maybeOne(db, sql.useLink(wordHash), IdRow)) !== null

export const dropLinks = (db: Db, siteId: string, accountId: string): Promise<void> =>
  run(db, sql.dropLinks(siteId, accountId))
